package org.leanlintel.core.model;

/** The rule by which something lies along a wall. It holds when walls move; where the thing then lies follows from it. */
public sealed interface Placing {

    /** From an end of the wall's set-out line, as it is seen, to the nearer edge. */
    static Off from(End end, double distanceMm) {
        return new Off(new Stop.WallsEnd(end, Stop.Line.SET_OUT), Edge.NEAR, distanceMm);
    }

    /**
     * At a distance from a stop.
     *
     * @param to what of the thing the distance goes to
     * @param distanceMm along the wall; negative lies before the stop
     */
    record Off(Stop stop, Edge to, double distanceMm) implements Placing {
        public Off {
            distanceMm = Checks.between("The distance of an opening", distanceMm, -1_000_000, 1_000_000);
        }

        public Off at(double mm) {
            return new Off(stop, to, mm);
        }
    }

    /**
     * The {@code place}th of {@code of} equal things with equal gaps between them and to two stops. One of one is centred.
     */
    record Between(Stop one, Stop two, int place, int of) implements Placing {
        public Between {
            if (!(of >= 1 && of <= 100 && place >= 1 && place <= of))
                throw new Unusable("Equally spaced things are 1 to 100, not number %d of %d.".formatted(place, of));
        }
    }

    /** Its middle square across from the middle of another opening, in whatever wall or storey that is. */
    record InLine(ElementId opening) implements Placing {}

    /** What of a thing is measured to. */
    enum Edge {
        /** The edge nearer to the stop. */
        NEAR,
        CENTRE,
        FAR
    }
}
