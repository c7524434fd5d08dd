package org.leanlintel.core.model;

/** What a room label may say under the room's name. */
public enum LabelPart {
    NUMBER,
    AREA,
    /** Width and depth, clear between finished faces. */
    SIZE,
    CEILING_HEIGHT,
    FINISHES
}
