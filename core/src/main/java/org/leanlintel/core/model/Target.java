package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/** What a leader points at, so that its tip follows when that moves. */
public sealed interface Target {

    /** A bare place of the drawing. */
    record AtPlace(Vec at) implements Target {
        public AtPlace {
            at = Checks.near(at);
        }
    }

    /**
     * The middle of a ply of a wall.
     *
     * @param ply counted from the outside
     * @param alongMm from the wall's start, along its set-out line; the wall's end where it is shorter
     */
    record InPly(ElementId wall, int ply, double alongMm) implements Target {
        public InPly {
            if (ply < 0 || ply > 23) throw new Unusable("A wall has plies 0 to 23, not " + ply + ".");
            alongMm = Checks.between("How far along its wall a leader points", alongMm, 0, 1_000_000);
        }

        /** The same ply at a place of another wall. */
        public InPly in(ElementId other, double otherAlongMm) {
            return new InPly(other, ply, otherAlongMm);
        }
    }

    /**
     * A thing.
     *
     * @param off in the thing's own directions, from where it stands; where heights are shown, the place itself: there {@link OnSeen}
     *     follows, but for the walls of a room
     */
    record OnThing(ElementId thing, Vec off) implements Target {
        public OnThing {
            off = Checks.near(off);
        }
    }

    /**
     * A thing as a section or an elevation shows it.
     *
     * @param off to the right and upwards in the picture, from where the thing stands there
     */
    record OnSeen(ElementId thing, Vec off) implements Target {
        public OnSeen {
            off = Checks.near(off);
        }
    }

    /** What has been deleted: where it was, until another is chosen. */
    record Lost(Vec at) implements Target {
        public Lost {
            at = Checks.near(at);
        }
    }
}
