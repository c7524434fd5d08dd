package org.leanlintel.core.edit.dimension;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.dimension.Measured;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Draws an angle, a radius, the length of an arc, a slope or an area. Parameters as in {@link Dimension}. */
public record DrawDimension(ElementId drawing, ElementId layer, Dimension.Of of, Vec at) implements Edit {

    private static final String NO_ARC = "Only the face of a curved wall has a radius and an arc.";

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, layer);
    }

    @Override
    public Outcome on(Building building) {
        Dimension dimension = new Dimension(new NewIds(building.model()).next(), layer, drawing, of, at, false);
        if (Measured.of(dimension, building) == null)
            return Refusal.because(
                    switch (of) {
                        case Dimension.Angle a ->
                            "There is no angle there: these two lie side by side, or this drawing does not show them as lines.";
                        case Dimension.Radius r -> NO_ARC;
                        case Dimension.ArcLength l -> NO_ARC;
                        case Dimension.Slope s ->
                            "Between these two there is no slope: pick two points that lie apart.";
                        case Dimension.Surface s ->
                            "These close round nothing: pick points round an area, or lines each of which meets the next.";
                    });
        return Change.to(building.model(), "draw " + Naming.of(dimension), List.of(dimension), List.of());
    }
}
