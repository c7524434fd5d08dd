package org.leanlintel.core.edit;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Outcome;

/** Draws a dimension string through what its points hold to. Parameters as in {@link DimensionString}. */
public record DrawString(ElementId drawing, ElementId layer, Vec direction, Vec at, List<Hold> holds) implements Edit {

    public DrawString {
        holds = List.copyOf(holds);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, layer);
    }

    @Override
    public Outcome on(Building building) {
        DimensionString string =
                new DimensionString(new NewIds(building.model()).next(), layer, drawing, direction, at, holds);
        return Change.to(building.model(), "draw dimension string", List.of(string), List.of());
    }
}
