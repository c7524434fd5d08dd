package org.leanlintel.core.edit.drawing;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Sheet;

/** Adds a sheet, with drawings already placed on it or none. */
public record AddSheet(String number, String title, String set, Paper paper, List<Sheet.Placed> drawings)
        implements Edit {

    /** In the set without a name. */
    public AddSheet(String number, String title, Paper paper, List<Sheet.Placed> drawings) {
        this(number, title, "", paper, drawings);
    }

    /** On paper that lies across. */
    public AddSheet(String number, String title, PaperSize size, List<Sheet.Placed> drawings) {
        this(number, title, Paper.across(size), drawings);
    }

    public AddSheet {
        drawings = List.copyOf(drawings);
    }

    @Override
    public Set<ElementId> reads() {
        return drawings.stream().map(Sheet.Placed::drawing).collect(Collectors.toSet());
    }

    @Override
    public Outcome on(Building building) {
        for (Sheet s : building.model().all(Sheet.class)) {
            if (s.number().equalsIgnoreCase(number.strip()))
                return Refusal.because("There is a sheet %s already.".formatted(s.number()), s.id());
        }
        Sheet sheet = new Sheet(new NewIds(building.model()).next(), number, title, set, paper, drawings);
        return Change.to(building.model(), "add " + Naming.of(sheet), List.of(sheet), List.of());
    }
}
