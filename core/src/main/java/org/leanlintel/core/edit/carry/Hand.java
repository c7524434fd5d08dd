package org.leanlintel.core.edit.carry;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.ConstructionLine;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.SpotLevel;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.Wall;

/**
 * Hands the whole house: every storey mirrored left to right, with swings, strings and names; drawings keep their place
 * on their sheets.
 *
 * @param about a point of the upright line it is mirrored in
 */
public record Hand(Vec about) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of();
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Rigid mirror = Rigid.mirror(new Line(about, new Vec(0, 1)));
        List<Element> things = new ArrayList<>();
        for (Class<? extends Element> kind : List.of(
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
                Dimension.class)) things.addAll(model.all(kind));
        if (things.isEmpty()) return Refusal.because("There is nothing to hand yet.");
        Carrying carrying = new Carrying(
                building, building, UnaryOperator.identity(), mirror, false, new NewIds(model), new Marks(model));
        Refusal refusal = carrying.carry(things);
        if (refusal != null) return refusal;
        List<Element> put = new ArrayList<>(carrying.put());
        for (SectionLine l : model.all(SectionLine.class))
            put.add(l.through(
                    mirror.point(l.from()), mirror.point(l.to()), l.looking().other()));
        for (Drawing d : model.all(Drawing.class))
            if (d.frame() instanceof Drawing.Part part) put.add(d.framed(part.each(inPicture(d, model, mirror))));
        for (Sheet sheet : model.all(Sheet.class)) put.add(sheet.with(placed(model, sheet, mirror)));
        return Change.to(model, "hand the house", put, List.of());
    }

    /** Where a place of a drawing's picture comes to be: in plans as in the house, in sections and elevations of front and back from side to side. */
    private static UnaryOperator<Vec> inPicture(Drawing drawing, Model model, Rigid mirror) {
        return switch (drawing.kind()) {
            case PLAN -> mirror::point;
            case SECTION -> turned(SectionFrame.of(drawing, model).endMm());
            case ELEVATION -> {
                Vec right = SectionFrame.of(drawing, model).right();
                boolean square = Math.abs(right.y()) < Tolerance.PARALLEL_SINE;
                yield square ? turned(mirror.point(Vec.ORIGIN).dot(right)) : p -> p;
            }
            default -> p -> p;
        };
    }

    private static UnaryOperator<Vec> turned(double about) {
        return p -> new Vec(about - p.x(), p.y());
    }

    private static List<Sheet.Placed> placed(Model model, Sheet sheet, Rigid mirror) {
        return sheet.drawings().stream()
                .map(p -> model.get(p.drawing(), Drawing.class).kind() == Drawing.Kind.PLAN
                        ? new Sheet.Placed(p.drawing(), mirror.point(p.anchor()), p.at(), p.quarters())
                        : p)
                .toList();
    }
}
