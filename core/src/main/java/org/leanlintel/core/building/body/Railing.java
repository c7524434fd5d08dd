package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.StairRules;

/**
 * A handrail from one place to another, with balusters under it.
 *
 * @param top of the handrail, above the project's zero
 * @param clearMm between balusters at most
 */
record Railing(Vec from, Vec to, Plane top, double clearMm) {

    /** Millimetres, usual sizes: a handrail, the side of a baluster. */
    private static final double WIDE_MM = 50, DEEP_MM = 50, SIDE_MM = 32;

    /** How much less than the gap that rules allow is left: what is as wide must not pass. */
    private static final double LESS_MM = 5;

    /** Between balusters where no rule says it. */
    private static final double USUAL_GAP_MM = 100;

    /** Between the balusters of a stair by its rules. */
    static double clearMm(BuiltStair stair) {
        return stair.rules().value(StairRules.What.GAP_MOST, USUAL_GAP_MM) - LESS_MM;
    }

    /** A piece of it, as {@link org.leanlintel.core.building.Body} has it. */
    record Piece(List<Vec> ring, Plane low, Plane high) {}

    private double longMm() {
        return from.distanceTo(to);
    }

    private Vec along() {
        return to.minus(from).unit();
    }

    Piece rail() {
        return new Piece(ring(0, longMm(), WIDE_MM), top.raised(-DEEP_MM), top);
    }

    /** In equal gaps. @param foot what one stands on, by how far along it stands */
    List<Piece> balusters(ToDoubleFunction<Double> foot) {
        int n = (int) Math.max(0, Math.ceil((longMm() - clearMm) / (SIDE_MM + clearMm)));
        double gap = (longMm() - n * SIDE_MM) / (n + 1);
        List<Piece> pieces = new ArrayList<>();
        for (int i = 1; i <= n; i++) {
            double start = i * gap + (i - 1) * SIDE_MM;
            Plane low = Plane.level(foot.applyAsDouble(start + SIDE_MM / 2));
            pieces.add(new Piece(ring(start, start + SIDE_MM, SIDE_MM), low, top.raised(-DEEP_MM)));
        }
        return pieces;
    }

    private List<Vec> ring(double start, double end, double wideMm) {
        Vec left = along().left().times(wideMm / 2), a = from.along(along(), start), b = from.along(along(), end);
        return List.of(a.minus(left), b.minus(left), b.plus(left), a.plus(left));
    }
}
