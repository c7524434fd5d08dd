package org.leanlintel.core.edit.dimension;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** A dimension string again, parallel to itself. @param asideMm to the left of the way it measures, negative to the right */
public record CopyString(ElementId string, double asideMm) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(string);
    }

    @Override
    public Outcome on(Building building) {
        if (asideMm == 0) return Refusal.because("The copy would lie on the string itself.", string);
        DimensionString of = building.model().get(string, DimensionString.class);
        DimensionString copy = of.through(of.at().along(of.direction().left(), asideMm), of.holds())
                .named(new NewIds(building.model()).next());
        return Change.to(building.model(), "copy a dimension string", List.of(copy), List.of());
    }
}
