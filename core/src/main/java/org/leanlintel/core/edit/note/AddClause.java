package org.leanlintel.core.edit.note;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Clause;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;

/** Adds a clause to the library, at its end. Parameters as in {@link Clause}. */
public record AddClause(String heading, String text) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of();
    }

    @Override
    public Outcome on(Building building) {
        double last = building.model().all(Clause.class).stream()
                .mapToDouble(Clause::order)
                .max()
                .orElse(0);
        Clause made = new Clause(new NewIds(building.model()).next(), heading, text, last + 1);
        return Change.to(building.model(), "add " + Naming.of(made), List.of(made), List.of());
    }
}
