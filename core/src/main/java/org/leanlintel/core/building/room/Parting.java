package org.leanlintel.core.building.room;

import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Wall;

/** Which walls close round something. */
enum Parting {
    /** Those that part rooms: they stay, and the plan cuts them. */
    ROOMS {
        @Override
        boolean parts(Wall wall, Building building) {
            double cut = building.model().settings().cutHeightMm();
            return wall.stays() && building.space(wall.storey()).isCutAt(wall.rise(), cut);
        }
    },
    /** All that stay, whatever their height. */
    SHELL {
        @Override
        boolean parts(Wall wall, Building building) {
            return wall.stays();
        }
    };

    abstract boolean parts(Wall wall, Building building);
}
