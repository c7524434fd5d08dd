package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.RoomSpace;
import org.leanlintel.core.building.Strip;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Room;

/**
 * The labels of a storey's rooms, each clear of walls, fittings, strings and other labels: as near to the middle of its
 * room as it can be, outside it with a leader where it has no room within. One whose surroundings did not change stays as
 * it was drawn.
 */
final class RoomLabels {

    /** On paper: between places that are tried; how far outside its room a label goes; what lying in another room costs. */
    private static final double STEP = 3, FURTHEST = 90, STRANGE = 60;
    /** On paper: the dot at a leader's end. */
    private static final double DOT = 0.6;

    /** What decides how a label is drawn: what lies in its room, and where it does not fit there, what lies round it. */
    private record Given(Look look, Room room, RoomSpace space, TakenBoxes within, @Nullable Around around) {}

    private record Around(List<WallSolid> walls, TakenBoxes taken) {}

    private record Drawn(Given given, Group group, Bounds box) {}

    private final Building building;
    private final Look look;
    private final Lettering lettering;
    private final Map<ElementId, Drawn> known;
    private final Map<ElementId, Drawn> drawn = new TreeMap<>();
    private final TakenBoxes.Index taken;

    private RoomLabels(
            Building building, Look look, Lettering lettering, TakenBoxes.Index taken, Map<ElementId, Drawn> known) {
        this.building = building;
        this.look = look;
        this.lettering = lettering;
        this.known = known;
        this.taken = taken;
        draw();
    }

    /** @param taken boxes that labels keep clear of; @param earlier to take over from; null where there are none */
    static RoomLabels of(
            Building building, Look look, Lettering lettering, TakenBoxes.Index taken, @Nullable RoomLabels earlier) {
        return new RoomLabels(building, look, lettering, taken, earlier == null ? Map.of() : earlier.drawn);
    }

    List<Group> groups() {
        return drawn.values().stream().map(Drawn::group).toList();
    }

    /** Those the drafter put first, then the most confined. */
    private void draw() {
        List<Map.Entry<RoomSpace, List<Room>>> all =
                new ArrayList<>(building.rooms().named(look.storey()).entrySet());
        all.sort(Comparator.<Map.Entry<RoomSpace, List<Room>>>comparingInt(
                        e -> e.getValue().getFirst().label() instanceof Room.PutAt ? 0 : 1)
                .thenComparingDouble(e -> e.getKey().net().mm2()));
        for (Map.Entry<RoomSpace, List<Room>> e : all) draw(e.getValue().getFirst(), e.getKey());
    }

    private void draw(Room room, RoomSpace space) {
        Drawn was = known.get(room.id());
        boolean wasOutside = was != null && was.given().around() != null;
        TakenBoxes within = taken.within(space.bounds());
        Given given = new Given(look, room, space, within, wasOutside ? around(space) : null);
        Drawn now = was != null && was.given().equals(given) ? was : paint(room, space, within);
        drawn.put(room.id(), now);
        taken.add(now.box());
    }

    private Around around(RoomSpace space) {
        Bounds reach = space.bounds().grown((FURTHEST + STEP) * scale());
        List<WallSolid> walls = building.near(reach, look.storey()).stream()
                .map(Strip::wall)
                .map(w -> building.solid(w.id()))
                .filter(s -> s != null && s.strip().wall().stays())
                .toList();
        return new Around(walls, taken.within(reach));
    }

    private Drawn paint(Room room, RoomSpace space, TakenBoxes within) {
        RoomLabel wide = new RoomLabel(room, space, false, look, lettering),
                tall = new RoomLabel(room, space, true, look, lettering);
        Pens pens = new Pens(look.lens());
        Vec beside = within(room, space, within, wide),
                upright = beside == null ? within(room, space, within, tall) : null;
        RoomLabel label = upright == null ? wide : tall;
        Around around = beside == null && upright == null ? around(space) : null;
        Vec at = beside != null ? beside : upright != null ? upright : outside(space, around, label);
        label.paint(at, pens);
        if (!space.covers(at)) leader(label.boxAt(at), space, pens);
        Group group = new Group(room.id(), room.layer(), pens.items(), List.of());
        return new Drawn(new Given(look, room, space, within, around), group, label.boxAt(at));
    }

    /** Where the drafter put it, or a place in the room that is free; null where there is none. */
    private @Nullable Vec within(Room room, RoomSpace space, TakenBoxes taken, RoomLabel label) {
        if (room.label() instanceof Room.PutAt put) return put.at();
        Vec middle = space.net().middle();
        for (Vec at : round(middle, space.bounds())) {
            Bounds box = label.boxAt(at);
            boolean within = space.covers(at)
                    && space.bounds().covers(new Vec(box.minX(), box.minY()))
                    && space.bounds().covers(new Vec(box.maxX(), box.maxY()));
            if (within && taken.isFree(box) && space.net().covers(area(box))) return at;
        }
        return null;
    }

    /** A free place outside the room, best outside the building; the room's middle where there is none. */
    private Vec outside(RoomSpace space, Around around, RoomLabel label) {
        Vec middle = space.net().middle();
        Vec best = middle;
        double least = Double.POSITIVE_INFINITY;
        for (Vec at : round(middle, space.bounds().grown(FURTHEST * scale()))) {
            double cost = at.distanceTo(middle);
            if (cost >= least) break;
            Bounds box = label.boxAt(at);
            if (!around.taken().isFree(box) || standsInAWall(box, around.walls())) continue;
            if (building.rooms().at(look.storey(), at) != null) cost += STRANGE * scale();
            if (around.taken().crossesText(nearest(box, middle), middle)) cost += STRANGE * scale();
            if (cost >= least) continue;
            least = cost;
            best = at;
        }
        return best;
    }

    /** Places on a grid, the nearest first. */
    private List<Vec> round(Vec middle, Bounds bounds) {
        double step = STEP * scale();
        List<Vec> places = new ArrayList<>();
        for (double x = middle.x() - Math.floor((middle.x() - bounds.minX()) / step) * step;
                x <= bounds.maxX();
                x += step)
            for (double y = middle.y() - Math.floor((middle.y() - bounds.minY()) / step) * step;
                    y <= bounds.maxY();
                    y += step) places.add(new Vec(x, y));
        places.sort(Comparator.comparingDouble(p -> p.distanceTo(middle)));
        return places;
    }

    private static boolean standsInAWall(Bounds box, List<WallSolid> near) {
        Area area = area(box);
        for (WallSolid solid : near)
            if (solid.bounds().meets(box) && solid.footprint().and(area).mm2() > 0) return true;
        return false;
    }

    private static Area area(Bounds box) {
        return Area.rectangle(box.minX(), box.minY(), box.width(), box.height());
    }

    /** From the label's nearer side to a dot in the room. */
    private void leader(Bounds box, RoomSpace space, Pens pens) {
        Vec dot = space.net().middle();
        pens.line(PenRole.ROOM, nearest(box, dot), dot);
        pens.add(new Item.Arc(PenRole.ROOM, pens.pen(PenRole.ROOM), dot, DOT * scale(), 0, Math.TAU));
    }

    private static Vec nearest(Bounds box, Vec to) {
        return new Vec(
                Math.max(box.minX(), Math.min(to.x(), box.maxX())), Math.max(box.minY(), Math.min(to.y(), box.maxY())));
    }

    private double scale() {
        return look.drawing().scale();
    }
}
