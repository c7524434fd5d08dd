package org.leanlintel.core.edit.run;

import java.util.List;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.carry.Copies;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.carry.LaySquare;
import org.leanlintel.core.edit.carry.Mirror;
import org.leanlintel.core.edit.carry.MoveHouse;
import org.leanlintel.core.edit.carry.Paste;
import org.leanlintel.core.edit.carry.Turn;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.LetterMarks;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.MoveToLayer;
import org.leanlintel.core.edit.change.PutInFront;
import org.leanlintel.core.edit.change.PutMark;
import org.leanlintel.core.edit.change.RenumberMarks;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.change.ReviseAll;
import org.leanlintel.core.edit.dimension.AddStringPoint;
import org.leanlintel.core.edit.dimension.CopyString;
import org.leanlintel.core.edit.dimension.DimensionPlan;
import org.leanlintel.core.edit.dimension.DrawDimension;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.dimension.JoinStrings;
import org.leanlintel.core.edit.dimension.ReviseFigure;
import org.leanlintel.core.edit.dimension.SplitString;
import org.leanlintel.core.edit.dimension.TakeStringPoint;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.drawing.AddDrawings;
import org.leanlintel.core.edit.drawing.AddLike;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.edit.drawing.AddTitleBlock;
import org.leanlintel.core.edit.drawing.ComposeSheets;
import org.leanlintel.core.edit.drawing.ContinueTable;
import org.leanlintel.core.edit.drawing.DrawBoundary;
import org.leanlintel.core.edit.drawing.DrawElevations;
import org.leanlintel.core.edit.drawing.DrawGrid;
import org.leanlintel.core.edit.drawing.DrawInterior;
import org.leanlintel.core.edit.drawing.DrawSection;
import org.leanlintel.core.edit.drawing.LayTracing;
import org.leanlintel.core.edit.drawing.NumberSheets;
import org.leanlintel.core.edit.drawing.ReorderDrawing;
import org.leanlintel.core.edit.drawing.ScaleTracing;
import org.leanlintel.core.edit.fitting.FillBetweenWalls;
import org.leanlintel.core.edit.fitting.PlaceFitting;
import org.leanlintel.core.edit.gap.KeepGap;
import org.leanlintel.core.edit.gap.SetGap;
import org.leanlintel.core.edit.note.AddClause;
import org.leanlintel.core.edit.note.DrawBlank;
import org.leanlintel.core.edit.note.DrawCloud;
import org.leanlintel.core.edit.note.DrawClouds;
import org.leanlintel.core.edit.note.FillBlank;
import org.leanlintel.core.edit.note.PlaceKeyMark;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.edit.note.PlaceNotes;
import org.leanlintel.core.edit.note.PlaceSign;
import org.leanlintel.core.edit.note.PointNote;
import org.leanlintel.core.edit.note.ReplaceWords;
import org.leanlintel.core.edit.note.TidyNotes;
import org.leanlintel.core.edit.office.AddBuildUp;
import org.leanlintel.core.edit.office.AddLayer;
import org.leanlintel.core.edit.office.AddLens;
import org.leanlintel.core.edit.office.AddMaterial;
import org.leanlintel.core.edit.office.AddStyle;
import org.leanlintel.core.edit.office.AddSymbol;
import org.leanlintel.core.edit.office.DeleteLayer;
import org.leanlintel.core.edit.office.DeleteLens;
import org.leanlintel.core.edit.office.TakeStandard;
import org.leanlintel.core.edit.opening.MakeType;
import org.leanlintel.core.edit.opening.PlaceCornerPair;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.opening.ReviseOpening;
import org.leanlintel.core.edit.room.DrawRoomLimit;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.room.NumberRooms;
import org.leanlintel.core.edit.storey.AddStorey;
import org.leanlintel.core.edit.storey.DragEaves;
import org.leanlintel.core.edit.storey.DrainRoof;
import org.leanlintel.core.edit.storey.DrawCrossGable;
import org.leanlintel.core.edit.storey.DrawFlatRoof;
import org.leanlintel.core.edit.storey.DrawFloor;
import org.leanlintel.core.edit.storey.DrawRoof;
import org.leanlintel.core.edit.storey.DrawStair;
import org.leanlintel.core.edit.storey.DrawVoid;
import org.leanlintel.core.edit.storey.LayFootings;
import org.leanlintel.core.edit.storey.LayTrusses;
import org.leanlintel.core.edit.storey.PlaceRoofPart;
import org.leanlintel.core.edit.storey.PlaceSpotLevel;
import org.leanlintel.core.edit.storey.PlaceSteps;
import org.leanlintel.core.edit.storey.ReorderStorey;
import org.leanlintel.core.edit.storey.ReviseStorey;
import org.leanlintel.core.edit.wall.CurveWall;
import org.leanlintel.core.edit.wall.CutOut;
import org.leanlintel.core.edit.wall.DrawConstructionLine;
import org.leanlintel.core.edit.wall.DrawParallel;
import org.leanlintel.core.edit.wall.DrawRectangle;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.JoinInLine;
import org.leanlintel.core.edit.wall.MoveEnd;
import org.leanlintel.core.edit.wall.PlacePiece;
import org.leanlintel.core.edit.wall.PlacePost;
import org.leanlintel.core.edit.wall.RakeUnderStair;
import org.leanlintel.core.edit.wall.RemakeWalls;
import org.leanlintel.core.edit.wall.RunTo;
import org.leanlintel.core.edit.wall.Split;

