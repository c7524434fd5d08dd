package org.leanlintel.core.model;

/**
 * One picture of the model.
 *
 * @param sortBy the title of the column a schedule is sorted by; empty for its usual order
 * @param scale the number under the line: 50 for 1:50, 48 for 1/4" = 1'-0"
 */
public record Drawing(
        ElementId id, String name, Kind kind, ElementId storey, ElementId lens, double scale, String sortBy)
        implements Element {

    public Drawing {
        name = Checks.name("A drawing's name", name);
        if (!(scale >= 1 && scale <= 10_000))
            throw new IllegalArgumentException("A scale lies between 1:1 and 1:10000, not 1:" + scale + ".");
    }

    public Drawing sorted(String by) {
        return new Drawing(id, name, kind, storey, lens, scale, by);
    }

    /** Kinds of drawing. Sections, elevations and details will join. */
    public enum Kind {
        PLAN,
        /** A table of the wall build-ups in use, each with a cut through it at the drawing's scale. */
        BUILD_UPS,
        /** A table of the doors and open ways. */
        DOORS,
        /** A table of the windows. */
        WINDOWS,
        /** A table of the rooms, with sums. */
        ROOMS,
        /** A table of the fittings, counted by what they are. */
        FITTINGS;

        /** Whether it is a table, counted from the model. */
        public boolean isSchedule() {
            return this != PLAN;
        }
    }
}
