package org.leanlintel.core.edit.drawing;

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
import org.leanlintel.core.model.TitleBlock;

/** Makes another layout of title blocks. @param like its first self, but for its name */
public record AddTitleBlock(ElementId like, String name) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(like);
    }

    @Override
    public Outcome on(Building building) {
        TitleBlock of = building.model().get(like, TitleBlock.class);
        for (TitleBlock b : building.model().all(TitleBlock.class))
            if (b.name().equalsIgnoreCase(name.strip()))
                return Refusal.because("A title block is called \"%s\" already.".formatted(b.name()), b.id());
        TitleBlock block = of.called(new NewIds(building.model()).next(), name);
        return Change.to(building.model(), "add " + Naming.of(block), List.of(block), List.of());
    }
}
