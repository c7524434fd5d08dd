package org.leanlintel.core.model;

/** A place along a wall that something is set out from. */
public sealed interface Stop {

    /** Towards which end of the wall what is set out from it lies. */
    End towards();

    /** An end of the wall, where a line along it is seen to end. */
    record WallsEnd(End end, Line line) implements Stop {
        @Override
        public End towards() {
            return end.other();
        }
    }

    /** A face of another wall that stands on this one. @param towards the end of this wall that face looks to */
    record AtWall(ElementId wall, End towards, Of of) implements Stop {}

    /** An edge of another opening in this wall. @param towards the end of the wall which that edge lies nearer to */
    record AtOpening(ElementId opening, End towards) implements Stop {}

    /** Which line along a wall. */
    enum Line {
        SET_OUT,
        LEFT_FINISH,
        LEFT_STRUCTURE,
        RIGHT_FINISH,
        RIGHT_STRUCTURE;

        public static Line of(Side side, Of of) {
            if (side == Side.LEFT) return of == Of.FINISH ? LEFT_FINISH : LEFT_STRUCTURE;
            return of == Of.FINISH ? RIGHT_FINISH : RIGHT_STRUCTURE;
        }

        /** The same on the other side of the wall. */
        public Line mirrored() {
            return switch (this) {
                case SET_OUT -> SET_OUT;
                case LEFT_FINISH -> RIGHT_FINISH;
                case LEFT_STRUCTURE -> RIGHT_STRUCTURE;
                case RIGHT_FINISH -> LEFT_FINISH;
                case RIGHT_STRUCTURE -> LEFT_STRUCTURE;
            };
        }
    }

    /** Which faces of walls. */
    enum Of {
        FINISH,
        STRUCTURE
    }
}
