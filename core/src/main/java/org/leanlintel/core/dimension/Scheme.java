package org.leanlintel.core.dimension;

import org.leanlintel.core.model.Unusable;

/**
 * What the strings of an office go to, and how they stand.
 *
 * @param walls which lines of walls
 * @param openings which lines of openings
 * @param firstMm on paper: from the outline to the first string outside
 * @param nextMm on paper: from there to the next
 */
public record Scheme(Walls walls, Openings openings, double firstMm, double nextMm) {

    /** What strings go to of a wall. */
    public enum Walls {
        /** Finished faces. */
        FINISH,
        /** Faces of structure. */
        STRUCTURE,
        /** Faces of structure outside, and the middles of partitions. */
        CENTRE
    }

    /** What strings go to of an opening. */
    public enum Openings {
        EDGES,
        CENTRES
    }

    public Scheme {
        firstMm = within("The first string", firstMm);
        nextMm = within("The next string", nextMm);
    }

    private static double within(String what, double mm) {
        if (!(mm >= 5 && mm <= 50))
            throw new Unusable("%s stands 5 to 50 mm off on paper, not %s.".formatted(what, mm));
        return mm;
    }
}
