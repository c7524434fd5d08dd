package org.leanlintel.core.building;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.model.ElementId;

/** A wall with its ends joined; null where it is not there or has no length. */
record SolidOf(ElementId wall) implements Key<@Nullable WallSolid> {

    @Override
    public @Nullable WallSolid from(Reads reads) {
        Building building = Building.in(reads);
        Strip strip = building.strip(wall);
        return strip == null ? null : new WallSolid(strip, building);
    }
}
