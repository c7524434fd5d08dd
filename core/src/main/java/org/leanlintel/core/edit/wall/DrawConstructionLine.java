package org.leanlintel.core.edit.wall;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;

/** Draws a line to draw by. */
public record DrawConstructionLine(ElementId storey, ElementId layer, Vec from, Vec to, boolean endless)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, layer);
    }

    @Override
    public Outcome on(Building building) {
        ConstructionLine made =
                new ConstructionLine(new NewIds(building.model()).next(), storey, layer, from, to, endless);
        return Change.to(building.model(), "draw construction line", List.of(made), List.of());
    }
}
