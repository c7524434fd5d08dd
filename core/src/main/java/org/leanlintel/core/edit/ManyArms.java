package org.leanlintel.core.edit;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.Strip;
import org.leanlintel.core.building.WallBodies;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Relations.WallEndRef;

/**
 * Whether three or more walls at one corner can be built: their plies neither overlap nor leave a hole or a gap between them, and
 * fill what each of them takes. Two always can; of more, some lie too close together, or their faces too far apart.
 */
final class ManyArms {

    private ManyArms() {}

    static @Nullable Refusal check(Building building, ElementId corner) {
        List<WallEndRef> ends = building.model().relations().endsAt(corner);
        if (ends.size() < 3) return null;
        if (fit(building, ends)) return null;
        String marks = String.join(", ", ends.stream().map(r -> r.wall().mark()).toList());
        return Refusal.because(
                "%s do not fit together at one corner: let one stand against another's side instead.".formatted(marks),
                ends.stream().map(r -> r.wall().id()).toArray(ElementId[]::new));
    }

    private static boolean fit(Building building, List<WallEndRef> ends) {
        double thickest = 0;
        for (WallEndRef ref : ends) {
            if (!(building.solid(ref.wall().id()) instanceof WallSolid s)) continue;
            if (!WallBodies.areClean(s)) return false;
            thickest = Math.max(thickest, s.strip().thickness());
        }
        List<Area> pieces = new ArrayList<>(), outlines = new ArrayList<>();
        for (WallEndRef ref : ends) {
            if (!(building.solid(ref.wall().id()) instanceof WallSolid s)) continue;
            pieces.addAll(WallBodies.near(s, ref.end(), 4 * thickest));
            outlines.add(outline(s.strip(), ref.end(), 2 * thickest));
        }
        Area union = Area.union(pieces);
        double overlap = pieces.stream().mapToDouble(Area::mm2).sum() - union.mm2();
        return overlap <= Tolerance.SLIVER_MM2
                && union.holesMm2() <= Tolerance.SLIVER_MM2
                && hold(pieces)
                && Area.union(outlines).minus(union).mm2() <= Tolerance.CORNER_MM2;
    }

    /** What a wall takes near one of its ends, before it is joined there: a straight one's plain strip from its corner on. */
    private static Area outline(Strip strip, End end, double length) {
        double far = Math.min(length, strip.length());
        double from = end == End.START ? 0 : strip.length() - far, to = end == End.START ? far : strip.length();
        return Area.of(strip.ring(from, to, strip.lo(), strip.hi()));
    }

    /** Whether pieces that touch, but for rounding, are one whole. */
    private static boolean hold(List<Area> pieces) {
        double touch = 2 * Tolerance.SAME_MM;
        return Area.union(pieces.stream().map(a -> a.grown(touch)).toList()).pieces() == 1;
    }
}
