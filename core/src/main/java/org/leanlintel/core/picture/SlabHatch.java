package org.leanlintel.core.picture;

import java.util.List;
import org.leanlintel.core.building.join.Slab;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Vec;

/** Hatches a stretch of a strip between two offsets. */
public final class SlabHatch {

    private SlabHatch() {}

    /** One that is cut square. */
    public static void paint(Strip strip, Slab slab, double scale, Pens pens) {
        PlyHatch hatch = new PlyHatch(slab.material().hatch(), scale, pens);
        List<Vec> ring = strip.ring(slab.from(), slab.to(), slab.lo(), slab.hi());
        paint(strip, hatch, ring, slab.from(), slab.to(), slab.lo(), slab.hi());
    }

    /** @param ring round it; @param from where a pattern that goes from face to face begins; @param to likewise ends */
    public static void paint(
            Strip strip, PlyHatch hatch, List<Vec> ring, double from, double to, double lo, double hi) {
        hatch.within(List.of(ring));
        if (to <= from) return;
        Vec start = strip.at(from, lo);
        if (strip.axis().isStraight())
            hatch.between(start, strip.at(to, lo), strip.at(from, hi).minus(start));
        else hatch.round(from, to, hi - lo, (s, part) -> strip.at(s, lo + (hi - lo) * part));
    }
}
