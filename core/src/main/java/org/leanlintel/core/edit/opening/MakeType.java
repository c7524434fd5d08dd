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
import org.leanlintel.core.model.Refusal;

/**
 * Makes openings of one type: they all become like the first, each turned as it was.
 *
 * @param typeMark its mark; that of a type there is makes them like those it has; empty splits them off their types
 */
public record MakeType(List<ElementId> openings, String typeMark) implements Edit {

    public MakeType {
        openings = List.copyOf(openings);
        typeMark = typeMark.strip();
    }

    @Override
    public Set<ElementId> reads() {
        return Set.copyOf(openings);
    }

    @Override
    public Outcome on(Building building) {
        if (openings.isEmpty()) return Refusal.because("Nothing is selected.");
        Model model = building.model();
        List<Opening> asked =
                openings.stream().map(id -> model.get(id, Opening.class)).toList();
        Opening pattern = pattern(model, asked);
        List<Opening> put = new ArrayList<>();
        for (Opening o : asked) {
            if (!typeMark.isEmpty() && o.kind() instanceof Opening.Window != pattern.kind() instanceof Opening.Window)
                return Refusal.because(
                        "%s cannot be of one type with %s.".formatted(Naming.of(o), Naming.of(pattern)), o.id());
            put.add(typeMark.isEmpty() ? o.typed("") : o.like(pattern).typed(typeMark));
        }
        String name = typeMark.isEmpty()
                ? "split off " + Naming.of(asked)
                : "make %s type %s".formatted(Naming.of(asked), typeMark);
        return Change.to(model, name, put, List.of());
    }

    private Opening pattern(Model model, List<Opening> asked) {
        for (Opening o : model.all(Opening.class))
            if (o.typeMark().equals(typeMark) && !openings.contains(o.id())) return o;
        return asked.getFirst();
    }
}
