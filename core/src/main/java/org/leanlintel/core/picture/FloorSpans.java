package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.FloorAreas;
import org.leanlintel.core.building.RoomSpace;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Framing;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.picture.Lettering.Align;

/**
 * How the floors of a storey span: a line with half an arrow at either end, along the span, and beside it the floor's mark
 * and what it is made of. It lies in the largest room of the floor, clear of what stands there.
 */
final class FloorSpans {

    /** On paper: the line, its heads, letters, between places that are tried. */
    private static final double LENGTH_MM = 24, HEAD_MM = 2.6, LETTERS_MM = 2.2, STEP_MM = 3;

    private final Building building;
    private final Look look;
    private final Lettering lettering;
    private final TakenBoxes.Index taken;
    private final List<Bounds> boxes = new ArrayList<>();

    /** @param taken by what stands on the storey */
    FloorSpans(Building building, Look look, Lettering lettering, List<Bounds> taken) {
        this.building = building;
        this.look = look;
        this.lettering = lettering;
        this.taken = new TakenBoxes.Index(taken, List.of());
    }

    /** What the marks take, for labels to keep clear of. */
    List<Bounds> boxes() {
        return boxes;
    }

    /** A group for each floor that spans; none where the lens does not show them. */
    List<Group> groups() {
        List<Group> groups = new ArrayList<>();
        if (!look.lens().floorSpans()) return groups;
        for (Floor f : building.model().all(Floor.class)) {
            BuildUp of = building.model().get(f.buildUp(), BuildUp.class);
            if (f.storey().equals(look.storey()) && of.spans()) where(f).ifPresent(w -> groups.add(group(f, of, w)));
        }
        return groups;
    }

    /** The largest part of it that is the floor of one room. */
    private Optional<Area> where(Floor floor) {
        Area area = FloorAreas.of(floor, building);
        if (area.isEmpty()) return Optional.empty();
        return building.rooms().of(look.storey()).stream()
                .map(RoomSpace::net)
                .filter(net -> net.bounds().meets(area.bounds()))
                .map(area::and)
                .filter(shared -> !shared.isEmpty())
                .max(Comparator.comparingDouble(Area::mm2));
    }

    private Group group(Floor floor, BuildUp of, Area where) {
        double scale = look.drawing().scale();
        Vec way = Vec.ofAngle(Lettering.readable(floor.span()));
        Vec at = place(where, way);
        Pens pens = new Pens(look.lens());
        Vec from = at.along(way, -LENGTH_MM / 2 * scale), to = at.along(way, LENGTH_MM / 2 * scale);
        Vec slant = way.times(HEAD_MM * scale).plus(way.left().times(HEAD_MM * 0.5 * scale));
        pens.line(PenRole.DIMENSION, from.plus(slant), from, to, to.minus(slant));
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
        boxes.add(box(at, way));
        return new Group(floor.id(), floor.layer(), pens.items(), List.of());
    }

    /** The free place nearest to the middle; the middle where none is free. */
    private Vec place(Area where, Vec way) {
        Vec middle = where.middle();
        Bounds all = where.bounds();
        double step = STEP_MM * look.drawing().scale();
        List<Vec> places = new ArrayList<>();
        for (double x = all.minX(); x <= all.maxX(); x += step)
            for (double y = all.minY(); y <= all.maxY(); y += step) places.add(new Vec(x, y));
        places.sort(Comparator.comparingDouble(p -> p.distanceTo(middle)));
        return places.stream()
                .filter(p -> taken.within(box(p, way)).isFree(box(p, way)) && where.covers(area(box(p, way))))
                .findFirst()
                .orElse(middle);
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
