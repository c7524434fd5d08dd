package org.leanlintel.core.edit.office;

import java.util.ArrayList;
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

/** Takes items of an office standard: what is there by id or by name is replaced, the rest is added. Nothing else of the project goes. */
public record TakeStandard(List<Element> items) implements Edit {

    public TakeStandard {
        items = List.copyOf(items);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of();
    }

    @Override
    public Outcome on(Building building) {
        List<Element> put = new ArrayList<>();
        for (Standard.Compared item : Standard.compare(building.model(), items))
            if (item.likeness() != Standard.Likeness.SAME) put.add(item.element());
        if (put.isEmpty()) return Refusal.because("The project has all of that already.");
        String what = put.size() == 1 ? Naming.of(put) : put.size() + " items";
        return Change.to(building.model(), "take %s from a standard".formatted(what), put, List.of());
    }
}
