package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Arm.ArmPly;
import org.leanlintel.core.building.EndJoint.PlyEnd;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Side;

/**
 * Two walls that meet end to end.
 *
 * <p>Take the offset {@code a} to the left of the first wall and the offset {@code b} to the right of the second, both
 * looking away from the corner. Wherever the walls are not in line, (a, b) are coordinates of the plan, each ply of
 * either wall is a band of them, and the joint is one path that rises in both from the first faces to the last. Plies
 * that pair share a slanting step of the path; a ply without a mate ends on a level step, at the face of the other
 * wall's stronger ply. Since the path rises, the two walls neither overlap nor leave a gap.
 *
 * <p>Walls nearly in line (under {@link Tolerance#BEND_SINE}) are cut on their bisector instead.
 */
final class CornerJoint {

    private final Arm first;
    private final Arm second;
    private final List<ArmPly> as;
    private final List<ArmPly> bs;
    private final double sine;
    private final double cosine;
    private final Map<Integer, PlyEnd> firstEnds = new TreeMap<>();
    private final Map<Integer, PlyEnd> secondEnds = new TreeMap<>();

    private CornerJoint(Arm first, Arm second) {
        this.first = first;
        this.second = second;
        as = first.pliesToLeft();
        bs = second.pliesToRight();
        sine = first.direction().cross(second.direction());
        cosine = first.direction().dot(second.direction());
    }

    /** How {@code arm} ends where it meets {@code other} at a corner. */
    static EndJoint between(Arm arm, Arm other) {
        boolean armIsFirst =
                arm.strip().wall().id().compareTo(other.strip().wall().id()) <= 0;
        CornerJoint joint = armIsFirst ? new CornerJoint(arm, other) : new CornerJoint(other, arm);
        if (Math.abs(joint.sine) < Tolerance.BEND_SINE) return inLine(arm, other);
        joint.solve();
        return armIsFirst
                ? new EndJoint(
                        EndJoint.inOrder(joint.firstEnds), joint::beyondFirst, sideOfOther(joint.first, joint.sine > 0))
                : new EndJoint(
                        EndJoint.inOrder(joint.secondEnds),
                        joint::beyondSecond,
                        sideOfOther(joint.second, joint.sine < 0));
    }

    /** The side of an arm's strip on which the other wall lies, given whether it lies to the left looking away. */
    private static Set<Side> sideOfOther(Arm arm, boolean leftLookingAway) {
        return Set.of(leftLookingAway == (arm.end() == End.START) ? Side.LEFT : Side.RIGHT);
    }

    private void solve() {
        int i = 0, j = 0;
        for (PlyPairs.Pair pair : PlyPairs.of(as, bs)) {
            stopUnpaired(i, pair.a(), j, pair.b());
            share(pair.a(), pair.b());
            i = pair.a() + 1;
            j = pair.b() + 1;
        }
        stopUnpaired(i, as.size(), j, bs.size());
    }

    private void share(int i, int j) {
        ArmPly a = as.get(i), b = bs.get(j);
        firstEnds.put(
                a.stripIndex(),
                new PlyEnd(first.edge(alongFirst(a.a0(), b.a0()), alongFirst(a.a1(), b.a1())), b.content()));
        secondEnds.put(
                b.stripIndex(),
                new PlyEnd(second.edge(alongSecond(a.a1(), b.a1()), alongSecond(a.a0(), b.a0())), a.content()));
    }

    /** Between two pairs, each crossing of plies without a mate goes to the stronger, or the thicker of equals. */
    private void stopUnpaired(int i, int iTo, int j, int jTo) {
        while (i < iTo || j < jTo) {
            boolean firstTakesCrossing = j == jTo || i < iTo && stronger(as.get(i), bs.get(j));
            boolean stepAcrossFirst = i < iTo && (j == jTo || firstTakesCrossing == sine > 0);
            if (stepAcrossFirst) stopFirst(i++, faceOf(bs, j), sine > 0 ? j - 1 : j);
            else stopSecond(j++, faceOf(as, i), sine > 0 ? i - 1 : i);
        }
    }

    private static boolean stronger(ArmPly a, ArmPly b) {
        if (a.does().passes(b.does())) return true;
        return !b.does().passes(a.does()) && a.a1() - a.a0() >= b.a1() - b.a0();
    }

    private static double faceOf(List<ArmPly> plies, int face) {
        return face < plies.size() ? plies.get(face).a0() : plies.getLast().a1();
    }

    private void stopFirst(int i, double b, int against) {
        ArmPly a = as.get(i);
        firstEnds.put(
                a.stripIndex(),
                new PlyEnd(first.edge(alongFirst(a.a0(), b), alongFirst(a.a1(), b)), content(bs, against)));
    }

    private void stopSecond(int j, double a, int against) {
        ArmPly b = bs.get(j);
        secondEnds.put(
                b.stripIndex(),
                new PlyEnd(second.edge(alongSecond(a, b.a1()), alongSecond(a, b.a0())), content(as, against)));
    }

    private static @Nullable Content content(List<ArmPly> plies, int index) {
        return index < 0 || index >= plies.size() ? null : plies.get(index).content();
    }

    /** Distance from the corner along the first wall of the point (a, b). */
    private double alongFirst(double a, double b) {
        return (b + a * cosine) / sine;
    }

    /** Distance from the corner along the second wall of the point (a, b). */
    private double alongSecond(double a, double b) {
        return (a + b * cosine) / sine;
    }

    private List<Span> beyondFirst(double t) {
        double a = first.end() == End.START ? t : -t;
        List<Span> spans = new ArrayList<>();
        for (ArmPly b : bs) spans.add(span(first, alongFirst(a, b.a0()), alongFirst(a, b.a1()), b));
        return spans;
    }

    private List<Span> beyondSecond(double t) {
        double b = second.end() == End.START ? -t : t;
        List<Span> spans = new ArrayList<>();
        for (ArmPly a : as) spans.add(span(second, alongSecond(a.a0(), b), alongSecond(a.a1(), b), a));
        return spans;
    }

    private static Span span(Arm arm, double from, double to, ArmPly ply) {
        double s0 = arm.s(from), s1 = arm.s(to);
        return new Span(Math.min(s0, s1), Math.max(s0, s1), ply.content());
    }

    private static EndJoint inLine(Arm arm, Arm other) {
        Vec across = arm.direction().minus(other.direction());
        Vec cut = across.length() < Tolerance.PARALLEL_SINE
                ? arm.direction().left()
                : across.unit().left();
        double slope = cut.dot(arm.direction()) / cut.dot(arm.direction().left());
        Map<Integer, PlyEnd> ends = new TreeMap<>();
        List<ArmPly> others = other.pliesToRight();
        for (ArmPly p : arm.pliesToLeft()) {
            ends.put(p.stripIndex(), new PlyEnd(arm.edge(p.a0() * slope, p.a1() * slope), throughout(p, others)));
        }
        return new EndJoint(EndJoint.inOrder(ends), t -> List.of(), Set.of());
    }

    /** What the other wall shows over the whole of a ply's end, if it is one ply. */
    private static @Nullable Content throughout(ArmPly ply, List<ArmPly> others) {
        for (ArmPly o : others) {
            if (o.a0() <= ply.a0() + Tolerance.SAME_MM && o.a1() >= ply.a1() - Tolerance.SAME_MM) return o.content();
        }
        return null;
    }
}
