package org.leanlintel.core.model;

import java.util.List;
import org.leanlintel.core.geometry.Vec;

/**
 * A void through the floors of a storey, open to the storey below.
 *
 * @param mark what people call it: V1
 * @param ring its outline, not repeating the first point
 */
public record FloorVoid(ElementId id, ElementId storey, ElementId layer, String mark, List<Vec> ring, WorkState state)
        implements InWork, OnStorey, Marked {

    public FloorVoid {
        mark = Checks.name("A void's mark", mark);
        ring = Checks.ring("A void", ring);
    }

    public FloorVoid on(ElementId otherId, ElementId otherStorey, ElementId otherLayer, String otherMark) {
        return new FloorVoid(otherId, otherStorey, otherLayer, otherMark, ring, state);
    }

    public FloorVoid within(List<Vec> other) {
        return new FloorVoid(id, storey, layer, mark, other, state);
    }

    @Override
    public FloorVoid in(WorkState other) {
        return new FloorVoid(id, storey, layer, mark, ring, other);
    }

    @Override
    public FloorVoid onLayer(ElementId other) {
        return new FloorVoid(id, storey, other, mark, ring, state);
    }
}
