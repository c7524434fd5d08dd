package org.leanlintel.core.dimension;

import org.leanlintel.core.model.Unusable;

/**
 * What the strings of an office go to, and how they stand.
 *
 * @param outside which lines of the shell, outside
 * @param walls which lines of walls, inside
 * @param openings which lines of openings
 * @param firstMm on paper: from the outline to the first string outside
 * @param nextMm on paper: from there to the next
 */
public record Scheme(Walls outside, Walls walls, Openings openings, double firstMm, double nextMm) {

    /** What strings go to of a wall. */
    public enum Walls {
        /** Finished faces. */
        FINISH,
        /** Faces of structure. */
        STRUCTURE,
        /** The middles of partitions; of walls of the shell, their structure. */
        CENTRE
    }

    /** What strings go to of an opening. */
    public enum Openings {
        EDGES,
        CENTRES
    }

    public Scheme {
        if (outside == Walls.CENTRE) throw new Unusable("Outside, strings go to faces.");
        firstMm = within("The first string", firstMm);
        nextMm = within("The next string", nextMm);
    }

    private static double within(String what, double mm) {
        if (!(mm >= 5 && mm <= 50))
            throw new Unusable("%s stands 5 to 50 mm off on paper, not %s.".formatted(what, mm));
        return mm;
    }
}
