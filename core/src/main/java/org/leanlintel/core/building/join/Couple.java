package org.leanlintel.core.building.join;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.WallEnd;

/**
 * The two of three or more arms at one corner that make it; each other stands on one of them. Usually they are two in line,
 * those the drafter chose, else those with the thickest structure. Where these would leave part of what the walls take
 * empty, since their faces lie differently, it is the two that leave least: others in line, or two that turn the corner
 * and have the rest on its outside. Where none are in line, all share the middle, unless two turn the corner and leave
 * nothing.
 */
public record Couple(Arm first, Arm second, Meeting meeting) {

    /** What lies past the end of an inner ply often meets what goes on there: it counts, but little. */
    private static final double HIDDEN = 0.01;

    /** Radians. Walls that stand on the outside of one corner lie at least this far apart. */
    private static final double APART = Math.toRadians(80);

    /** Null where all share the middle. */
    public static @Nullable Couple of(List<Arm> arms, Meeting meeting) {
        List<Couple> all = new ArrayList<>();
        Couple usual = null;
        for (int i = 0; i < arms.size(); i++)
            for (int j = i + 1; j < arms.size(); j++) {
                Couple next = new Couple(arms.get(i), arms.get(j), meeting);
                all.add(next);
                if (next.inLine() && (usual == null || next.rank() > usual.rank())) usual = next;
            }
        if (usual != null && usual.isChosen()) return usual;
        double least = usual != null ? usual.lack(arms) : new StarJoint(arms).lackMm2();
        if (least <= Tolerance.SLIVER_MM2) return usual;
        Couple best = usual;
        if (usual == null) least = 2 * Tolerance.SLIVER_MM2;
        for (Couple c : all) {
            double lack = c.lack(arms);
            boolean better = lack < least - Tolerance.SLIVER_MM2
                    || best != null && lack < least + Tolerance.SLIVER_MM2 && c.rank() > best.rank();
            if (!better) continue;
            least = Math.min(least, lack);
            best = c;
        }
        return best;
    }

    private boolean isChosen() {
        return meeting instanceof Meeting.Through t
                && (t.wall().equals(first.strip().wall().id())
                        || t.wall().equals(second.strip().wall().id()));
    }

    private double rank() {
        if (isChosen()) return Double.POSITIVE_INFINITY;
        BuildUp one = first.strip().buildUp(), two = second.strip().buildUp();
        return one.structureMm() + two.structureMm();
    }

    private boolean inLine() {
        return isParallel() && first.direction().dot(second.direction()) < 0;
    }

    private boolean isParallel() {
        return Math.abs(first.direction().cross(second.direction())) < Tolerance.BEND_SINE;
    }

    public boolean has(Arm arm) {
        return first.equals(arm) || second.equals(arm);
    }

    private Arm other(Arm arm) {
        return first.equals(arm) ? second : first;
    }

    /** How one of the two ends. */
    public EndJoint end(Arm arm, List<Arm> arms) {
        return inLine()
                ? CornerJoint.inLine(arm, other(arm), past(arm, arms))
                : CornerJoint.between(arm, other(arm), meeting);
    }

    /** The arm that another stands on: the one whose face lies further towards it, else the one it is more square to. */
    public Arm hostOf(Arm arm) {
        if (!inLine()) return pastHost(arm, first) <= pastHost(arm, second) ? first : second;
        double step = faceTowards(first, arm) - faceTowards(second, arm);
        if (Math.abs(step) > Tolerance.SAME_MM) return step > 0 ? first : second;
        double one = Math.abs(arm.direction().cross(first.direction()));
        double two = Math.abs(arm.direction().cross(second.direction()));
        return two > one + 1e-9 ? second : first;
    }

    /** Whether an arm that is none of the two goes into the plies of one of them. */
    public boolean interrupts(Arm arm, Strip host) {
        return crosses(arm, host) && (inLine() || hostOf(arm).strip() == host);
    }

