package org.leanlintel.core.building.join;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Arm.ArmPly;
import org.leanlintel.core.building.join.EndJoint.PlyEnd;
import org.leanlintel.core.building.join.PlyPairs.Range;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Side;

/**
 * Two walls that meet end to end, or two neighbours of many that do.
 *
 * <p>The first is the one from which the other lies to the left. Take the offset {@code a} to the left of the first wall
 * and the offset {@code b} to the right of the second, both looking away from the corner. Wherever the walls are not in
 * line, (a, b) are coordinates of the plan, each ply of either wall is a band of them, and the joint is one path that
 * rises in both from the first faces to the last; the first wall lies above it and the second to its right. Plies that
 * pair share a slanting step of the path; a ply without a mate ends on a level step, at the face of the other wall's
 * stronger ply. Since the path rises, the two walls neither overlap nor leave a gap.
 *
 * <p>Structures of one material share their step; of different materials the thicker runs through, and which does may also
 * be decided. What lies outside the structures is worked out from the faces inwards, whichever wall was drawn first.
 * Walls nearly in line (under {@link Tolerance#BEND_SINE}) are cut on their bisector instead.
 */
public final class CornerJoint {

    private final Arm first;
    private final Arm second;
    private final List<ArmPly> as;
    private final List<ArmPly> bs;
    private final Range structureA;
    private final Range structureB;
    private final double sine;
    private final double cosine;
    private final boolean straight;
    private final Map<Integer, PlyEnd> firstEnds = new TreeMap<>();
    private final Map<Integer, PlyEnd> secondEnds = new TreeMap<>();

    /** @param second to the left of the first, looking away from the corner */
    private CornerJoint(Arm first, Arm second) {
        this.first = first;
        this.second = second;
        as = first.pliesToLeft();
        bs = second.pliesToRight();
        structureA = PlyPairs.structure(as);
        structureB = PlyPairs.structure(bs);
        sine = first.direction().cross(second.direction());
        cosine = first.direction().dot(second.direction());
        straight = first.strip().axis().isStraight() && second.strip().axis().isStraight();
    }

    private static CornerJoint of(Arm one, Arm two) {
        return one.direction().cross(two.direction()) > 0 ? new CornerJoint(one, two) : new CornerJoint(two, one);
    }

    /** How {@code arm} ends where it meets {@code other} at a corner. */
    public static EndJoint between(Arm arm, Arm other, Meeting meeting) {
        if (Math.abs(arm.direction().cross(other.direction())) < Tolerance.BEND_SINE) return inLine(arm, other, 0);
        CornerJoint joint = of(arm, other);
        joint.joinRising(0, joint.structureA.from(), 0, joint.structureB.from());
        joint.joinStructures(meeting);
        joint.joinFalling(joint.structureA.to(), joint.as.size(), joint.structureB.to(), joint.bs.size());
        boolean isFirst = arm.equals(joint.first);
        boolean onLeft = isFirst == (arm.end() == End.START);
        return EndJoint.of(joint.blunted(arm), t -> joint.beyond(arm, t), Set.of(onLeft ? Side.LEFT : Side.RIGHT));
    }

    private Map<Integer, PlyEnd> blunted(Arm arm) {
        if (!straight || cosine < 0) return endsOf(arm);
        Vec inner = point(as.getLast().a1(), bs.getLast().a1()),
                tip = point(as.getFirst().a0(), bs.getFirst().a0());
        Blunt blunt = Blunt.of(first, second, inner, tip);
        return blunt == null ? endsOf(arm) : blunt.cut(arm, endsOf(arm));
    }

    /** Where the face at offset a of the first wall meets that at b of the second. */
    private Vec point(double a, double b) {
        return first.strip().at(first.s(alongFirst(a, b)), first.end() == End.START ? a : -a);
    }

    /** Only what lies between the structures of {@code arm} and of {@code next}, its neighbour counter-clockwise. */
    static CornerJoint wedge(Arm arm, Arm next) {
        CornerJoint joint = of(arm, next);
        if (joint.first.equals(arm))
            joint.joinFalling(joint.structureA.to(), joint.as.size(), joint.structureB.to(), joint.bs.size());
        else joint.joinRising(0, joint.structureA.from(), 0, joint.structureB.from());
        return joint;
    }

