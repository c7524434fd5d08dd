package org.leanlintel.core.edit.dimension;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.StringStyle;

/** Makes another style of dimension strings. @param like its first self, but for its name */
public record AddStringStyle(ElementId like, String name) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(like);
    }

    @Override
    public Outcome on(Building building) {
        StringStyle of = building.model().get(like, StringStyle.class);
        for (StringStyle s : building.model().all(StringStyle.class))
            if (s.name().equalsIgnoreCase(name.strip()))
                return Refusal.because("A string style is called \"%s\" already.".formatted(s.name()), s.id());
        StringStyle style = of.called(new NewIds(building.model()).next(), name);
        return Change.to(building.model(), "add " + Naming.of(style), List.of(style), List.of());
    }
}
