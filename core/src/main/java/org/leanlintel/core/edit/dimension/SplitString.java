package org.leanlintel.core.edit.dimension;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Makes two strings of one, that share the point nearest to a place. @param at near that point */
public record SplitString(ElementId string, Vec at) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(string);
    }

    @Override
    public Outcome on(Building building) {
        DimensionString of = building.model().get(string, DimensionString.class);
        List<HeldPoints.Held> points = HeldPoints.along(of, building);
        double place = at.dot(of.direction());
        double nearest = points.stream()
                .mapToDouble(HeldPoints.Held::position)
                .boxed()
                .min((a, b) -> Double.compare(Math.abs(a - place), Math.abs(b - place)))
                .orElse(place);
        List<Hold> before = new ArrayList<>(), after = new ArrayList<>();
        for (Hold h : of.holds()) {
            HeldPoints.Held held = HeldPoints.of(h, of, building);
            if (held == null) continue;
            boolean shared = Tolerance.same(held.position(), nearest);
            if (shared || held.position() < nearest) before.add(h);
            if (shared || held.position() > nearest) after.add(h);
        }
        boolean within = points.size() > 2
                && !Tolerance.same(nearest, points.getFirst().position())
                && !Tolerance.same(nearest, points.getLast().position());
        if (!within) return Refusal.because("A string is split at a point between its ends.", string);
        DimensionString second = of.through(of.at(), after).named(new NewIds(building.model()).next());
        return Change.to(
                building.model(), "split a dimension string", List.of(of.through(of.at(), before), second), List.of());
    }
}