    Map<Integer, PlyEnd> endsOf(Arm arm) {
        return arm.equals(first) ? firstEnds : secondEnds;
    }

    /** Where the faces of the two structures meet in the wedge from {@code arm} counter-clockwise. */
    Vec structuresMeet(Arm arm) {
        boolean high = arm.equals(first);
        double a = high ? faceOf(as, structureA.to()) : faceOf(as, structureA.from());
        double b = high ? faceOf(bs, structureB.to()) : faceOf(bs, structureB.from());
        return point(a, b);
    }

    private void joinStructures(Meeting meeting) {
        Arm named = meeting instanceof Meeting.Through t ? named(t.wall()) : null;
        Arm through = named != null ? named : meeting instanceof Meeting.Shared ? null : stronger();
        if (through == null) joinRising(structureA.from(), structureA.to(), structureB.from(), structureB.to());
        else runThrough(through, named != null);
    }

    private @Nullable Arm named(ElementId wall) {
        if (first.strip().wall().id().equals(wall)) return first;
        return second.strip().wall().id().equals(wall) ? second : null;
    }

    /** The thicker structure where their materials do not join; null where they do. */
    private @Nullable Arm stronger() {
        String one = as.get(structureA.from()).content().material().joinsAs();
        if (one.equals(bs.get(structureB.from()).content().material().joinsAs())) return null;
        return thickness(as, structureA) >= thickness(bs, structureB) ? first : second;
    }

    private static double thickness(List<ArmPly> plies, Range range) {
        return faceOf(plies, range.to()) - faceOf(plies, range.from());
    }

    /** The one structure goes past the other, which stops at its near face: two steps of the path, and which comes first. */
    private void runThrough(Arm through, boolean decided) {
        int a = through.equals(first) ? structureA.to() : structureA.from();
        int b = through.equals(first) ? structureB.from() : structureB.to();
        for (int i = structureA.from(); i < structureA.to(); i++) stopFirst(i, b, decided && through.equals(second));
        for (int j = structureB.from(); j < structureB.to(); j++) stopSecond(j, a, decided && through.equals(first));
    }

    /** Pairs within two ranges share their steps; what lies between pairs stops, worked out in rising order. */
    private void joinRising(int iFrom, int iTo, int jFrom, int jTo) {
        int i = iFrom, j = jFrom;
        for (PlyPairs.Pair pair : PlyPairs.of(as, iFrom, iTo, bs, jFrom, jTo)) {
            stopRising(i, pair.a(), j, pair.b());
            share(pair.a(), pair.b());
            i = pair.a() + 1;
            j = pair.b() + 1;
        }
        stopRising(i, iTo, j, jTo);
    }

