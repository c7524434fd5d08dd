package org.leanlintel.core.model;

import java.util.List;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;

/**
 * A chain of dimensions in one line.
 *
 * @param direction the measured direction, one long
 * @param at a point the line runs through
 * @param holds what each point holds to; at least two
 * @param throughLens whether it shows in all plans of the storey that are seen through the lens of its drawing
 */
public record DimensionString(
        ElementId id, ElementId layer, ElementId drawing, Vec direction, Vec at, List<Hold> holds, boolean throughLens)
        implements Annotation {

    public DimensionString {
        if (Tolerance.same(direction, Vec.ORIGIN)) throw new Unusable("A dimension string measures in a direction.");
        direction = direction.unit();
        at = Checks.near(at);
        holds = List.copyOf(holds);
        if (holds.size() < 2) throw new Unusable("A dimension string needs two points.");
        if (holds.size() > 200) throw new Unusable("A dimension string may have 200 points at most.");
    }

    public DimensionString through(Vec point, List<Hold> newHolds) {
        return new DimensionString(id, layer, drawing, direction, point, newHolds, throughLens);
    }

    public DimensionString named(ElementId other) {
        return new DimensionString(other, layer, drawing, direction, at, holds, throughLens);
    }

    @Override
    public DimensionString onLayer(ElementId other) {
        return new DimensionString(id, other, drawing, direction, at, holds, throughLens);
    }
}
