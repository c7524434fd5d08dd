package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/** A straight side of the plot that the house stands on. */
public record BoundaryLine(ElementId id, ElementId layer, Vec from, Vec to) implements Ruled {

    private static final double LEAST_MM = 100;

    public BoundaryLine {
        from = Checks.near(from);
        to = Checks.near(to);
        if (!(from.distanceTo(to) >= LEAST_MM))
            throw new Unusable("A side of the plot is at least %.0f mm long.".formatted(LEAST_MM));
    }

    public BoundaryLine between(Vec otherFrom, Vec otherTo) {
        return new BoundaryLine(id, layer, otherFrom, otherTo);
    }

    /** The same by another name in files. */
    public BoundaryLine as(ElementId otherId, ElementId otherLayer) {
        return new BoundaryLine(otherId, otherLayer, from, to);
    }

    @Override
    public BoundaryLine onLayer(ElementId other) {
        return as(id, other);
    }
}
