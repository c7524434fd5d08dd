package org.leanlintel.core.edit.dimension;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.building.feature.StringWay;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/**
 * Draws a dimension string through what its points hold to. Parameters as in {@link DimensionString}.
 *
 * @param way which way it measures
 */
public record DrawString(ElementId drawing, ElementId layer, Way way, Vec at, List<Hold> holds) implements Edit {

    /** Which way a string measures. */
    public sealed interface Way {}

    /** As follows from what it holds to and where its line is, see {@link StringWay}. */
    public record Found() implements Way {}

    public record Along(Vec direction) implements Way {}

    public DrawString(ElementId drawing, ElementId layer, Vec direction, Vec at, List<Hold> holds) {
        this(drawing, layer, new Along(direction), at, holds);
    }

    public DrawString {
        holds = List.copyOf(holds);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, layer);
    }

    @Override
    public Outcome on(Building building) {
        Vec direction =
                switch (way) {
                    case Found found -> StringWay.of(building, drawing, holds, at);
                    case Along along -> along.direction();
                };
        DimensionString string =
                new DimensionString(new NewIds(building.model()).next(), layer, drawing, direction, at, holds, false);
        if (HeldPoints.along(string, building).size() < 2)
            return Refusal.because("These points lie in one line across the string, so it would measure nothing. "
                    + "Place its line on another side of them.");
        return Change.to(building.model(), "draw dimension string", List.of(string), List.of());
    }
}
