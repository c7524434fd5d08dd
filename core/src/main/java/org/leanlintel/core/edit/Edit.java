package org.leanlintel.core.edit;

import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;

/** One thing a drafter does. Run it through {@link Editing#run}. */
public sealed interface Edit
        permits DrawWalls,
                DrawRectangle,
                DrawParallel,
                Move,
                CurveWall,
                PlaceOpening,
                PlacePiece,
                PlacePost,
                PlaceCornerPair,
                PlaceFitting,
                FillBetweenWalls,
                NameRoom,
                NumberRooms,
                DrawRoomLimit,
                DrawConstructionLine,
                ReviseOpening,
                MakeType,
                RenumberMarks,
                AddSymbol,
                PutOpeningMark,
                AddLayer,
                DeleteLayer,
                MoveToLayer,
                TakeStandard,
                AddLens,
                DeleteLens,
                DrawString,
                DimensionPlan,
                PlaceNote,
                PointNote,
                TidyNotes,
                AddSheet,
                AddDrawing,
                AddDrawings,
                DrawBlank,
                AddStringPoint,
                TakeStringPoint,
                SplitString,
                JoinStrings,
                CopyString,
                ReviseFigure,
                AddStringStyle,
                ReorderDrawing,
                AddMaterial,
                AddStorey,
                ReviseStorey,
                ReorderStorey,
                DrawFloor,
                DrawVoid,
                DrawStair,
                DrawSection,
                PlaceSteps,
                RakeUnderStair,
                Delete,
                Revise,
                RemakeWalls,
                AddBuildUp,
                SetGap,
                KeepGap,
                MoveEnd,
                RunTo,
                Split,
                CutOut,
                JoinInLine,
                ReviseAll,
                Copies,
                Turn,
                Mirror,
                Hand,
                Paste,
                LayTracing,
                ScaleTracing {

    /** What it does to the building's model. May throw what {@link Editing} turns into a refusal. */
    Outcome on(Building building);

    /** The elements it relies on besides those it changes. */
    Set<ElementId> reads();
}
