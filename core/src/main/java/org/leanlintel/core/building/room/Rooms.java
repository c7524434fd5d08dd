package org.leanlintel.core.building.room;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.derive.Cell;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Member;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.derive.Spread;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Wall;

/** The closed areas of a building's storeys. Walls that the plan cuts part them, also across openings; so do room limits. */
public final class Rooms {

    private static final Comparator<RoomSpace> FROM_THE_TOP = Comparator.comparingDouble(
                    (RoomSpace s) -> -s.bounds().maxY())
            .thenComparingDouble(s -> s.bounds().minX())
            .thenComparingDouble(s -> s.net().mm2());

    private final Building building;

    private Rooms(Building building) {
        this.building = building;
    }

    /** Those of a building. */
    public static Rooms in(Building building) {
        building.lay(RoomsAlong.Everywhere.ALL);
        return new Rooms(building);
    }

    /** Those of a storey. */
    private record Of(ElementId storey) implements Key<List<RoomSpace>> {
        @Override
        public List<RoomSpace> from(Reads reads) {
            List<RoomSpace> all = new ArrayList<>();
            for (Wall w : reads.model().relations().wallsOf(storey)) all.addAll(reads.get(new RoomsAlong(w.id())));
            all.sort(FROM_THE_TOP);
            return List.copyOf(all);
        }
    }

    /** That which a point of a storey lies in. */
    private record At(ElementId storey, Vec point) implements Key<@Nullable RoomSpace> {
        @Override
        public @Nullable RoomSpace from(Reads reads) {
            return Rooms.in(Building.in(reads)).at(storey, point);
        }
    }

    /** Where a room of the model says it is; null where there is no such room. */
    private record Seed(ElementId room) implements Member<@Nullable Vec>, Comparable<Seed> {

        @Override
        public @Nullable Vec from(Reads reads) {
            return reads.model().find(room) instanceof Room r ? r.seed() : null;
        }

        @Override
        public Spread<?> spread() {
            return Seeds.ALL;
        }

        @Override
        public Collection<Cell> cells(@Nullable Vec seed) {
            return seed == null ? List.of() : Cell.of(Bounds.of(List.of(seed)));
        }

        @Override
        public int compareTo(Seed other) {
            return room.compareTo(other.room);
        }
    }

    /** The rooms of the model by where they say they are. */
    private enum Seeds implements Spread<Seed> {
        ALL;

        @Override
        public Collection<Seed> members(Element element) {
            return element instanceof Room r ? List.of(new Seed(r.id())) : List.of();
        }
    }

    /** The closed areas of a storey as far as they lie in a square: the same while nothing changes there. */
    private record ClosedIn(ElementId storey, Cell cell) implements Key<List<Area>> {
        @Override
        public List<Area> from(Reads reads) {
            Bounds square = cell.bounds();
            return Rooms.in(Building.in(reads)).near(storey, square).stream()
                    .map(s -> s.closed().cutTo(square))
                    .filter(a -> !a.isEmpty())
                    .toList();
        }
    }

    /** Whether a point of a storey lies in a closed area or on its edge. */
    public boolean isIn(ElementId storey, Vec point) {
        Cell cell = Cell.of(Bounds.of(List.of(point))).getFirst();
        for (Area area : building.get(new ClosedIn(storey, cell)))
            if (area.bounds().covers(point) && area.covers(point)) return true;
        return false;
    }

    /** The rooms of a storey that say they are within some bounds, in the order of ids. */
    public List<Room> saidToBeIn(ElementId storey, Bounds bounds) {
        List<Room> rooms = new ArrayList<>();
        for (Seed seed : building.lying(Seeds.ALL, bounds))
            if (building.model().find(seed.room()) instanceof Room r
                    && r.storey().equals(storey)
                    && bounds.covers(r.seed())) rooms.add(r);
        return rooms;
    }

    /** The rooms that an area is; several may have come to share it. In the order of ids. */
    public List<Room> named(RoomSpace space) {
        List<Room> rooms = new ArrayList<>();
        for (Seed seed : building.lying(Seeds.ALL, space.reach()))
            if (building.model().find(seed.room()) instanceof Room r
                    && r.storey().equals(space.storey())
                    && space.equals(of(r))) rooms.add(r);
        return rooms;
    }

    /** The closed areas of a storey, from the top of the drawing down. */
    public List<RoomSpace> of(ElementId storey) {
        return building.get(new Of(storey));
    }

    /** Those that may lie within some bounds, from the top of the drawing down. */
    public List<RoomSpace> near(ElementId storey, Bounds bounds) {
        List<RoomSpace> near = new ArrayList<>();
        for (RoomsAlong along : building.lying(RoomsAlong.Everywhere.ALL, bounds))
            for (RoomSpace s : building.get(along))
                if (s.storey().equals(storey) && s.reach().meets(bounds)) near.add(s);
        near.sort(FROM_THE_TOP);
        return near;
    }

    /** The area that a point of a storey lies in; null where it lies in none. */
    public @Nullable RoomSpace at(ElementId storey, Vec point) {
        for (RoomSpace space : near(storey, new Bounds(point.x(), point.y(), point.x(), point.y())))
            if (space.covers(point)) return space;
        return null;
    }

    /** The area that a room is; null where nothing closes round it any more. */
    public @Nullable RoomSpace of(Room room) {
        return building.get(new At(room.storey(), room.seed()));
    }

    /** The rooms of a storey by the area they are; several may have come to share one. In the order of ids. */
    public Map<RoomSpace, List<Room>> named(ElementId storey) {
        Map<RoomSpace, List<Room>> named = new LinkedHashMap<>();
        for (Room room : building.model().all(Room.class))
            if (room.storey().equals(storey) && of(room) instanceof RoomSpace space)
                named.computeIfAbsent(space, s -> new ArrayList<>()).add(room);
        return named;
    }

    /** Everything inside the outer faces of a storey's walls. */
    public Area outline(ElementId storey) {
        List<Area> all = new ArrayList<>();
        for (WallSolid solid : building.solidsOf(storey))
            if (Parting.ROOMS.parts(solid.strip().wall(), building)) all.add(solid.footprint());
        all.addAll(building.get(new FacesAlong.Of(storey, Parting.ROOMS)));
        return Area.union(all).filled();
    }
}
