package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/** What a wall's end stands on. */
public sealed interface WallEnd {

    /** At a corner, alone or with the ends of other walls. */
    record AtCorner(ElementId corner) implements WallEnd {}

    /**
     * Against the side of another wall.
     *
     * @param at a point that fixes this wall's own line; where the wall really ends follows from the other wall
     */
    record OnSide(ElementId wall, Vec at, Reach reach) implements WallEnd {
        public OnSide {
            at = Checks.near(at);
        }
    }

    /** How far an end goes into the wall it stands on. */
    enum Reach {
        /** It stops at the face. */
        FACE,
        /** Its structure goes through the lining to the other's structure. */
        STRUCTURE,
        /** Its structure goes through the other's structure too, which is interrupted. */
        THROUGH
    }
}
