package org.leanlintel.core.edit.sound;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.MitredJoint;
import org.leanlintel.core.building.WallBodies;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Relations.WallEndRef;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/**
 * Whether three or more walls at one corner can be built: their plies neither overlap nor leave a hole or a gap between them, and
 * fill what each of them takes. Two always can. Of more, the faces of some lie too far apart to be joined ply by ply: these are
 * cut whole ({@link Meeting.Mitred}), unless the drafter decided otherwise. Some lie too close together for that too. A corner
 * of an earlier project that leaves more empty may stay so.
 */
public final class ManyArms {

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
        }
        if (ends.stream().allMatch(r -> r.wall().isStraight()))
            outlines.addAll(MitredJoint.shares(building, ends, 2 * thickest));
    }

    /** A change with the corners of its walls cut whole where they can't be joined ply by ply, and not where too few are left. */
    public static Change cutWhole(Building before, Change change, Building after) {
        List<Corner> decided = new ArrayList<>();
        for (ElementId id : corners(after)) {
            Corner corner = after.model().get(id, Corner.class);
            List<WallEndRef> ends = after.model().relations().endsAt(id);
            if (corner.meeting() instanceof Meeting.Mitred
                    && before.model().find(id) instanceof Corner was
                    && was.meeting().equals(corner.meeting())
                    && !canBeCut(ends)) decided.add(corner.decided(new Meeting.ByRule()));
            else if (corner.meeting() instanceof Meeting.ByRule && canBeCut(ends) && !fits(before, after, id, ends))
                decided.add(corner.decided(new Meeting.Mitred()));
        }
        if (decided.isEmpty()) return change;
        return change.then(before.model(), Change.to(after.model(), change.name(), decided, List.of()));
    }

    /** Of corners that nobody decided, {@link #cutWhole} has seen to those that can be. */
    static @Nullable Refusal check(Building before, Building after) {
        for (ElementId id : corners(after)) {
            List<WallEndRef> ends = after.model().relations().endsAt(id);
            Meeting meeting = after.model().get(id, Corner.class).meeting();
            boolean decided = !(meeting instanceof Meeting.ByRule);
            if (meeting instanceof Meeting.Mitred && !canBeCut(ends))
                return Refusal.because("Only three or more straight walls can be cut whole at a corner.", id);
            if (ends.size() < 3 || !decided && canBeCut(ends) || fits(before, after, id, ends)) continue;
            String marks =
                    String.join(", ", ends.stream().map(r -> r.wall().mark()).toList());
            return Refusal.because(
                    "%s do not fit together at one corner: let one stand against another's side instead."
                            .formatted(marks),
                    ends.stream().map(r -> r.wall().id()).toArray(ElementId[]::new));
        }
        return null;
    }

    /** Those at which walls were fitted anew. */
    private static Set<ElementId> corners(Building building) {
        Set<ElementId> corners = new LinkedHashSet<>();
        for (ElementId id : building.fitted())
            if (building.model().find(id) instanceof Wall wall)
                for (End end : End.values()) if (wall.at(end) instanceof WallEnd.AtCorner c) corners.add(c.corner());
        return corners;
    }

    private static boolean canBeCut(List<WallEndRef> ends) {
        return ends.size() > 2 && ends.stream().allMatch(r -> r.wall().isStraight());
    }

    private static boolean fits(Building before, Building after, ElementId corner, List<WallEndRef> ends) {
        ManyArms arms = new ManyArms(after, ends);
        boolean mitred = after.model().get(corner, Corner.class).meeting() instanceof Meeting.Mitred;
        return arms.stand() && (mitred || arms.fill(before, corner));
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

    /** Whether pieces that touch, but for rounding, are one whole. */
    private static boolean hold(List<Area> pieces) {
        double touch = 2 * Tolerance.SAME_MM;
        return Area.union(pieces.stream().map(a -> a.grown(touch)).toList()).pieces() == 1;
    }
}
