package org.leanlintel.core.model;

/**
 * A line as it prints.
 *
 * @param widthMm millimetres on paper, from the series of ISO 128-2
 * @param ink {@code #rrggbb}; empty for the ink everything is drawn in
 */
public record Pen(double widthMm, Dash dash, String ink) {

    public Pen {
        widthMm = Checks.between("A pen's width", widthMm, 0.05, 2);
        ink = Checks.ink("A pen's ink", ink);
    }

    /** In the ink everything is drawn in. */
    public Pen(double widthMm, Dash dash) {
        this(widthMm, dash, "");
    }

    public Pen inked(String other) {
        return new Pen(widthMm, dash, other);
    }

    /** Line types of ISO 128-2. */
    public enum Dash {
        /** Type 01. */
        CONTINUOUS,
        /** Type 02. */
        DASHED,
        /** Type 04. */
        LONG_DASHED_DOTTED,
        LONG_DASHED_DOUBLE_DOTTED
    }
}
