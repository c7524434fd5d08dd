package org.leanlintel.core.model;

/**
 * One picture of the model.
 *
 * @param sortBy the title of the column a schedule is sorted by; empty for its usual order
 * @param subject the line a section is cut along, the stair of a stair drawing
 * @param scale the number under the line: 50 for 1:50, 48 for 1/4" = 1'-0"
 */
public record Drawing(
        ElementId id,
        String name,
        Kind kind,
        ElementId storey,
        ElementId lens,
        double scale,
        String sortBy,
        Subject subject)
        implements Element.Apart, OnStorey {

    public Drawing {
        name = Checks.name("A drawing's name", name);
        if (!(scale >= 1 && scale <= 10_000))
            throw new Unusable("A scale lies between 1:1 and 1:10000, not 1:" + scale + ".");
        boolean ofOne = kind == Kind.SECTION || kind == Kind.STAIR;
        if (ofOne != subject instanceof One)
            throw new Unusable(
                    ofOne
                            ? "A section and a stair drawing are of one thing."
                            : "Only sections and stair drawings are of one thing.");
    }

    /** What a section or a stair drawing is of. @throws IllegalStateException for any other kind */
    public ElementId one() {
        if (subject instanceof One one) return one.element();
        throw new IllegalStateException("Of no one thing: " + id);
    }

    public Drawing sorted(String by) {
        return new Drawing(id, name, kind, storey, lens, scale, by, subject);
    }

    /** What is drawn. */
    public sealed interface Subject {}

    /** All of the storey, or of the project. */
    public record Whole() implements Subject {}

    /** One thing: the line a section cuts along, a stair. */
    public record One(ElementId element) implements Subject {}

    /** Kinds of drawing. Elevations and details will join. */
    public enum Kind {
        PLAN,
        /** A cut through the house along a section line. */
        SECTION,
        /** A section up a stair's flights, and its plan. */
        STAIR,
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
            return this != PLAN && this != SECTION && this != STAIR;
        }
    }
}
