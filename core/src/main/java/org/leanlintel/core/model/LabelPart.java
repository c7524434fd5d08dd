package org.leanlintel.core.model;

/** What a room label may say under the room's name. */
public enum LabelPart {
    NUMBER,
    AREA,
    /** Width and depth, clear between finished faces. */
    SIZE,
    /** From the floor, at its lowest and its highest. */
    CEILING_HEIGHT,
    /** The mark of its build-up, and its finish. */
    CEILING,
    FINISHES
}
