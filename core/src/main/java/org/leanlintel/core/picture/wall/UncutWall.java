package org.leanlintel.core.picture.wall;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.picture.Pens;

/** The outline of a wall that the cut misses or that is to be taken down, where its two faces are seen. */
final class UncutWall {

    private static final String TOP = "#fffefb";

    private UncutWall() {}

    static void paint(WallSolid solid, double cutMm, Pens pens) {
        boolean overhead = cutMm < solid.levelMm() + solid.footMm();
        List<Vec> ring = ring(solid);
        if (!overhead) pens.fill(TOP, ring);
        pens.closed(overhead ? PenRole.OVERHEAD : PenRole.EDGE, ring);
    }

    static void paintRemoved(WallSolid solid, Pens pens) {
        pens.closed(PenRole.REMOVED, ring(solid));
    }

    private static List<Vec> ring(WallSolid solid) {
        Strip strip = solid.strip();
        Span right = solid.face(Side.RIGHT), left = solid.face(Side.LEFT);
        List<Vec> ring = new ArrayList<>(strip.along(right.from(), right.to(), strip.lo()));
        ring.addAll(strip.along(left.from(), left.to(), strip.hi()).reversed());
        return ring;
    }
}
