package org.leanlintel.core.model;

/**
 * A line as it prints.
 *
 * @param widthMm millimetres on paper, from the series of ISO 128-2
 */
public record Pen(double widthMm, Dash dash) {

    public Pen {
        widthMm = Checks.between("A pen's width", widthMm, 0.05, 2);
    }

    /** Line types of ISO 128-2. */
    public enum Dash {
        /** Type 01. */
        CONTINUOUS,
        /** Type 02. */
        DASHED,
        /** Type 04. */
        LONG_DASHED_DOTTED
    }
}
