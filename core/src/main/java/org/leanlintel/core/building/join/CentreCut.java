package org.leanlintel.core.building.join;

import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Arm.ArmPly;
import org.leanlintel.core.building.join.EndJoint.Bend;
import org.leanlintel.core.building.join.EndJoint.PlyEnd;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;

/**
 * How one of many arms is cut at their middle: straight from a point to its right to the centre, and on to one to its left.
 * Points are (distance, offset to the left) as the arm sees them.
 */
public record CentreCut(Arm arm, Vec right, Vec centre, Vec left) {

    public static CentreCut of(Arm arm, Vec right, Vec centre, Vec left) {
        return new CentreCut(arm, arm.seen(right), arm.seen(centre), arm.seen(left));
    }

    /** @param against what touches the cut at a point of the plan */
    public PlyEnd end(ArmPly ply, Function<Vec, @Nullable Content> against) {
        Edge edge = arm.edge(distance(ply.a0()), distance(ply.a1()));
        boolean bends = centre.y() > ply.a0() + Tolerance.SAME_MM && centre.y() < ply.a1() - Tolerance.SAME_MM;
        if (!bends) return new PlyEnd(edge, against.apply(middle(ply.a0(), ply.a1())));
        Content onRight = against.apply(middle(ply.a0(), centre.y())),
                onLeft = against.apply(middle(centre.y(), ply.a1()));
        boolean start = arm.end() == End.START;
        Bend bend = new Bend(arm.inStrip(centre), start ? onLeft : onRight);
        return new PlyEnd(edge, start ? onRight : onLeft, false, bend);
    }

    private Vec middle(double a0, double a1) {
        double a = (a0 + a1) / 2;
        return at(distance(a), a);
    }

    private Vec at(double distance, double a) {
        return arm.point()
                .along(arm.direction(), distance)
                .along(arm.direction().left(), a);
    }

    /** What is left of a straight arm up to a distance from the corner; null where nothing of a face is left. */
    @Nullable
    public Area share(double length) {
        double far = Math.min(length, arm.strip().length());
        double lo = arm.pliesToLeft().getFirst().a0(),
                hi = arm.pliesToLeft().getLast().a1();
        if (Math.max(distance(lo), distance(hi)) >= far) return null;
        return Area.of(List.of(
                at(distance(lo), lo), at(far, lo), at(far, hi), at(distance(hi), hi), at(centre.x(), centre.y())));
    }

    /** How far along the arm the cut lies at an offset. */
    private double distance(double a) {
        if (Tolerance.same(a, centre.y())) return centre.x();
        Vec end = a < centre.y() ? right : left;
        double width = end.y() - centre.y();
        return width == 0 ? centre.x() : centre.x() + (end.x() - centre.x()) * (a - centre.y()) / width;
    }
}
