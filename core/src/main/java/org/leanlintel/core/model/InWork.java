package org.leanlintel.core.model;

/** What is built or stands in the house, and is there already, goes or comes. */
public sealed interface InWork extends OnLayer
        permits Wall, WallPiece, Post, Fitting, Floor, FloorVoid, Roof, RoofPart, Truss, Footing, Stair, OutsideSteps {

    WorkState state();

    /** The same in another state. */
    InWork in(WorkState other);

    /** Whether it stands when the work is done. */
    default boolean stays() {
        return state() != WorkState.REMOVED;
    }
}
