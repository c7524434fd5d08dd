package org.leanlintel.core.building.join;

import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.EndJoint.Bend;
import org.leanlintel.core.building.join.EndJoint.PlyEnd;
import org.leanlintel.core.building.join.Strip.StripPly;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;

/**
 * Cuts the tip off a very acute corner of two straight walls, square to the line between them. Where the outer faces
 * meet more than {@link #LIMIT} times the thicker wall beyond the point where the inner ones do, nothing stands beyond
 * that; walls of one thickness are blunted under 29 degrees.
 */
record Blunt(Vec inner, Vec outwards, double reachMm) {

    /** Times the thickness of the thicker wall. */
    private static final double LIMIT = 4;

    /**
     * @param inner where the inner faces of the walls meet
     * @param tip where the outer ones do
     * @return null where the corner is not so acute
     */
    static @Nullable Blunt of(Arm one, Arm two, Vec inner, Vec tip) {
        double reach = LIMIT * Math.max(one.strip().thickness(), two.strip().thickness());
        if (inner.distanceTo(tip) <= reach) return null;
        return new Blunt(inner, one.direction().plus(two.direction()).unit().times(-1), reach);
    }

    Map<Integer, PlyEnd> cut(Arm arm, Map<Integer, PlyEnd> ends) {
        Map<Integer, PlyEnd> cut = new TreeMap<>();
        ends.forEach((ply, end) -> cut.put(ply, cut(arm, arm.strip().plies().get(ply), end)));
        return cut;
    }

    private PlyEnd cut(Arm arm, StripPly ply, PlyEnd end) {
        double lo = beyond(arm, end.edge().atLo(), ply.lo()),
                hi = beyond(arm, end.edge().atHi(), ply.hi());
        if (lo <= 0 && hi <= 0) return end;
        double cutLo = lo > 0 ? limit(arm, ply.lo()) : end.edge().atLo();
        double cutHi = hi > 0 ? limit(arm, ply.hi()) : end.edge().atHi();
        Edge edge = new Edge(cutLo, cutHi);
        if (lo >= 0 && hi >= 0) return new PlyEnd(edge, null);
        double part = lo / (lo - hi);
        Vec at = new Vec(
                end.edge().atLo() + part * (end.edge().atHi() - end.edge().atLo()),
                ply.lo() + part * (ply.hi() - ply.lo()));
        return lo > 0
                ? new PlyEnd(edge, null, false, new Bend(at, end.against()))
                : new PlyEnd(edge, end.against(), end.butted(), new Bend(at, null));
    }

    /** How far past the limit a point (s, t) of a wall lies, along the wall, millimetres. */
    private double beyond(Arm arm, double s, double t) {
        return arm.end() == End.START ? limit(arm, t) - s : s - limit(arm, t);
    }

    /** Where the limit crosses the line at offset t, as s. */
    private double limit(Arm arm, double t) {
        Vec from = arm.strip().at(0, t), along = arm.strip().at(1, t).minus(from);
        return (reachMm - from.minus(inner).dot(outwards)) / along.dot(outwards);
    }
}
