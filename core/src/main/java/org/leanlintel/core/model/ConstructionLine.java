package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;

/**
 * A line to draw by, which never prints.
 *
 * @param endless whether it runs on beyond both points
 */
public record ConstructionLine(ElementId id, ElementId storey, ElementId layer, Vec from, Vec to, boolean endless)
        implements OnLayer, OnStorey {

    public ConstructionLine {
        Checks.near(from);
        Checks.near(to);
        if (from.distanceTo(to) < Tolerance.SAME_MM)
            throw new Unusable("A construction line goes through two points that are not one.");
    }

    public ConstructionLine between(Vec start, Vec end) {
        return new ConstructionLine(id, storey, layer, start, end, endless);
    }

    /** The same by another name in files, on another storey and layer. */
    public ConstructionLine on(ElementId otherId, ElementId otherStorey, ElementId otherLayer) {
        return new ConstructionLine(otherId, otherStorey, otherLayer, from, to, endless);
    }

    @Override
    public ConstructionLine onLayer(ElementId other) {
        return on(id, storey, other);
    }
}
