package org.leanlintel.core.model;

/** Something the drafter decided. All elements share undo, copy, import, export and history. */
public sealed interface Element
        permits Settings,
                HeatRule,
                Storey,
                Layer,
                Lens,
                Material,
                BuildUp,
                Corner,
                Wall,
                Opening,
                WallPiece,
                Post,
                Room,
                RoomLimit,
                Symbol,
                Fitting,
                Rules,
                Site,
                Floor,
                FloorVoid,
                Stair,
                SectionLine,
                OutsideSteps,
                KeptGap,
                Tracing,
                DimensionString,
                Note,
                Drawing,
                Sheet {

    ElementId id();
}
