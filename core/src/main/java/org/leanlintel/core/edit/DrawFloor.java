package org.leanlintel.core.edit;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;

/** Lays a floor: inside a shell, or as drawn. */
public record DrawFloor(
        ElementId storey,
        ElementId layer,
        ElementId buildUp,
        Floor.Outline outline,
        double stepMm,
        double span,
        Floor.Fall fall)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, layer, buildUp);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Floor made = new Floor(
                new NewIds(model).next(),
                storey,
                layer,
                Naming.nextMark(model, "FL", 1),
                buildUp,
                outline,
                stepMm,
                span,
                fall);
        return Change.to(model, "lay " + Naming.of(made), List.of(made), List.of());
    }
}
