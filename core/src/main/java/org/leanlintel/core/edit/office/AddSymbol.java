package org.leanlintel.core.edit.office;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Symbol;

/**
 * Adds a symbol to the stock; its id is taken as a wish. Uses that are named get it instead of theirs, so that one can be
 * set free of an original.
 */
public record AddSymbol(Symbol symbol, List<ElementId> uses) implements Edit {

    public AddSymbol {
        uses = List.copyOf(uses);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.copyOf(uses);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        for (Symbol known : model.all(Symbol.class))
            if (known.name().equalsIgnoreCase(symbol.name()))
                return Refusal.because("There is a symbol \"%s\" already.".formatted(known.name()), known.id());
        Symbol made = model.find(symbol.id()) == null ? symbol : symbol.named(new NewIds(model).next(), symbol.name());
        List<Fitting> now = uses.stream()
                .map(id -> model.get(id, Fitting.class))
                .map(f -> f.of(made.id(), f.widthMm(), f.depthMm()))
                .toList();
        List<Element> put = new ArrayList<>(now);
        put.addFirst(made);
        return Change.to(model, "add " + Naming.of(made), put, List.of());
    }
}
