package org.leanlintel.core.edit.change;

import java.util.ArrayList;
import java.util.LinkedHashSet;
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

/** Changes the facts of several elements in one edit, as {@link Revise} does of one. */
public record ReviseAll(List<Element> elements) implements Edit {

    public ReviseAll {
        elements = List.copyOf(elements);
    }

    @Override
    public Set<ElementId> reads() {
        Set<ElementId> ids = new LinkedHashSet<>();
        elements.forEach(e -> ids.add(e.id()));
        return ids;
    }

    @Override
    public Outcome on(Building building) {
        if (elements.isEmpty()) return Refusal.because("Nothing is selected.");
        List<Element> put = new ArrayList<>();
        for (Element e : elements) {
            switch (new Revise(e).on(building)) {
                case Refusal refusal -> {
                    return refusal;
                }
                case Change change -> put.addAll(change.after());
            }
        }
        return Change.to(building.model(), "change " + Naming.of(elements), put, List.of());
    }
}
