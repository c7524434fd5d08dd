package org.leanlintel.core.edit.dimension;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Takes the point nearest to a place out of a dimension string. @param withinMm how far along the string it may lie from there */
public record TakeStringPoint(ElementId string, Vec at, double withinMm) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(string);
    }

    @Override
    public Outcome on(Building building) {
        DimensionString of = building.model().get(string, DimensionString.class);
        double place = at.dot(of.direction());
        Double nearest = null;
        for (HeldPoints.Held h : HeldPoints.along(of, building))
            if (nearest == null || Math.abs(h.position() - place) < Math.abs(nearest - place)) nearest = h.position();
        if (nearest == null || Math.abs(nearest - place) > withinMm)
            return Refusal.because("The string has no point here.", string);
        List<Hold> left = new ArrayList<>();
        for (Hold h : of.holds()) {
            HeldPoints.Held held = HeldPoints.of(h, of, building);
            if (held == null || !Tolerance.same(held.position(), nearest)) left.add(h);
        }
        if (left.size() < 2) return Refusal.because("A string has two points: delete it instead.", string);
        return Change.to(
                building.model(), "take a point out of a string", List.of(of.through(of.at(), left)), List.of());
    }
}
