package org.leanlintel.core.building.body;

import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;

/** What stands along the edges of a stair. */
final class BesideStair {

    /** So far beside an edge a wall stands at it. */
    private static final double BESIDE_MM = 60;

    private BesideStair() {}

    /** @param edge a place on it; @param outwards from there away from the stair */
    static boolean isWall(Vec edge, Vec outwards, BuiltStair stair, Building building) {
        Vec beside = edge.along(outwards, BESIDE_MM);
        for (Strip strip :
                building.near(Bounds.of(List.of(beside)), stair.stair().storey()))
            if (strip.wall().stays()
                    && building.solid(strip.wall().id()) instanceof WallSolid solid
                    && solid.footprint().covers(beside)) return true;
        return false;
    }
}
