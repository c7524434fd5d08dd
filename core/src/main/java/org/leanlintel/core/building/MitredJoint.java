package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Arm;
import org.leanlintel.core.building.join.Arm.ArmPly;
import org.leanlintel.core.building.join.CentreCut;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.building.join.EndJoint;
import org.leanlintel.core.building.join.EndJoint.PlyEnd;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Relations.WallEndRef;

/**
 * Three or more straight walls at one corner, each cut as a whole, whatever its plies: from the corner to where its faces meet
 * those of its neighbours. The cuts part the plan between the walls, so they neither overlap nor leave anything empty
 * however their faces lie.
 */
public final class MitredJoint {

    /** Times the thickest wall: no mitre of outer faces reaches further out, which are cut square instead. */
    private static final double LIMIT = 2;

    /** Where two neighbours part: on the face of the one to the right, and on that of the one to the left. */
    private record Parting(Vec onRight, Vec onLeft) {}

    private final List<Arm> arms;
    private final List<Parting> partings = new ArrayList<>();
    private final Vec centre;

    /** @param arms in any order */
    MitredJoint(List<Arm> arms) {
        this.arms = arms.stream()
                .sorted(Comparator.comparingDouble(a -> a.direction().angle()))
                .toList();
        centre = arms.getFirst().point();
        double limit = LIMIT
                * arms.stream().mapToDouble(a -> a.strip().thickness()).max().orElse(0);
        for (int i = 0; i < arms.size(); i++) partings.add(parting(at(i), at(i + 1), limit));
    }

    /** Whether walls that meet are cut so. */
    static boolean cuts(List<Arm> arms, Meeting meeting) {
        return meeting instanceof Meeting.Mitred
                && arms.size() > 2
                && arms.stream().allMatch(a -> a.strip().axis().isStraight());
    }

    /**
     * What each of some straight walls takes near a corner they share, as if they were cut whole.
     *
     * @param lengthMm how much of each wall counts, from the corner on
     */
    public static List<Area> shares(Building building, List<WallEndRef> ends, double lengthMm) {
        List<Arm> arms = new ArrayList<>();
        for (WallEndRef ref : ends)
            if (building.strip(ref.wall().id()) instanceof Strip strip) arms.add(new Arm(strip, ref.end()));
        MitredJoint joint = new MitredJoint(arms);
        return arms.stream()
                .map(a -> joint.cut(a).share(lengthMm))
                .filter(Objects::nonNull)
                .toList();
    }

    private Arm at(int i) {
        return arms.get(Math.floorMod(i, arms.size()));
    }

    private static Line leftFace(Arm arm) {
        return face(arm, arm.pliesToLeft().getLast().a1());
    }

    private static Line rightFace(Arm arm) {
        return face(arm, arm.pliesToLeft().getFirst().a0());
    }

    private static Line face(Arm arm, double a) {
        return new Line(arm.point().along(arm.direction().left(), a), arm.direction());
    }

    private Parting parting(Arm right, Arm left, double limit) {
        Line face = leftFace(right), other = rightFace(left);
        Double along = face.meets(other);
        Vec met = along == null ? null : face.at(along);
        boolean ahead = right.direction().dot(left.direction()) > 0,
                within = right.direction().cross(left.direction()) > 0;
        if (met != null && (ahead && within || met.distanceTo(centre) <= limit)) return new Parting(met, met);
        if (ahead) return new Parting(foot(face), foot(other));
        boolean rightIsWider = foot(face).distanceTo(centre) >= foot(other).distanceTo(centre);
        Line square = new Line(
                centre,
                rightIsWider
                        ? right.direction().left()
                        : left.direction().left().times(-1));
        return new Parting(crossing(face, square), crossing(other, square));
    }

    /** Square beside the centre. */
    private Vec foot(Line face) {
        return face.at(face.along(centre));
    }

    private Vec crossing(Line face, Line square) {
        Double along = face.meets(square);
        return along == null ? foot(face) : face.at(along);
    }

    private CentreCut cut(Arm arm) {
        int i = arms.indexOf(arm);
        Parting before = partings.get(Math.floorMod(i - 1, arms.size()));
        return CentreCut.of(arm, before.onLeft, centre, partings.get(i).onRight);
    }

    EndJoint end(Arm arm) {
        int i = arms.indexOf(arm);
        CentreCut cut = cut(arm);
        Map<Integer, PlyEnd> ends = new TreeMap<>();
        for (ArmPly ply : arm.pliesToLeft()) ends.put(ply.stripIndex(), cut.end(ply, at -> at(beside(arm, i, at), at)));
        return EndJoint.of(ends, t -> List.of(), Set.of());
    }

    /** The neighbour on whose side of the centre a point of an arm's cut lies. */
    private Arm beside(Arm arm, int i, Vec point) {
        return at(arm.seen(point).y() < arm.seen(centre).y() ? i - 1 : i + 1);
    }

    /** The ply of an arm that lies at an offset; null where none does. */
    private static @Nullable Content at(Arm arm, Vec point) {
        double a = arm.seen(point).y();
        for (ArmPly ply : arm.pliesToLeft())
            if (a > ply.a0() - Tolerance.SAME_MM && a < ply.a1() + Tolerance.SAME_MM) return ply.content();
        return null;
    }
}
