package org.leanlintel.core.model;

/**
 * What a ply does in its build-up. The order is the order in which plies give way where walls meet: each gives way to
 * those before it, and structure gives way to nothing.
 */
public enum Does {
    CARRIES,
    BOARDS,
    INSULATES,
    AIR_GAP,
    FACING,
    LINING,
    /** A membrane: a line without thickness. */
    SHEET;

    /** Whether this ply is drawn on through {@code other}, which is interrupted. A facing and a lining are equals. */
    public boolean passes(Does other) {
        return this != SHEET && strength() > other.strength();
    }

    private int strength() {
        return switch (this) {
            case CARRIES -> 5;
            case BOARDS -> 4;
            case INSULATES -> 3;
            case AIR_GAP -> 2;
            case FACING, LINING -> 1;
            case SHEET -> 0;
        };
    }
}
