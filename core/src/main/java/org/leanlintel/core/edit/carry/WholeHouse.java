package org.leanlintel.core.edit.carry;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Annotation;
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
import org.leanlintel.core.model.Refusal;
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

/**
 * All of a house, of every storey, moved as one: things, what is written of them in drawings of every kind, the frames of parts, and
 * where drawings lie on sheets.
 */
final class WholeHouse {

    /** In the order they are carried in. */
    private static final List<Class<? extends Element>> KINDS = List.of(
            Wall.class,
            Post.class,
            Fitting.class,
            Room.class,
            RoomLimit.class,
            ConstructionLine.class,
            GridLine.class,
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

    /** Of the plot it stands on. */
    static final List<Class<? extends Element>> PLOT = List.of(BoundaryLine.class, SpotLevel.class);

    private final Building building;
    private final Model model;
    private final Rigid movement;
    private final Function<Drawing, @Nullable Rigid> inPicture;
    private final List<Element> put = new ArrayList<>();

    /**
     * @param movement of what stands in plan
     * @param inPicture how the picture of a drawing that is no plan moves; null where it stays
     */
    WholeHouse(Building building, Rigid movement, Function<Drawing, @Nullable Rigid> inPicture) {
        this.building = building;
        this.movement = movement;
        this.inPicture = inPicture;
        model = building.model();
    }

    /** What has come to be elsewhere. */
    List<Element> put() {
        return put;
    }

    /**
     * @param plot of the plot what goes with the house
     * @param drawn what else becomes of a drawing
     */
    @Nullable
    Refusal carry(List<Class<? extends Element>> plot, UnaryOperator<Drawing> drawn) {
        List<Element> things = things();
        if (things.isEmpty()) return Refusal.because("There is no house yet.");
        for (Class<? extends Element> kind : plot) things.addAll(model.all(kind));
        Carrying carrying = new Carrying(
                building, building, UnaryOperator.identity(), movement, false, new NewIds(model), new Marks(model));
        if (carrying.carry(things) instanceof Refusal refusal) return refusal;
        put.addAll(carrying.put());
        for (Drawing d : model.all(Drawing.class)) {
            if (d.kind() != Drawing.Kind.PLAN && inPicture.apply(d) instanceof Rigid rigid)
                put.addAll(Written.moved(List.copyOf(model.relations().annotationsOf(d.id())), rigid, building));
            Drawing now = drawn.apply(d);
            put.add(now.frame() instanceof Drawing.Part part ? now.framed(part.each(p -> moved(d, p))) : now);
        }
        for (Sheet s : model.all(Sheet.class)) put.add(placed(s));
        return null;
    }

    /** With what is written in plans. */
    private List<Element> things() {
        List<Element> things = new ArrayList<>();
        for (Class<? extends Element> kind : KINDS)
            for (Element e : model.all(kind))
                if (!(e instanceof Annotation a)
                        || model.get(a.drawing(), Drawing.class).kind() == Drawing.Kind.PLAN) things.add(e);
        return things;
    }

    /** Where a place of a drawing's picture comes to be. */
    private Vec moved(Drawing drawing, Vec at) {
        Rigid rigid = drawing.kind() == Drawing.Kind.PLAN ? movement : inPicture.apply(drawing);
        return rigid == null ? at : rigid.point(at);
    }

    /** With its drawings lying on it where they lay. */
    private Sheet placed(Sheet sheet) {
        return sheet.with(sheet.drawings().stream()
                .map(p -> {
                    Drawing drawing = model.get(p.drawing(), Drawing.class);
                    return p.carried(moved(drawing, p.anchor()), at -> moved(drawing, at));
                })
                .toList());
    }
}
