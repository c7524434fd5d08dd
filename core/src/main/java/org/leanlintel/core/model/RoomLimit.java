package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/** A line that parts two rooms where no wall does. It runs on to what lies just past its ends. */
public record RoomLimit(ElementId id, ElementId storey, ElementId layer, Vec from, Vec to)
        implements OnLayer, OnStorey {

    private static final double SHORTEST_MM = 100;

    public RoomLimit {
        from = Checks.near(from);
        to = Checks.near(to);
        if (from.distanceTo(to) < SHORTEST_MM)
            throw new Unusable("A room limit is at least %d mm long.".formatted((int) SHORTEST_MM));
    }

    public RoomLimit between(Vec otherFrom, Vec otherTo) {
        return new RoomLimit(id, storey, layer, otherFrom, otherTo);
    }

    @Override
    public RoomLimit onLayer(ElementId other) {
        return new RoomLimit(id, storey, other, from, to);
    }
}
