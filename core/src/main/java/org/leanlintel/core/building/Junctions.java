package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Arm;
import org.leanlintel.core.building.join.CornerJoint;
import org.leanlintel.core.building.join.Couple;
import org.leanlintel.core.building.join.EndJoint;
import org.leanlintel.core.building.join.SideJoint;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.StarJoint;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Relations.WallEndRef;
import org.leanlintel.core.model.WallEnd;

/**
 * Which walls each end of a wall meets, and how. Where three or more ends share a corner, two of them make it and each
 * other stands on one of these ({@link Couple}), or all share the middle ({@link StarJoint}), or are cut whole ({@link
 * MitredJoint}).
 */
final class Junctions {

    private final Building building;
    private final Model model;

    Junctions(Building building) {
        this.building = building;
        model = building.model();
    }

    /** Where linings of walls' own end. */
    LiningEnds linings() {
        return new LiningEnds(building, this);
    }

    EndJoint joint(Strip strip, End end) {
        return joint(strip, end, this::onSide);
    }

    private EndJoint joint(Strip strip, End end, Standing standing) {
        Arm arm = new Arm(strip, end);
        return switch (strip.wall().at(end)) {
            case WallEnd.OnSide side -> standing.on(arm, building.strip(side.wall()), side.reach());
            case WallEnd.AtCorner corner -> atCorner(arm, armsAt(corner.corner()), meetingAt(corner), standing);
        };
    }

    /** How a wall that stands on a side of another ends. */
    private interface Standing {
        EndJoint on(Arm arm, @Nullable Strip host, WallEnd.Reach reach);
    }

    /**
     * Where a wall is seen to start or end along its set-out line, as s: at a corner, the corner; against a wall, that
     * wall's face. Openings are placed from there.
     */
    double visibleEnd(Strip strip, End end) {
        Arm arm = new Arm(strip, end);
        if (!(strip.wall().at(end) instanceof WallEnd.OnSide side)) return arm.s(0);
        Strip host = building.strip(side.wall());
        return host == null ? arm.s(0) : attached(arm, host, side.reach()).faceAlongSetOut();
    }

    /** How things lie along a wall. */
    Placings placings(Strip strip) {
        return new Placings(
                strip,
                joint(strip, End.START),
                joint(strip, End.END),
                visibleEnd(strip, End.START),
                visibleEnd(strip, End.END),
                standingOn(strip));
    }

    /** The middle of an opening on its wall's set-out line; null where it is not there or waits for itself. */
    @Nullable
    Vec middleOf(ElementId opening, Set<ElementId> waiting) {
        if (!(model.find(opening, Opening.class) instanceof Opening o)) return null;
        Strip strip = building.strip(o.wall());
        if (strip == null) return null;
        List<Opening> there = model.relations().openingsIn(o.wall());
        Span span = new OpeningPlaces(placings(strip), this, there, waiting).here(opening);
        return span == null ? null : strip.at((span.from() + span.to()) / 2, 0);
    }

    /** The walls that stand on {@code host}: those attached to its side, and the extra arms at its corners. */
    List<SideJoint> standingOn(Strip host) {
        List<SideJoint> joints = attachedTo(host);
        for (End end : End.values()) {
            if (host.wall().at(end) instanceof WallEnd.AtCorner c)
                addExtraArms(host, armsAt(c.corner()), meetingAt(c), joints);
        }
        return joints;
    }

    private void addExtraArms(Strip host, List<Arm> arms, Meeting meeting, List<SideJoint> joints) {
        boolean none = arms.size() < 3 || lieOverEachOther(arms) || MitredJoint.cuts(arms, meeting);
        Couple couple = none ? null : Couple.of(arms, meeting);
        if (couple == null || couple.first().strip() != host && couple.second().strip() != host) return;
        for (Arm arm : arms)
            if (!couple.has(arm) && couple.interrupts(arm, host))
                joints.add(SideJoint.of(arm, host, WallEnd.Reach.STRUCTURE));
    }

