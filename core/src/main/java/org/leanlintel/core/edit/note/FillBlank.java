package org.leanlintel.core.edit.note;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Clause;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Fills one blank of a keyed note and leaves the others as they are. @param blank counted from 0, as they come in its clause */
public record FillBlank(ElementId mark, int blank, String words) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(mark);
    }

    @Override
    public Outcome on(Building building) {
        KeyMark of = building.model().get(mark, KeyMark.class);
        int blanks = building.model().get(of.clause(), Clause.class).blanks();
        if (blank < 0 || blank >= blanks) return Refusal.because("The clause of this note has no such blank.", mark);
        List<String> fills = new ArrayList<>();
        for (int i = 0; i < blanks; i++)
            fills.add(i == blank ? words : i < of.fills().size() ? of.fills().get(i) : "");
        return Change.to(building.model(), "fill a blank", List.of(of.filled(fills)), List.of());
    }
}
