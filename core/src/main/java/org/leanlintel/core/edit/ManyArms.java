package org.leanlintel.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
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
 * fill what each of them takes. Two always can; of more, some lie too close together, or their faces too far apart. A corner of
 * an earlier project that leaves more empty may stay so.
 */
final class ManyArms {

    /** Whether each body is a plain outline, so that areas can be had of them. */
    private final boolean clean;

    private final List<Area> pieces = new ArrayList<>(), outlines = new ArrayList<>();

    private ManyArms(Building building, List<WallEndRef> ends) {
        List<WallSolid> solids = ends.stream()
                .map(r -> building.solid(r.wall().id()))
                .filter(Objects::nonNull)
                .toList();
        clean = solids.stream().allMatch(WallBodies::areClean);
        if (!clean) return;
        double thickest =
                solids.stream().mapToDouble(w -> w.strip().thickness()).max().orElse(0);
        for (WallEndRef ref : ends) {
            if (!(building.solid(ref.wall().id()) instanceof WallSolid s)) continue;
            pieces.addAll(WallBodies.near(s, ref.end(), 4 * thickest));
            outlines.add(outline(s.strip(), ref.end(), 2 * thickest));
        }
    }

    static @Nullable Refusal check(Building before, Building after, ElementId corner) {
        List<WallEndRef> ends = after.model().relations().endsAt(corner);
        if (ends.size() < 3) return null;
        ManyArms arms = new ManyArms(after, ends);
        if (arms.stand() && arms.fill(before, corner)) return null;
        String marks = String.join(", ", ends.stream().map(r -> r.wall().mark()).toList());
        return Refusal.because(
                "%s do not fit together at one corner: let one stand against another's side instead.".formatted(marks),
                ends.stream().map(r -> r.wall().id()).toArray(ElementId[]::new));
    }

    private static double emptyMm2(Building building, ElementId corner) {
        List<WallEndRef> ends = building.model().relations().endsAt(corner);
        return ends.size() < 3 ? 0 : new ManyArms(building, ends).emptyMm2();
    }

    private boolean stand() {
        if (!clean) return false;
        Area union = Area.union(pieces);
        double overlap = pieces.stream().mapToDouble(Area::mm2).sum() - union.mm2();
        return overlap <= Tolerance.SLIVER_MM2 && union.holesMm2() <= Tolerance.SLIVER_MM2 && hold(pieces);
    }

    private boolean fill(Building before, ElementId corner) {
        double empty = emptyMm2();
        return empty <= Tolerance.CORNER_MM2 || empty <= emptyMm2(before, corner) + Tolerance.SLIVER_MM2;
    }

    /** What the walls take and none of their plies fills. */
    private double emptyMm2() {
        return Area.union(outlines).minus(Area.union(pieces)).mm2();
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
