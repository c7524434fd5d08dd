package org.leanlintel.core.edit.change;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Changes the facts of one element: an opening's size, a wall's build-up, a drawing's scale. The id stays. */
public record Revise(Element element) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(element.id());
    }

    @Override
    public Outcome on(Building building) {
        Element before = building.model().get(element.id(), Element.class);
        if (before.getClass() != element.getClass()) {
            return Refusal.because(
                    "%s cannot become another kind of thing.".formatted(Naming.of(before)), element.id());
        }
        return Change.to(building.model(), "change " + Naming.of(element), List.of(element), List.of());
    }
}