    public static boolean crosses(Arm arm, Strip host) {
        Vec along = host.axis().directionAt(host.axis().s(arm.point()));
        return Math.abs(arm.direction().cross(along)) > Tolerance.BEND_SINE;
    }

    private static double faceTowards(Arm of, Arm other) {
        boolean onLeft = of.direction().cross(other.direction()) > 0;
        return onLeft
                ? of.pliesToLeft().getLast().a1()
                : -of.pliesToLeft().getFirst().a0();
    }

    /**
     * How far one of two in line runs on past the corner: under the whole of what stands there where its face lies further
     * out than the other's; negative where it is the other that does.
     */
    private double past(Arm arm, List<Arm> arms) {
        double past = 0;
        for (Arm standing : arms) {
            boolean stands = !has(standing) && crosses(standing, first.strip());
            boolean stepped = !Tolerance.same(faceTowards(first, standing), faceTowards(second, standing));
            if (!stands || !stepped) continue;
            Arm host = hostOf(standing);
            double under = SideJoint.of(standing, host.strip(), WallEnd.Reach.STRUCTURE)
                    .pastEnd(host);
            if (under > Math.abs(past)) past = host.equals(arm) ? under : -under;
        }
        return past;
    }

    /** About how much of what the walls take would be left empty, square millimetres; endless where they do not fit so. */
    private double lack(List<Arm> arms) {
        return inLine() ? lackInLine(arms) : isParallel() ? Double.POSITIVE_INFINITY : lackAtCorner(arms);
    }

    /** The one that runs on may be narrower than the one it pushes back. */
    private double lackInLine(List<Arm> arms) {
        double past = past(first, arms);
        Arm runner = past >= 0 ? first : second, pushed = other(runner);
        double lo = runner.pliesToLeft().getFirst().a0(),
                hi = runner.pliesToLeft().getLast().a1();
        double from = -pushed.pliesToLeft().getLast().a1(),
                to = -pushed.pliesToLeft().getFirst().a0();
        double covered = Math.max(0, Math.min(hi, to) - Math.max(lo, from));
        return Math.abs(past) * (to - from - covered);
    }

    private double lackAtCorner(List<Arm> arms) {
        double lack = 0;
        for (Arm arm : arms) {
            if (has(arm)) continue;
            if (isWithin(arm) || !crosses(arm, hostOf(arm).strip())) return Double.POSITIVE_INFINITY;
            for (Arm next : arms)
                if (next != arm && !has(next) && angle(arm, next) < APART) return Double.POSITIVE_INFINITY;
            lack += pastHost(arm, hostOf(arm)) * arm.strip().thickness();
        }
        return lack;
    }

    /** Whether an arm lies in the corner between the two. */
    private boolean isWithin(Arm arm) {
        return angle(first, arm) + angle(arm, second) < angle(first, second) + 1e-6;
    }

    private static double angle(Arm one, Arm two) {
        return Math.abs(Math.atan2(
                one.direction().cross(two.direction()), one.direction().dot(two.direction())));
    }

    /** How far an arm would land past the end that one of the two has in the corner; endless where it runs along it. */
    private double pastHost(Arm arm, Arm host) {
        if (!crosses(arm, host.strip())) return Double.POSITIVE_INFINITY;
        SideJoint joint = SideJoint.of(arm, host.strip(), WallEnd.Reach.STRUCTURE);
        EndJoint there = CornerJoint.between(host, other(host), meeting),
                away = EndJoint.free(host.strip(), host.s(host.strip().length()));
        EndJoint start = host.end() == End.START ? there : away;
        EndJoint end = host.end() == End.START ? away : there;
        double past = 0, deeper = 0;
        for (SideJoint.Landing l : joint.landings()) {
            boolean outermost =
                    l.hostPly() == (l.onLeftFace() ? host.strip().plies().size() - 1 : 0);
            if (outermost) past = Math.max(past, l.past(start, end));
            deeper = Math.max(deeper, l.past(start, end));
        }
        return past + HIDDEN * deeper;
    }
}
