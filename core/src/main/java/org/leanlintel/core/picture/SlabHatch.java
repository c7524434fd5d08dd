package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Slab;
import org.leanlintel.core.building.Strip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Hatch;
import org.leanlintel.core.model.PenRole;

/** Hatches a stretch of a strip between two offsets, cut square; round an arc, chord by chord. */
final class SlabHatch {

    private SlabHatch() {}

    static void paint(Strip strip, Slab slab, double scale, Pens pens) {
        paint(strip, slab.material().hatch(), slab.from(), slab.to(), slab.lo(), slab.hi(), scale, pens);
    }

    static void paint(Strip strip, Hatch hatch, double from, double to, double lo, double hi, double scale, Pens pens) {
        boolean faceToFace =
                switch (hatch.pattern()) {
                    case WAVE, ZIGZAG -> true;
                    case NONE, DIAGONAL, CROSSED -> false;
                };
        List<Double> at = new ArrayList<>(List.of(from));
        if (!faceToFace) at.addAll(strip.steps(from, to));
        at.add(to);
        PlyHatch ply = new PlyHatch(hatch, scale, hi - lo);
        for (int i = 1; i < at.size(); i++) {
            double one = at.get(i - 1), two = at.get(i);
            List<Vec> ring = List.of(strip.at(one, lo), strip.at(two, lo), strip.at(two, hi), strip.at(one, hi));
            ply.lines(ring, one, two, (s, part) -> strip.at(s, lo + (hi - lo) * part))
                    .forEach(line -> pens.line(PenRole.HATCH, line));
        }
    }
}
