package org.leanlintel.core.building.join;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.leanlintel.core.building.join.Arm.ArmPly;
import org.leanlintel.core.building.join.EndJoint.PlyEnd;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Side;

/**
 * Three or more walls that meet end to end, no two of them in line. Between each two neighbours, what lies outside their
 * structures turns the corner as where two walls meet; the structures share the middle, each cut towards the centre of
 * the points where the faces of neighbours meet.
 */
public final class StarJoint {

    /** How often the centre is moved into the structures one after another: more changes less than can be seen. */
    private static final int ROUNDS = 40;

    private final List<Arm> arms;
    private final List<CornerJoint> wedges = new ArrayList<>();
    private final Vec centre;

    /** @param arms in any order */
    public StarJoint(List<Arm> arms) {
        this.arms = arms.stream()
                .sorted(Comparator.comparingDouble(a -> a.direction().angle()))
                .toList();
        Vec sum = Vec.ORIGIN;
        for (int i = 0; i < arms.size(); i++) {
            CornerJoint wedge = CornerJoint.wedge(this.arms.get(i), this.arms.get((i + 1) % arms.size()));
            wedges.add(wedge);
            sum = sum.plus(wedge.structuresMeet(this.arms.get(i)));
        }
        centre = withinStructures(sum.times(1.0 / arms.size()));
    }

    /** The place nearest to one, about, that lies in the structures of all the arms, where there is such a place. */
    private Vec withinStructures(Vec place) {
        Vec now = place;
        for (int round = 0; round < ROUNDS; round++)
            for (Arm arm : arms) {
                double off = outside(arm, arm.seen(now).y());
                now = now.along(arm.direction().left(), -off);
            }
        return now;
    }

    /** How far an offset lies to the left of an arm's structure; negative to its right, 0 within. */
    private static double outside(Arm arm, double a) {
        List<ArmPly> plies = arm.pliesToLeft();
        PlyPairs.Range structure = PlyPairs.structure(plies);
        double lo = plies.get(structure.from()).a0(),
                hi = plies.get(structure.to() - 1).a1();
        return a > hi ? a - hi : Math.min(0, a - lo);
    }

    /** What no arm takes of the middle, square millimetres: where it lies beside the structure of the arm whose part it is. */
    double lackMm2() {
        double lack = 0;
        for (int i = 0; i < arms.size(); i++) {
            Arm arm = arms.get(i), before = arms.get(Math.floorMod(i - 1, arms.size()));
            Vec right = arm.seen(wedges.get(Math.floorMod(i - 1, arms.size())).structuresMeet(before));
            Vec left = arm.seen(wedges.get(i).structuresMeet(arm)), middle = arm.seen(centre);
            double beyond = outside(arm, middle.y());
            if (Math.abs(beyond) < Tolerance.SAME_MM) continue;
            Vec near = beyond > 0 ? left : right, far = beyond > 0 ? right : left;
            double part = (near.y() - far.y()) / (middle.y() - far.y());
            double across = far.x() + (middle.x() - far.x()) * part;
            lack += Math.abs(across - near.x()) * Math.abs(beyond) / 2;
        }
        return lack;
    }

    public EndJoint end(Arm arm) {
        int i = arms.indexOf(arm);
        CornerJoint left = wedges.get(i), right = wedges.get((i + arms.size() - 1) % arms.size());
        Map<Integer, PlyEnd> ends = new TreeMap<>(left.endsOf(arm));
        ends.putAll(right.endsOf(arm));
        Arm before = arms.get(Math.floorMod(i - 1, arms.size()));
        CentreCut cut = CentreCut.of(arm, right.structuresMeet(before), centre, left.structuresMeet(arm));
        List<ArmPly> plies = arm.pliesToLeft();
        PlyPairs.Range structure = PlyPairs.structure(plies);
        Content onRight = structureOf(i - 1), onLeft = structureOf(i + 1);
        for (int k = structure.from(); k < structure.to(); k++)
            ends.put(plies.get(k).stripIndex(), cut.end(plies.get(k), at -> isRight(arm, at) ? onRight : onLeft));
        return EndJoint.of(ends, t -> beyond(arm, left, right, t), EnumSet.allOf(Side.class));
    }

    /** What the structure of the arm at place {@code i}, counted round, is made of. */
    private Content structureOf(int i) {
        List<ArmPly> plies = arms.get(Math.floorMod(i, arms.size())).pliesToLeft();
        return plies.get(PlyPairs.structure(plies).from()).content();
    }

    private boolean isRight(Arm arm, Vec point) {
        return arm.seen(point).y() < arm.seen(centre).y();
    }

    /** To the left of the structure the neighbour on the left lies beyond, to its right the other, and before it neither. */
    private static List<Span> beyond(Arm arm, CornerJoint left, CornerJoint right, double t) {
        double a = arm.end() == End.START ? t : -t;
        List<ArmPly> plies = arm.pliesToLeft();
        PlyPairs.Range structure = PlyPairs.structure(plies);
        if (a >= plies.get(structure.to() - 1).a1()) return left.beyond(arm, t);
        return a <= plies.get(structure.from()).a0() ? right.beyond(arm, t) : List.of();
    }
}
