package org.leanlintel.core.edit.office;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.StringStyle;

/** Makes another style of dimension strings or of letters. @param like its first self, but for its name */
public record AddStyle(ElementId like, String name) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(like);
    }

    @Override
    public Outcome on(Building building) {
        ElementId id = new NewIds(building.model()).next();
        Element.Stock style;
        switch (building.model().get(like, Element.Stock.class)) {
            case StringStyle s -> style = s.called(id, name);
            case LetterStyle s -> style = s.called(id, name);
            default -> {
                return Refusal.because("Only styles of strings and of letters are made like others.", like);
            }
        }
        String made = Naming.of(style);
        for (Element there : building.model().all(style.getClass()))
            if (Naming.of(there).equalsIgnoreCase(made))
                return Refusal.because("There is a %s already.".formatted(made), there.id());
        return Change.to(building.model(), "add " + made, List.of(style), List.of());
    }
}
