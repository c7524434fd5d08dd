package org.leanlintel.core.building.roof;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Opening;

/** What a thing that stands before a wall from the gutter to the ground stands before. */
public final class BeforeOpenings {

    /** How near before the middle of a wall something stands that hides what opens in it. */
    private static final double BEFORE_MM = 600;

    private BeforeOpenings() {}

    /** The first opening of any storey that it hides; null where there is none. @param along the wall; @param reachMm to either side */
    public static @Nullable Opening first(Vec at, Vec along, double reachMm, Building building) {
        for (Opening o : building.model().all(Opening.class)) {
            if (!(building.solid(o.wall()) instanceof WallSolid solid)) continue;
            PlacedOpening placed = solid.opening(o.id());
            if (placed == null) continue;
            Strip strip = solid.strip();
            Vec one = strip.at(placed.from(), 0).minus(at),
                    other = strip.at(placed.to(), 0).minus(at);
            boolean near = Math.abs(one.cross(along)) < BEFORE_MM && Math.abs(other.cross(along)) < BEFORE_MM;
            double left = Math.min(one.dot(along), other.dot(along)),
                    right = Math.max(one.dot(along), other.dot(along));
            if (near && left < reachMm && right > -reachMm) return o;
        }
        return null;
    }
}
