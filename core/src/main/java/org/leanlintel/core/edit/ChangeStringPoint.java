package org.leanlintel.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.HeldPoints;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Adds a point to a dimension string, or takes away the one that it has at that place. */
public record ChangeStringPoint(ElementId string, Hold hold) implements Edit {

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
        List<Hold> left = new ArrayList<>();
        for (Hold h : of.holds()) {
            HeldPoints.Held there = HeldPoints.of(h, of, building);
            if (there == null || !Tolerance.same(there.position(), point.position())) left.add(h);
        }
        boolean adds = left.size() == of.holds().size();
        if (adds) left.add(hold);
        if (left.size() < 2) return Refusal.because("A string has two points: delete it instead.", string);
        String name = adds ? "add a point to a dimension string" : "take a point out of a dimension string";
        return Change.to(building.model(), name, List.of(of.through(of.at(), left)), List.of());
    }
}
