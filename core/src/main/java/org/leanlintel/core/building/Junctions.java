package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Relations.WallEndRef;
import org.leanlintel.core.model.WallEnd;

/**
 * Which walls each end of a wall meets, and how. Where three or more ends share a corner, two of them make the corner
 * (those most nearly in line, else the first two) and each other stands on the one of these it is most square to.
 */
final class Junctions {

    private final Model model;
    private final Map<ElementId, Strip> strips;

    Junctions(Model model, Map<ElementId, Strip> strips) {
        this.model = model;
        this.strips = strips;
    }

    EndJoint joint(Strip strip, End end) {
        Arm arm = new Arm(strip, end);
        return switch (strip.wall().at(end)) {
            case WallEnd.OnSide side -> onSide(arm, strips.get(side.wall()), side.reach());
            case WallEnd.AtCorner corner -> atCorner(arm, armsAt(corner.corner()));
        };
    }

    /**
     * Where a wall is seen to start or end along its set-out line, as s: at a corner, the corner; against a wall, that
     * wall's face. Openings are placed from there.
     */
    double visibleEnd(Strip strip, End end) {
        Arm arm = new Arm(strip, end);
        if (!(strip.wall().at(end) instanceof WallEnd.OnSide side)) return arm.s(0);
        Strip host = strips.get(side.wall());
        return host == null ? arm.s(0) : SideJoint.of(arm, host, side.reach()).faceAlongSetOut();
    }

    /** The walls that stand on {@code host}: those attached to its side, and the extra arms at its corners. */
    List<SideJoint> standingOn(Strip host) {
        List<SideJoint> joints = new ArrayList<>();
        for (WallEndRef ref : model.relations().endsOn(host.wall().id())) {
            Strip strip = strips.get(ref.wall().id());
            if (strip == null || !(ref.wall().at(ref.end()) instanceof WallEnd.OnSide side)) continue;
            joints.add(SideJoint.of(new Arm(strip, ref.end()), host, side.reach()));
        }
        for (End end : End.values()) {
            if (host.wall().at(end) instanceof WallEnd.AtCorner c) addExtraArms(host, armsAt(c.corner()), joints);
        }
        return joints;
    }

    private void addExtraArms(Strip host, List<Arm> arms, List<SideJoint> joints) {
        if (arms.size() < 3) return;
        Couple couple = Couple.of(arms);
        if (couple.first().strip() != host && couple.second().strip() != host) return;
        for (Arm arm : arms) {
            if (couple.has(arm) || !(couple.inLine() || couple.squarest(arm).strip() == host)) continue;
            if (crosses(arm, host)) joints.add(SideJoint.of(arm, host, WallEnd.Reach.STRUCTURE));
        }
    }

    private static boolean crosses(Arm arm, Strip host) {
        return Math.abs(arm.direction().cross(host.axis().line().direction())) > Tolerance.BEND_SINE;
    }

    private static EndJoint onSide(Arm arm, @Nullable Strip host, WallEnd.Reach reach) {
        return host == null
                ? EndJoint.free(arm.strip(), arm.s(0))
                : SideJoint.of(arm, host, reach).end();
    }

    private EndJoint atCorner(Arm arm, List<Arm> arms) {
        if (arms.size() < 2) return EndJoint.free(arm.strip(), arm.s(0));
        if (arms.size() == 2) return CornerJoint.between(arm, arms.get(0).equals(arm) ? arms.get(1) : arms.get(0));
        Couple couple = Couple.of(arms);
        if (couple.has(arm))
            return CornerJoint.between(arm, couple.first().equals(arm) ? couple.second() : couple.first());
        Strip host = couple.squarest(arm).strip();
        return crosses(arm, host) ? onSide(arm, host, WallEnd.Reach.STRUCTURE) : EndJoint.free(arm.strip(), arm.s(0));
    }

    private List<Arm> armsAt(ElementId corner) {
        return model.relations().endsAt(corner).stream()
                .map(ref -> strips.get(ref.wall().id()) instanceof Strip s ? new Arm(s, ref.end()) : null)
                .filter(Objects::nonNull)
                .toList();
    }

    /** The two arms of many that make the corner. */
    private record Couple(Arm first, Arm second) {

        static Couple of(List<Arm> arms) {
            Couple best = new Couple(arms.get(0), arms.get(1));
            for (int i = 0; i < arms.size(); i++) {
                for (int j = i + 1; j < arms.size(); j++) {
                    Couple next = new Couple(arms.get(i), arms.get(j));
                    if (next.inLine() && !best.inLine()) best = next;
                }
            }
            return best;
        }

        boolean inLine() {
            return Math.abs(first.direction().cross(second.direction())) < Tolerance.BEND_SINE
                    && first.direction().dot(second.direction()) < 0;
        }

        boolean has(Arm arm) {
            return first.equals(arm) || second.equals(arm);
        }

        Arm squarest(Arm arm) {
            double one = Math.abs(arm.direction().cross(first.direction()));
            double two = Math.abs(arm.direction().cross(second.direction()));
            return two > one + 1e-9 ? second : first;
        }
    }
}
