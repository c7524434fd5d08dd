package org.leanlintel.core.dimension;

import org.leanlintel.core.geometry.Vec;

/** A side of a storey as it lies on the sheet. */
public enum Facing {
    TOP,
    RIGHT,
    BOTTOM,
    LEFT;

    /** Away from the storey. */
    Vec out(Ways ways) {
        return switch (this) {
            case TOP -> ways.second();
            case RIGHT -> ways.first();
            case BOTTOM -> ways.second().times(-1);
            case LEFT -> ways.first().times(-1);
        };
    }

    /** Whether the strings of this side measure the first of the two ways. */
    boolean isMeasuredFirst() {
        return this == TOP || this == BOTTOM;
    }
}
