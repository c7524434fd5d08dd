package org.leanlintel.core.edit.office;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Adds a lens; its id is taken as a wish. */
public record AddLens(Lens lens) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of();
    }

    @Override
    public Outcome on(Building building) {
        for (Lens known : building.model().all(Lens.class))
            if (known.name().equalsIgnoreCase(lens.name()))
                return Refusal.because("There is a lens \"%s\" already.".formatted(known.name()), known.id());
        boolean free = building.model().find(lens.id()) == null;
        Lens made = free ? lens : lens.called(new NewIds(building.model()).next(), lens.name());
        return Change.to(building.model(), "add " + Naming.of(made), List.of(made), List.of());
    }
}
