package org.leanlintel.core.edit.carry;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;

/** All of a house, of every storey, where it is moved as one. */
final class WholeHouse {

    private static final List<Class<? extends Element>> KINDS = List.of(
            Wall.class,
            Post.class,
            Fitting.class,
            Room.class,
            RoomLimit.class,
            ConstructionLine.class,
            GridLine.class,
            BoundaryLine.class,
            SpotLevel.class,
            Floor.class,
            FloorVoid.class,
            Roof.class,
            RoofPart.class,
            Truss.class,
            Footing.class,
            Stair.class,
            Note.class,
            KeyMark.class,
            Blank.class,
            Cloud.class,
            Sign.class,
            DimensionString.class,
            Dimension.class);

    private WholeHouse() {}

    /** In the order they are carried in. */
    static List<Element> things(Model model) {
        List<Element> things = new ArrayList<>();
        for (Class<? extends Element> kind : KINDS) things.addAll(model.all(kind));
        return things;
    }

    static Carrying carrying(Building building, Rigid movement) {
        Model model = building.model();
        return new Carrying(
                building, building, UnaryOperator.identity(), movement, false, new NewIds(model), new Marks(model));
    }

    /** With plans lying on them where they lay. @param inPicture where a place of a drawing's picture comes to be */
    static List<Element> sheets(Model model, Rigid movement, Function<Drawing, UnaryOperator<Vec>> inPicture) {
        List<Element> sheets = new ArrayList<>();
        for (Sheet sheet : model.all(Sheet.class))
            sheets.add(sheet.with(sheet.drawings().stream()
                    .map(p -> {
                        Drawing drawing = model.get(p.drawing(), Drawing.class);
                        boolean isPlan = drawing.kind() == Drawing.Kind.PLAN;
                        return p.carried(isPlan ? movement.point(p.anchor()) : p.anchor(), inPicture.apply(drawing));
                    })
                    .toList()));
        return sheets;
    }
}
