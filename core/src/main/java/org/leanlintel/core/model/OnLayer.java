package org.leanlintel.core.model;

/** What stands in drawings, and is shown or hidden with its layer. */
public sealed interface OnLayer extends Element
        permits Wall,
                Opening,
                WallPiece,
                Post,
                Room,
                RoomLimit,
                Fitting,
                Floor,
                FloorVoid,
                Stair,
                OutsideSteps,
                SectionLine,
                ConstructionLine,
                Annotation {

    ElementId layer();

    /** The same on another layer. */
    OnLayer onLayer(ElementId other);
}