    /** The same, worked out in falling order. */
    private void joinFalling(int iFrom, int iTo, int jFrom, int jTo) {
        int i = iTo, j = jTo;
        for (PlyPairs.Pair pair : PlyPairs.of(as, iFrom, iTo, bs, jFrom, jTo).reversed()) {
            stopFalling(pair.a() + 1, i, pair.b() + 1, j);
            share(pair.a(), pair.b());
            i = pair.a();
            j = pair.b();
        }
        stopFalling(iFrom, i, jFrom, j);
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
    private void stopRising(int iFrom, int iTo, int jFrom, int jTo) {
        int i = iFrom, j = jFrom;
        while (i < iTo || j < jTo) {
            if (j == jTo || i < iTo && firstIsStronger(i, j)) stopFirst(i++, j, false);
            else stopSecond(j++, i, false);
        }
    }

    private void stopFalling(int iFrom, int iTo, int jFrom, int jTo) {
        int i = iTo, j = jTo;
        while (i > iFrom || j > jFrom) {
            if (i == iFrom || j > jFrom && firstIsStronger(i - 1, j - 1)) stopSecond(--j, i, false);
            else stopFirst(--i, j, false);
        }
    }

    private boolean firstIsStronger(int i, int j) {
        ArmPly a = as.get(i), b = bs.get(j);
        if (a.does().passes(b.does())) return true;
        return !b.does().passes(a.does()) && a.a1() - a.a0() >= b.a1() - b.a0();
    }

    private static double faceOf(List<ArmPly> plies, int face) {
        return face < plies.size() ? plies.get(face).a0() : plies.getLast().a1();
    }

    /** Ply {@code i} of the first wall stops at face {@code face} of the second. */
    private void stopFirst(int i, int face, boolean butted) {
        ArmPly a = as.get(i);
        double b = faceOf(bs, face);
        Edge edge = first.edge(alongFirst(a.a0(), b), alongFirst(a.a1(), b));
        firstEnds.put(a.stripIndex(), new PlyEnd(edge, content(bs, face - 1), butted, null));
    }

    private void stopSecond(int j, int face, boolean butted) {
        ArmPly b = bs.get(j);
        double a = faceOf(as, face);
        Edge edge = second.edge(alongSecond(a, b.a1()), alongSecond(a, b.a0()));
        secondEnds.put(b.stripIndex(), new PlyEnd(edge, content(as, face - 1), butted, null));
    }

    private static @Nullable Content content(List<ArmPly> plies, int index) {
        return index < 0 || index >= plies.size() ? null : plies.get(index).content();
    }

    /** Distance from the corner along the first wall of the point (a, b); where faces of arcs miss, as if they were straight. */
    private double alongFirst(double a, double b) {
        Double met = straight ? null : first.distanceTo(a, second.face(-b));
        return met != null ? met : (b + a * cosine) / sine;
    }

    /** Distance from the corner along the second wall of the point (a, b). */
    private double alongSecond(double a, double b) {
        Double met = straight ? null : second.distanceTo(-b, first.face(a));
        return met != null ? met : (a + b * cosine) / sine;
    }

    /** The plies of the other wall along the line at offset {@code t} of {@code arm}'s wall. */
    List<Span> beyond(Arm arm, double t) {
        List<Span> spans = new ArrayList<>();
        if (arm.equals(first)) {
            double a = arm.end() == End.START ? t : -t;
            for (ArmPly b : bs) spans.add(span(arm, alongFirst(a, b.a0()), alongFirst(a, b.a1()), b));
        } else {
            double b = arm.end() == End.START ? -t : t;
            for (ArmPly a : as) spans.add(span(arm, alongSecond(a.a0(), b), alongSecond(a.a1(), b), a));
        }
        return spans;
    }

    private static Span span(Arm arm, double from, double to, ArmPly ply) {
        double s0 = arm.s(from), s1 = arm.s(to);
        return new Span(Math.min(s0, s1), Math.max(s0, s1), ply.content());
    }

    /** @param pastMm how far {@code arm} runs on past the corner before it meets the other */
    static EndJoint inLine(Arm arm, Arm other, double pastMm) {
        Vec across = arm.direction().minus(other.direction());
        Vec cut = across.length() < Tolerance.PARALLEL_SINE
                ? arm.direction().left()
                : across.unit().left();
        Line bisector = new Line(arm.point().along(arm.direction(), -pastMm), cut);
        Map<Integer, PlyEnd> ends = new TreeMap<>();
        List<ArmPly> others = other.pliesToRight();
        for (ArmPly p : arm.pliesToLeft()) {
            Edge edge = arm.edge(cutAt(arm, p.a0(), bisector), cutAt(arm, p.a1(), bisector));
            ends.put(p.stripIndex(), new PlyEnd(edge, throughout(p, others)));
        }
        return EndJoint.of(ends, t -> List.of(), Set.of());
    }

    private static double cutAt(Arm arm, double a, Line cut) {
        Double met = arm.distanceTo(a, cut);
        return met == null ? 0 : met;
    }

    /** What the other wall shows over the whole of a ply's end, if it is one ply. */
    private static @Nullable Content throughout(ArmPly ply, List<ArmPly> others) {
        for (ArmPly o : others) {
            if (o.a0() <= ply.a0() + Tolerance.SAME_MM && o.a1() >= ply.a1() - Tolerance.SAME_MM) return o.content();
        }
        return null;
    }
}
