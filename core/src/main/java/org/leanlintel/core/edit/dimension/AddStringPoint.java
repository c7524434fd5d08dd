package org.leanlintel.core.edit.dimension;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Adds a point to a dimension string, wherever along it. */
public record AddStringPoint(ElementId string, Hold hold) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(string);
    }

    @Override
    public Outcome on(Building building) {
        DimensionString of = building.model().get(string, DimensionString.class);
        HeldPoints.Held point = HeldPoints.of(hold, of, building);
        if (point == null)
            return Refusal.because("What is picked runs along the string, or its line never meets it.", string);
        for (HeldPoints.Held there : HeldPoints.along(of, building))
            if (Tolerance.same(there.position(), point.position()))
                return Refusal.because("The string has a point there.", string);
        List<Hold> holds = new ArrayList<>(of.holds());
        holds.add(hold);
        return Change.to(building.model(), "add a point to a string", List.of(of.through(of.at(), holds)), List.of());
    }
}
