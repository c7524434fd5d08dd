package org.leanlintel.formats.json;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.dimension.ReviseFigure;
import org.leanlintel.core.edit.fitting.PlaceFitting;
import org.leanlintel.core.edit.note.Picked;
import org.leanlintel.core.edit.office.DeleteLayer;
import org.leanlintel.core.edit.run.EditKinds;
import org.leanlintel.core.edit.setting.Aim;
import org.leanlintel.core.edit.storey.AddStorey;
import org.leanlintel.core.edit.wall.CurveWall;
import org.leanlintel.core.edit.wall.RemakeWalls;
import org.leanlintel.core.heat.HeatLoss;
import org.leanlintel.core.measure.LengthReading;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Framing;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Heat;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.OwnPart;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Stop;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.model.Surface;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.SymbolPart;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WordsAt;
import org.leanlintel.core.picture.Item;

/**
 * The families that JSON tells apart by a {@code type} field, and the name of each member: its class's name with
 * a small first letter.
 */
public final class Kinds {

    /** The field that names the member. */
    public static final String FIELD = "type";

    /** Every family that is read or written: the edits, and those that are sealed. */
    public static final List<Class<?>> FAMILIES = List.of(
            Element.class,
            Edit.class,
            WallEnd.class,
            SetOut.class,
            Hold.class,
            Target.class,
            Dimension.Of.class,
            DimensionString.Styled.class,
            StringStyle.Extension.class,
            TitleBlock.Content.class,
            OwnPart.class,
            ReviseFigure.To.class,
            OwnPart.Place.class,
            Picked.class,
            Opening.Kind.class,
            Opening.Form.class,
            Lights.Over.class,
            Opening.BayLid.class,
            Layer.Drawn.class,
            DeleteLayer.Leaves.class,
            Placing.class,
            Stop.class,
            Aim.class,
            Fitting.Seat.class,
            PlaceFitting.Where.class,
            Symbol.Mark.class,
            SymbolPart.class,
            WordsAt.Place.class,
            Item.class,
            LengthReading.class,
            CurveWall.Shape.class,
            DrawString.Way.class,
            RemakeWalls.Line.class,
            AddStorey.Laying.class,
            Meeting.class,
            WallPiece.Stretch.class,
            WallPiece.Make.class,
            WallPiece.Mass.class,
            Rise.Foot.class,
            Rise.Head.class,
            Rise.Ceiling.class,
            Room.Above.class,
            Storey.Underfoot.class,
            Floor.Outline.class,
            Floor.Fall.class,
            Roof.Over.class,
            Roof.Plate.class,
            Roof.Heel.class,
            Roof.Along.class,
            Roof.Rises.class,
            Roof.Fall.class,
            Roof.Under.class,
            RoofPart.Make.class,
            RoofPart.Behind.class,
            Truss.Form.class,
            Truss.Along.class,
            Footing.Under.class,
            Footing.Rising.class,
            Surface.class,
            OutsideSteps.Way.class,
            Stair.Shape.class,
            Stair.Turn.class,
            Stair.Risers.class,
            Stair.Going.class,
            Drawing.Subject.class,
            Drawing.Frame.class,
            Gap.class,
            Heat.class,
            Framing.class,
            HeatLoss.class);

    private Kinds() {}

    /** The members of a family, those of families within it as well. */
    public static List<Class<?>> members(Class<?> family) {
        if (family == Edit.class) return List.copyOf(EditKinds.ALL);
        List<Class<?>> members = new ArrayList<>();
        for (Class<?> member : family.getPermittedSubclasses())
            if (member.isSealed()) members.addAll(members(member));
            else members.add(member);
        return members;
    }

    public static String name(Class<?> member) {
        String simple = member.getSimpleName();
        return Character.toLowerCase(simple.charAt(0)) + simple.substring(1);
    }
}
