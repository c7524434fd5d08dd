package org.leanlintel.core.model;

/** A side of a wall, seen from its start towards its end. */
public enum Side {
    LEFT,
    RIGHT;

    /** +1 for the left (counter-clockwise) side, -1 for the right. */
    public int sign() {
        return this == LEFT ? 1 : -1;
    }

    public Side other() {
        return this == LEFT ? RIGHT : LEFT;
    }
}
