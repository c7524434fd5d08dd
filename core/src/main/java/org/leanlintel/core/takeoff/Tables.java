package org.leanlintel.core.takeoff;

import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.AsItWas;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Unusable;

/** The schedules that are plain tables. */
public final class Tables {

    private Tables() {}

    /** Of a schedule, in the order it asks for. @throws Unusable for a drawing that is no such schedule */
    public static Table of(Drawing schedule, Building building) {
        Table table =
                switch (schedule.kind()) {
                    case DOORS -> OpeningTable.doors(schedule, building);
                    case WINDOWS -> OpeningTable.windows(schedule, building);
                    case ROOMS ->
                        RoomTable.of(
                                schedule.subject() instanceof Drawing.AsItWas ? building.get(new AsItWas()) : building);
                    case ROOFS -> RoofTable.of(building);
                    case FOUNDATIONS -> FootingTable.of(building);
                    case CLAUSES -> ClauseTable.of(schedule, building);
                    case SHEETS -> SheetTable.of(schedule, building.model());
                    case FITTINGS -> FittingTable.of(schedule, building);
                    case PLAN, SECTION, ELEVATION, INTERIOR, STAIR, TRUSS, BUILD_UPS, LEGEND, TEXT, PICTURE ->
                        throw new Unusable(
                                "\"%s\" is not a table that can be saved as CSV.".formatted(schedule.name()));
                };
        return table.sortedBy(schedule.sortBy());
    }
}
