package org.leanlintel.core.building.room;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallBodies;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Room;

/**
 * What lies open to the sky within a storey.
 *
 * @param open between the outer faces of the walls round it
 * @param walls round it, in the order of ids
 */
public record Court(Area open, List<ElementId> walls) {

    /** A wall this near to it stands at its edge. */
    private static final double BESIDE_MM = 5;

    public Court {
        walls = List.copyOf(walls);
    }

    /** Those of a storey. */
    record Of(ElementId storey) implements Key<List<Court>> {
        @Override
        public List<Court> from(Reads reads) {
            Building building = Building.in(reads);
            List<Court> courts = new ArrayList<>();
            for (Room room : reads.model().all(Room.class))
                if (room.isOpenToSky()
                        && room.storey().equals(storey)
                        && Rooms.in(building).of(room) instanceof RoomSpace space) courts.add(of(space, building));
            return List.copyOf(courts);
        }
    }

    /** All that lies open to the sky within a storey. */
    public static Area open(ElementId storey, Building building) {
        List<Court> courts = building.get(new Of(storey));
        return courts.isEmpty()
                ? Area.NONE
                : Area.union(courts.stream().map(Court::open).toList());
    }

    /** That which a room is; null where it is none, or nothing closes round it. */
    public static @Nullable Court of(Room room, Building building) {
        return room.isOpenToSky() && Rooms.in(building).of(room) instanceof RoomSpace space
                ? of(space, building)
                : null;
    }

    /** Walls round it that turn the first of their plies to the house, where that makes a difference. */
    public List<Strip> turnedAway(Building building) {
        List<Strip> turned = new ArrayList<>();
        for (ElementId wall : walls)
            if (building.strip(wall) instanceof Strip s && isOneSided(s.buildUp()) && !open.covers(outside(s)))
                turned.add(s);
        return turned;
    }

    private static boolean isOneSided(BuildUp of) {
        double outside = of.depthOfFace(of.structureFrom()),
                inside = of.thicknessMm() - of.depthOfFace(of.structureTo());
        return !Tolerance.same(outside, inside);
    }

    /** Just outside a wall, beside the middle of this. */
    private Vec outside(Strip wall) {
        double s = Math.clamp(wall.axis().s(open.middle()), 0, wall.length());
        double first = wall.offsetOfFace(0),
                last = wall.offsetOfFace(wall.plies().size());
        return wall.at(s, first + Math.signum(first - last) * BESIDE_MM);
    }

    private static Court of(RoomSpace space, Building building) {
        Area open = space.closed().filled(), beside = open.grown(BESIDE_MM);
        return new Court(
                open,
                space.walls(building).all().stream()
                        .filter(w -> w.footprint().and(beside).mm2() > 0)
                        .map(w -> w.strip().wall().id())
                        .toList());
    }

    /** What a floor leaves out that ends at the given line of the walls round it. */
    Area without(Floor.Edge edge, Building building) {
        List<Area> all = new ArrayList<>(List.of(open));
        for (ElementId wall : walls) {
            WallSolid solid = building.solid(wall);
            if (solid == null) continue;
            Area beside = open.grown(solid.strip().thickness());
            for (Area plies : outside(solid, edge)) all.add(plies.and(beside));
        }
        return Area.union(all);
    }

    /** The plies of a wall that lie outside a floor's edge. */
    static List<Area> outside(WallSolid solid, Floor.Edge edge) {
        BuildUp of = solid.strip().buildUp();
        return switch (edge) {
            case OUTER_FACE -> List.of();
            case STRUCTURE_OUTER -> WallBodies.outsideOf(solid, of.structureFrom());
            case STRUCTURE_INNER -> WallBodies.outsideOf(solid, of.structureTo());
            case INNER_FACE -> List.of(solid.footprint());
        };
    }
}
