package org.leanlintel.core.picture.plan;

import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.NearestFirst;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Framing;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.note.PlyWords;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.TakenBoxes;

/**
 * How a floor spans: a line with half an arrow at either end, along the span, and beside it the floor's mark
 * and what it is made of. It lies in the largest room of the floor, clear of what stands there.
 */
public final class FloorSpans {

    /** On paper: the line, its heads, letters, between places that are tried. */
    private static final double LENGTH_MM = 24, HEAD_MM = 2.6, LETTERS_MM = 2.2, STEP_MM = 3;

    private final Building building;
    private final Look look;
    private final Lettering lettering;
    private final Taken taken;

    private FloorSpans(PlanOf plan, Look look, Building building) {
        this.building = building;
        this.look = look;
        lettering = plan.lettering();
        taken = new Taken(plan, Stage.SPANS, building);
    }

    /** Nothing where it does not span, or the lens does not show it. */
    static Shows of(PlanOf plan, ElementId id, Building building) {
        Look look = plan.look(building);
        if (!look.lens().floorSpans() || !(building.model().find(id) instanceof Floor floor)) return Shows.NOTHING;
        BuildUp of = building.model().get(floor.buildUp(), BuildUp.class);
        if (!floor.storey().equals(plan.storey()) || !of.spans()) return Shows.NOTHING;
        Area where = FloorAreas.inOneRoom(floor, building);
        return where.isEmpty() ? Shows.NOTHING : new FloorSpans(plan, look, building).paint(floor, of, where);
    }

    private Shows paint(Floor floor, BuildUp of, Area where) {
        double scale = look.drawing().scale();
        Vec way = Vec.ofAngle(Lettering.readable(floor.span()));
        Vec at = place(where, way);
        Pens pens = new Pens(look.lens());
        arrow(at, way, LENGTH_MM, scale, pens);
        double up = 0.8 * scale;
        pens.add(lettering.set(
                "%s  %s".formatted(floor.mark(), of.mark()),
                at.along(way.left(), up),
                way.angle(),
                LETTERS_MM,
                Align.CENTRE,
                true));
        String made = made(of);
        Vec under = at.along(way.left(), -up - LETTERS_MM * scale);
        if (!made.isEmpty()) pens.add(lettering.set(made, under, way.angle(), LETTERS_MM * 0.85, Align.CENTRE, false));
        Group group = new Group(floor.id(), floor.layer(), pens.items(), List.of());
        return new Shows(List.of(group), List.of(box(at, way)), List.of());
    }

    /** A line along the way it spans, with half a head at each end. @param at its middle; @param lengthMm on paper */
    public static void arrow(Vec at, Vec way, double lengthMm, double scale, Pens pens) {
        Vec from = at.along(way, -lengthMm / 2 * scale), to = at.along(way, lengthMm / 2 * scale);
        Vec slant = way.times(HEAD_MM * scale).plus(way.left().times(HEAD_MM * 0.5 * scale));
        pens.line(PenRole.DIMENSION, from.plus(slant), from, to, to.minus(slant));
    }

    /** The free place nearest to the middle; the middle where none is free. */
    private Vec place(Area where, Vec way) {
        Vec middle = where.middle();
        Bounds all = where.bounds();
        TakenBoxes there = taken.within(all);
        for (Vec p : new NearestFirst(middle, all, STEP_MM * look.drawing().scale())) {
            Bounds box = box(p, way);
            if (there.isFree(box) && where.covers(area(box))) return p;
        }
        return middle;
    }

    private Bounds box(Vec at, Vec way) {
        double scale = look.drawing().scale();
        Vec along = way.times((LENGTH_MM / 2 + 1) * scale), up = way.left().times((LETTERS_MM + 1.8) * scale);
        return Bounds.of(List.of(
                at.plus(along).plus(up),
                at.plus(along).minus(up),
                at.minus(along).plus(up),
                at.minus(along).minus(up)));
    }

    private static Area area(Bounds box) {
        return Area.rectangle(box.minX(), box.minY(), box.width(), box.height());
    }

    private String made(BuildUp of) {
        for (Ply ply : of.plies())
            if (ply.does() == Does.CARRIES && ply.framing() instanceof Framing.Timbers t)
                return PlyWords.timbers(t, building.model());
        return "";
    }
}
