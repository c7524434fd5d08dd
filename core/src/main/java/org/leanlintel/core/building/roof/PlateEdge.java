package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Roof;

/**
 * One side of what a roof covers, the roof to its left, at the outer face of the wall it stands on.
 *
 * @param along what the roof knows it by: as many as lie in line and are alike
 * @param facingMm from the wall's outer face to that of its structure; 0 where it stands on none
 * @param structureMm how thick that structure is; 0 where it stands on none
 */
public record PlateEdge(List<Roof.Along> along, Vec from, Vec to, Roof.Edge edge, double facingMm, double structureMm) {

    public PlateEdge {
        along = List.copyOf(along);
    }

    public Vec direction() {
        return to.minus(from).unit();
    }

    public Vec inwards() {
        return direction().left();
    }

    /** How far a point lies from it. */
    public double distanceTo(Vec point) {
        double along = point.minus(from).dot(direction());
        return point.distanceTo(from.along(direction(), Math.clamp(along, 0, from.distanceTo(to))));
    }

    boolean isInLineWith(PlateEdge next) {
        return Math.abs(direction().cross(next.direction())) < IN_LINE_SINE
                && direction().dot(next.direction()) > 0;
    }

    /** The sine of the angle under which sides that follow each other are in line. */
    private static final double IN_LINE_SINE = 1.7e-3;

    /** Whether a slope begins at it. */
    boolean slopes() {
        return edge.tan() > 0;
    }

    /** Whether a slope begins at it that drains over it. */
    public boolean isEaves() {
        return slopes() && parapet() == null;
    }

    /** The parapet that stands over it; null where none does. */
    public Roof.@Nullable Parapet parapet() {
        return edge.rises() instanceof Roof.Parapet p ? p : null;
    }

    /** How far the roof goes out from the wall's outer face; less than nothing where it ends within a parapet. */
    double outMm() {
        return parapet() == null ? edge.overhangMm() : -(facingMm + structureMm);
    }

    /** Whether it goes on in the next as one. */
    boolean goesOnIn(PlateEdge next) {
        return isInLineWith(next)
                && edge.equals(next.edge)
                && facingMm == next.facingMm
                && Math.abs(outMm() - next.outMm()) <= Tolerance.SAME_MM;
    }

    /** This and the next, in line with it, as one. */
    PlateEdge with(PlateEdge next) {
        List<Roof.Along> both = new ArrayList<>(along);
        for (Roof.Along a : next.along) if (!both.contains(a)) both.add(a);
        return new PlateEdge(both, from, next.to, edge, facingMm, structureMm);
    }
}
