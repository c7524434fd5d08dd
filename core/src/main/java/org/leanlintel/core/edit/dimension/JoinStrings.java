package org.leanlintel.core.edit.dimension;

import java.util.ArrayList;
import java.util.LinkedHashSet;
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
import org.leanlintel.core.model.OwnPart;
import org.leanlintel.core.model.Refusal;

/** Makes one string of several that measure one way in one drawing; it lies in the line of the first. */
public record JoinStrings(List<ElementId> strings) implements Edit {

    public JoinStrings {
        strings = List.copyOf(strings);
    }

    @Override
    public Set<ElementId> reads() {
        return new LinkedHashSet<>(strings);
    }

    @Override
    public Outcome on(Building building) {
        if (strings.stream().distinct().count() < 2) return Refusal.because("Select two strings at least.");
        DimensionString first = building.model().get(strings.getFirst(), DimensionString.class);
        List<Hold> holds = new ArrayList<>();
        List<OwnPart> own = new ArrayList<>();
        List<HeldPoints.Held> there = new ArrayList<>();
        for (ElementId id : strings) {
            DimensionString s = building.model().get(id, DimensionString.class);
            if (!s.drawing().equals(first.drawing())) return Refusal.because("They stand in different drawings.", id);
            if (Math.abs(s.direction().cross(first.direction())) > Tolerance.PARALLEL_SINE)
                return Refusal.because("They measure different ways.", first.id(), id);
            own.addAll(s.own());
            for (Hold h : s.holds()) {
                HeldPoints.Held held = HeldPoints.of(h, first, building);
                boolean known =
                        held == null || there.stream().anyMatch(t -> Tolerance.same(t.position(), held.position()));
                if (known) continue;
                holds.add(h);
                there.add(held);
            }
        }
        if (holds.size() < 2) return Refusal.because("Nothing would be left to measure.", strings.getFirst());
        List<ElementId> gone = new ArrayList<>(strings.subList(1, strings.size()));
        return Change.to(building.model(), "join dimension strings", List.of(first.joined(holds, own)), gone);
    }
}
