package org.leanlintel.core.edit.opening;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;

/** Changes an opening and with it all others of its type: they take its sizes, kind and make, each turned as it was. */
public record ReviseOpening(Opening opening) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(opening.id());
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Opening before = model.get(opening.id(), Opening.class);
        List<Opening> put = new ArrayList<>(List.of(opening));
        for (Opening o : model.all(Opening.class)) {
            boolean alike = !before.typeMark().isEmpty() && o.typeMark().equals(before.typeMark());
            if (alike && !o.id().equals(opening.id())) put.add(o.like(opening));
        }
        String name = put.size() == 1
                ? "change " + Naming.of(opening)
                : "change type %s, %d openings".formatted(before.typeMark(), put.size());
        return Change.to(model, name, put, List.of());
    }
}