/** The records that are edits, in the order in which the description of the API lists them. */
public final class EditKinds {

    public static final List<Class<? extends Edit>> ALL = List.of(
            DrawWalls.class,
            DrawRectangle.class,
            DrawParallel.class,
            Move.class,
            CurveWall.class,
            PlaceOpening.class,
            PlacePiece.class,
            PlacePost.class,
            PlaceCornerPair.class,
            PlaceFitting.class,
            FillBetweenWalls.class,
            NameRoom.class,
            NumberRooms.class,
            DrawRoomLimit.class,
            DrawConstructionLine.class,
            ReviseOpening.class,
            MakeType.class,
            NumberSheets.class,
            RenumberMarks.class,
            LetterMarks.class,
            PutInFront.class,
            ContinueTable.class,
            AddSymbol.class,
            PutMark.class,
            AddLayer.class,
            DeleteLayer.class,
            MoveToLayer.class,
            TakeStandard.class,
            AddLens.class,
            DeleteLens.class,
            DrawString.class,
            DrawDimension.class,
            DimensionPlan.class,
            PlaceNote.class,
            PlaceKeyMark.class,
            FillBlank.class,
            AddClause.class,
            ReplaceWords.class,
            PointNote.class,
            TidyNotes.class,
            AddSheet.class,
            ComposeSheets.class,
            AddDrawing.class,
            AddDrawings.class,
            AddLike.class,
            DrawBlank.class,
            DrawCloud.class,
            DrawClouds.class,
            PlaceNotes.class,
            PlaceSign.class,
            PlaceSpotLevel.class,
            DrawBoundary.class,
            DrawGrid.class,
            AddStringPoint.class,
            TakeStringPoint.class,
            SplitString.class,
            JoinStrings.class,
            CopyString.class,
            ReviseFigure.class,
            AddStyle.class,
            AddTitleBlock.class,
            ReorderDrawing.class,
            AddMaterial.class,
            AddStorey.class,
            ReviseStorey.class,
            ReorderStorey.class,
            DrawFloor.class,
            DrawVoid.class,
            DrawRoof.class,
            DrawFlatRoof.class,
            DrawCrossGable.class,
            PlaceRoofPart.class,
            DrainRoof.class,
            DragEaves.class,
            LayTrusses.class,
            LayFootings.class,
            DrawStair.class,
            DrawSection.class,
            DrawElevations.class,
            DrawInterior.class,
            PlaceSteps.class,
            RakeUnderStair.class,
            Delete.class,
            Revise.class,
            RemakeWalls.class,
            AddBuildUp.class,
            SetGap.class,
            KeepGap.class,
            MoveEnd.class,
            RunTo.class,
            Split.class,
            CutOut.class,
            JoinInLine.class,
            ReviseAll.class,
            Copies.class,
            Turn.class,
            Mirror.class,
            MoveHouse.class,
            Hand.class,
            LaySquare.class,
            Paste.class,
            LayTracing.class,
            ScaleTracing.class);

    private EditKinds() {}
}
