package org.leanlintel.core.edit;

import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.HeldPoints;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Takes the point nearest to a place out of a dimension string. */
public record TakeStringPoint(ElementId string, Vec at) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(string);
    }

    @Override
    public Outcome on(Building building) {
        DimensionString of = building.model().get(string, DimensionString.class);
        double place = at.dot(of.direction());
        Hold nearest = null;
        double least = Double.POSITIVE_INFINITY;
        for (Hold h : of.holds()) {
            HeldPoints.Held held = HeldPoints.of(h, of, building);
            double off = held == null ? Double.POSITIVE_INFINITY : Math.abs(held.position() - place);
            if (off >= least) continue;
            least = off;
            nearest = h;
        }
        if (nearest == null) return Refusal.because("The string has no point here.", string);
        return new ChangeStringPoint(string, nearest).on(building);
    }
}
