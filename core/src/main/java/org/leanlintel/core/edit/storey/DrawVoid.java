package org.leanlintel.core.edit.storey;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.WorkState;

/** Cuts a void through the floors of a storey. */
public record DrawVoid(ElementId storey, ElementId layer, List<Vec> ring) implements Edit {

    public DrawVoid {
        ring = List.copyOf(ring);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, layer);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        FloorVoid made = new FloorVoid(
                new NewIds(model).next(), storey, layer, Naming.nextMark(model, "V", 1), ring, WorkState.NEW);
        return Change.to(model, "cut " + Naming.of(made), List.of(made), List.of());
    }
}
