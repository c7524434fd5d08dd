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

/** Draws an angle, a radius or the length of an arc. Parameters as in {@link Dimension}. */
public record DrawDimension(ElementId drawing, ElementId layer, Dimension.Of of, Vec at) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, layer);
    }

    @Override
    public Outcome on(Building building) {
        Dimension dimension = new Dimension(new NewIds(building.model()).next(), layer, drawing, of, at, false);
        if (Measured.of(dimension, building) == null)
            return Refusal.because(
                    of instanceof Dimension.Angle
                            ? "There is no angle there: these two lie side by side, or this drawing does not show them as lines."
                            : "Only the face of a curved wall has a radius and an arc.");
        return Change.to(building.model(), "draw " + Naming.of(dimension), List.of(dimension), List.of());
    }
}
