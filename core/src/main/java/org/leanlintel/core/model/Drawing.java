package org.leanlintel.core.model;

/**
 * One picture of the model.
 *
 * @param scale the number under the line: 50 for 1:50, 48 for 1/4" = 1'-0"
 */
public record Drawing(ElementId id, String name, Kind kind, ElementId storey, ElementId lens, double scale)
        implements Element {

    public Drawing {
        name = Checks.name("A drawing's name", name);
        if (!(scale >= 1 && scale <= 10_000))
            throw new IllegalArgumentException("A scale lies between 1:1 and 1:10000, not 1:" + scale + ".");
    }

    /** Kinds of drawing. Sections, elevations and details will join. */
    public enum Kind {
        PLAN,
        /** A table of the wall build-ups in use, each with a cut through it at the drawing's scale. */
        BUILD_UPS,
        /** A table of the doors and open ways. */
        DOORS,
        /** A table of the windows. */
        WINDOWS;

        /** Whether it is a table, counted from the model. */
        public boolean isSchedule() {
            return this != PLAN;
        }
    }
}
