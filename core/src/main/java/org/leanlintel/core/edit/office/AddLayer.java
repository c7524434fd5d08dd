package org.leanlintel.core.edit.office;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Adds a layer that no kind is drawn on by itself; its id is taken as a wish. */
public record AddLayer(Layer layer) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of();
    }

    @Override
    public Outcome on(Building building) {
        for (Layer known : building.model().all(Layer.class))
            if (known.name().equalsIgnoreCase(layer.name()))
                return Refusal.because("There is a layer \"%s\" already.".formatted(known.name()), known.id());
        boolean free = building.model().find(layer.id()) == null;
        Layer made = layer.copied(free ? layer.id() : new NewIds(building.model()).next());
        return Change.to(building.model(), "add " + Naming.of(made), List.of(made), List.of());
    }
}
