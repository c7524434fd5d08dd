package org.leanlintel.core.edit.room;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.RoomLimit;

/** Draws a line that parts rooms where no wall does. */
public record DrawRoomLimit(ElementId storey, ElementId layer, Vec from, Vec to) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, layer);
    }

    @Override
    public Outcome on(Building building) {
        RoomLimit made = new RoomLimit(new NewIds(building.model()).next(), storey, layer, from, to);
        return Change.to(building.model(), "draw room limit", List.of(made), List.of());
    }
}
