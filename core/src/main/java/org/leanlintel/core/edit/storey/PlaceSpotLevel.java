package org.leanlintel.core.edit.storey;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.SpotLevel;

/** Says how high the ground lies at a point, before and after the work, above the project's zero. */
public record PlaceSpotLevel(ElementId layer, Vec at, double existingMm, double finishedMm) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(layer);
    }

    @Override
    public Outcome on(Building building) {
        SpotLevel made = new SpotLevel(new NewIds(building.model()).next(), layer, at, existingMm, finishedMm);
        return Change.to(building.model(), "place spot level", List.of(made), List.of());
    }
}
