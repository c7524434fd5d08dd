package org.leanlintel.core.edit.drawing;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Steps;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Unusable;

/** Adds several sheets at once, with drawings on them. */
public record ComposeSheets(List<AddSheet> sheets) implements Edit {

    private static final int MOST = 200;

    public ComposeSheets {
        sheets = List.copyOf(sheets);
        if (sheets.size() > MOST) throw new Unusable("At most %d sheets are added at once.".formatted(MOST));
    }

    @Override
    public Set<ElementId> reads() {
        Set<ElementId> reads = new LinkedHashSet<>();
        for (AddSheet s : sheets) reads.addAll(s.reads());
        return reads;
    }

    @Override
    public Outcome on(Building building) {
        if (sheets.isEmpty()) return Refusal.because("There is nothing to lay out.");
        Steps steps = new Steps(building);
        for (AddSheet s : sheets) if (steps.then(s) instanceof Refusal refusal) return refusal;
        return steps.as(sheets.size() == 1 ? "lay out a sheet" : "lay out %d sheets".formatted(sheets.size()));
    }
}
