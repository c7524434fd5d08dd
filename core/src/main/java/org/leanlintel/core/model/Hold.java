package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/** What a picked point holds to, so that it follows when that moves. */
public sealed interface Hold {

    /** Nothing: the point itself. */
    record AtPoint(Vec at) implements Hold {
        public AtPoint {
            at = Checks.near(at);
        }
    }

    record AtCorner(ElementId corner) implements Hold {}

    /** A face of a wall: 0 is the outer face, n the face inside ply n - 1; a negative face is its set-out line. */
    record OnFace(ElementId wall, int face) implements Hold {

        public static final int SET_OUT_LINE = -1;
    }

    /** An edge of an opening. */
    record AtJamb(ElementId opening, End edge) implements Hold {}
}