    private EndJoint onSide(Arm arm, @Nullable Strip host, WallEnd.Reach reach) {
        return host == null
                ? EndJoint.free(arm.strip(), arm.s(0))
                : attached(arm, host, reach).end(goingThrough(host));
    }

    /** Without what other walls make of it, so that walls may stand on each other in turn. */
    private static EndJoint onSideAlone(Arm arm, @Nullable Strip host, WallEnd.Reach reach) {
        return host == null
                ? EndJoint.free(arm.strip(), arm.s(0))
                : SideJoint.of(arm, host, reach).end(List.of());
    }

    /** A wall on a host's side: near an end of the host, no deeper than the host's plies reach. */
    private SideJoint attached(Arm arm, Strip host, WallEnd.Reach reach) {
        SideJoint joint = SideJoint.of(arm, host, reach);
        if (!joint.isAttached() || !joint.isNearAnEnd()) return joint;
        return joint.within(
                joint(host, End.START, Junctions::onSideAlone), joint(host, End.END, Junctions::onSideAlone));
    }

    /** The walls attached to {@code host}, where the structure of one goes through its own; else none matter. */
    private List<SideJoint> goingThrough(Strip host) {
        List<SideJoint> attached = attachedTo(host);
        return attached.stream().anyMatch(SideJoint::goesThrough) ? attached : List.of();
    }

    private List<SideJoint> attachedTo(Strip host) {
        List<SideJoint> joints = new ArrayList<>();
        for (WallEndRef ref : model.relations().endsOn(host.wall().id())) {
            Strip strip = building.strip(ref.wall().id());
            if (strip == null || !(ref.wall().at(ref.end()) instanceof WallEnd.OnSide side)) continue;
            joints.add(attached(new Arm(strip, ref.end()), host, side.reach()));
        }
        return joints;
    }

    private EndJoint atCorner(Arm arm, List<Arm> arms, Meeting meeting, Standing standing) {
        if (arms.size() < 2) {
            return meeting instanceof Meeting.Returned
                    ? EndJoint.returned(arm.strip(), arm.end(), arm.s(0))
                    : EndJoint.free(arm.strip(), arm.s(0));
        }
        if (arms.size() == 2)
            return CornerJoint.between(arm, arms.get(0).equals(arm) ? arms.get(1) : arms.get(0), meeting);
        if (lieOverEachOther(arms)) return EndJoint.free(arm.strip(), arm.s(0));
        if (MitredJoint.cuts(arms, meeting)) return new MitredJoint(arms).end(arm);
        Couple couple = Couple.of(arms, meeting);
        if (couple == null) return new StarJoint(arms).end(arm);
        if (couple.has(arm)) return couple.end(arm, arms);
        Strip host = couple.hostOf(arm).strip();
        return Couple.crosses(arm, host)
                ? standing.on(arm, host, WallEnd.Reach.STRUCTURE)
                : EndJoint.free(arm.strip(), arm.s(0));
    }

    /** Walls that run the same way from one corner lie one on the other: no joint makes them buildable, and {@code Soundness} says so. */
    private static boolean lieOverEachOther(List<Arm> arms) {
        for (Arm a : arms)
            for (Arm b : arms)
                if (a != b
                        && Math.abs(a.direction().cross(b.direction())) < Tolerance.PARALLEL_SINE
                        && a.direction().dot(b.direction()) > 0) return true;
        return false;
    }

    private Meeting meetingAt(WallEnd.AtCorner end) {
        return model.get(end.corner(), Corner.class).meeting();
    }

    List<Arm> armsAt(ElementId corner) {
        return model.relations().endsAt(corner).stream()
                .map(ref -> building.strip(ref.wall().id()) instanceof Strip s ? new Arm(s, ref.end()) : null)
                .filter(Objects::nonNull)
                .toList();
    }
}
