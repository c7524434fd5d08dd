package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.SideBySide;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Wall;

/**
 * The closed areas of a building's storeys. Walls that the plan cuts part them, also across openings; so do room limits.
 * Rooms made after others keep every area whose walls did not change.
 */
public final class Rooms {

    /** How far a room limit runs on to meet what lies past its ends. */
    private static final double RUNS_ON_MM = 300;

    private final Building building;
    private final Memory memory;
    private final Map<ElementId, List<Found>> found = new ConcurrentHashMap<>();
    private final Map<ElementId, List<RoomSpace>> byStorey = new ConcurrentHashMap<>();

    /** All that decides what an area is. */
    record Round(
            List<List<Vec>> face,
            List<WallSolid> solids,
            List<List<Vec>> posts,
            List<List<Vec>> limits,
            List<List<Vec>> voids) {}

    /** What set-out lines enclose, and what it amounts to. */
    private record Found(Area face, Round round, List<RoomSpace> spaces) {}

    /** What is asked of a whole storey once: its limits, and what is open through its floors. */
    private record Across(List<List<Vec>> limits, List<List<Vec>> voids) {}

    /**
     * What was found before, to find the same again from.
     *
     * @param reached where anything changed since
     * @param rejoined whether walls came, went or join others since, so that anything may be enclosed
     */
    record Memory(Map<ElementId, List<Found>> found, List<Bounds> reached, boolean rejoined) {

        static final Memory NONE = new Memory(Map.of(), List.of(), false);

        Memory after(Collection<Bounds> alsoReached, boolean alsoRejoined) {
            if (found.isEmpty()) return this;
            List<Bounds> all = new ArrayList<>(reached);
            all.addAll(alsoReached);
            return new Memory(found, List.copyOf(all), rejoined || alsoRejoined);
        }
    }

    Rooms(Building building, Memory memory) {
        this.building = building;
        this.memory = memory;
    }

    Memory memory() {
        return found.isEmpty() ? memory : new Memory(Map.copyOf(found), List.of(), false);
    }

    /** Where a change reaches what parts rooms or takes their floor, besides walls; null where that is everywhere. */
    static @Nullable List<Bounds> reach(Change change, Model before, Model after) {
        List<Bounds> reached = new ArrayList<>(FloorAreas.reach(change.before(), before));
        reached.addAll(FloorAreas.reach(change.after(), after));
        for (List<Element> side : List.of(change.before(), change.after())) {
            for (Element e : side) {
                switch (e) {
                    case Post p -> reached.add(Bounds.of(p.corners()));
                    case RoomLimit l -> reached.add(Bounds.of(runningOn(l)));
                    case Settings s -> {
                        return null;
                    }
                    default -> {}
                }
            }
        }
        return reached;
    }

    /** The closed areas of a storey, from the top of the drawing down. */
    public List<RoomSpace> of(ElementId storey) {
        return byStorey.computeIfAbsent(storey, this::find);
    }

    /** The area that a point of a storey lies in; null where it lies in none. */
    public @Nullable RoomSpace at(ElementId storey, Vec point) {
        for (RoomSpace space : of(storey)) if (space.covers(point)) return space;
        return null;
    }

    /** The area that a room is; null where nothing closes round it any more. */
    public @Nullable RoomSpace of(Room room) {
        return at(room.storey(), room.seed());
    }

    /** The rooms of a storey by the area they are; several may have come to share one. In the order of ids. */
    public Map<RoomSpace, List<Room>> named(ElementId storey) {
        Map<RoomSpace, List<Room>> named = new LinkedHashMap<>();
        for (Room room : building.model().all(Room.class))
            if (room.storey().equals(storey) && of(room) instanceof RoomSpace space)
                named.computeIfAbsent(space, s -> new ArrayList<>()).add(room);
        return named;
    }

    /** Everything inside the outer faces of a storey's walls, square millimetres. */
    public double outlineMm2(ElementId storey) {
        List<Area> all = new ArrayList<>();
        for (WallSolid solid : building.solidsOf(storey))
            if (parts(solid.strip().wall())) all.add(solid.footprint());
        all.addAll(RoomFaces.of(building, storey, this::parts));
        return Area.union(all).filled().mm2();
    }

    private List<RoomSpace> find(ElementId storey) {
        List<Found> known = memory.found().get(storey);
        List<Found> all =
                known == null ? all(storey, List.of()) : memory.rejoined() ? all(storey, known) : anew(storey, known);
        found.put(storey, all);
        return all.stream()
                .flatMap(f -> f.spaces().stream())
                .sorted(Comparator.comparingDouble((RoomSpace s) -> -s.bounds().maxY())
                        .thenComparingDouble(s -> s.bounds().minX())
                        .thenComparingDouble(s -> s.net().mm2()))
                .toList();
    }

    private List<Found> all(ElementId storey, List<Found> known) {
        Across across = across(storey);
        Map<Round, Found> byRound = new HashMap<>();
        for (Found f : known) byRound.put(f.round(), f);
        return SideBySide.map(
                RoomFaces.of(building, storey, this::parts), face -> found(storey, face, across, byRound));
    }

    /**
     * What is known, except where something was reached: there the walls near what was enclosed are asked again. They
     * join as they did, so they enclose the same, if in another shape.
     */
    private List<Found> anew(ElementId storey, List<Found> known) {
        if (memory.reached().isEmpty()) return known;
        List<Found> kept = new ArrayList<>(), lost = new ArrayList<>();
        for (Found f : known) (isReached(f.face().bounds()) ? lost : kept).add(f);
        Bounds asked = memory.reached().getFirst();
        for (Bounds b : memory.reached()) asked = asked.with(b);
        for (Found f : lost) asked = asked.with(f.face().bounds());
        Across across = across(storey);
        Map<Round, Found> byRound = new HashMap<>();
        for (Found f : lost) byRound.put(f.round(), f);
        for (Area face : RoomFaces.within(building, asked, storey, this::parts))
            if (isReached(face.bounds())) kept.add(found(storey, face, across, byRound));
        return List.copyOf(kept);
    }

    private boolean isReached(Bounds bounds) {
        for (Bounds b : memory.reached()) if (b.meets(bounds)) return true;
        return false;
    }

    /** @param known where the same may have been found */
    private Found found(ElementId storey, Area face, Across across, Map<Round, Found> known) {
        Round round = round(storey, face, across);
        Found same = known.get(round);
        return same == null ? new Found(face, round, spaces(storey, face, round)) : same;
    }

    /** Whether a wall parts rooms: it stays, and the plan cuts it. */
    private boolean parts(Wall wall) {
        double cut = building.model().settings().cutHeightMm();
        return wall.stays() && building.space(wall.storey()).isCutAt(wall.rise(), cut);
    }

    /** Whether it takes floor: it parts rooms, or it is low and stands on the floor. */
    private boolean takesFloor(Wall wall) {
        return parts(wall) || wall.stays() && building.space(wall.storey()).footMm(wall.rise()) <= 0;
    }

    private Round round(ElementId storey, Area face, Across across) {
        Bounds bounds = face.bounds();
        List<WallSolid> solids = new ArrayList<>();
        for (Strip strip : building.near(bounds, storey)) {
            WallSolid solid = building.solid(strip.wall().id());
            if (solid != null && takesFloor(strip.wall()) && solid.bounds().meets(bounds)) solids.add(solid);
        }
        List<List<Vec>> posts = building.model().relations().postsOf(storey).stream()
                .map(Post::corners)
                .filter(ring -> Bounds.of(ring).meets(bounds))
                .toList();
        return new Round(
                face.rings(), solids, posts, meeting(across.limits(), bounds), meeting(across.voids(), bounds));
    }

    private static List<List<Vec>> meeting(List<List<Vec>> lines, Bounds bounds) {
        return lines.stream().filter(l -> Bounds.of(l).meets(bounds)).toList();
    }

    private Across across(ElementId storey) {
        List<List<Vec>> limits = building.model().all(RoomLimit.class).stream()
                .filter(l -> l.storey().equals(storey))
                .map(Rooms::runningOn)
                .toList();
        return new Across(limits, FloorAreas.openings(building, storey).ringsWithoutHoles());
    }

    private static List<Vec> runningOn(RoomLimit limit) {
        Vec way = limit.to().minus(limit.from()).unit();
        return List.of(limit.from().along(way, -RUNS_ON_MM), limit.to().along(way, RUNS_ON_MM));
    }

    /** What the walls that part rooms leave of a face, cut by limits; then what stands on the floor, or is open through it, is taken out. */
    private List<RoomSpace> spaces(ElementId storey, Area face, Round round) {
        List<Area> parting = new ArrayList<>(), standing = new ArrayList<>();
        for (WallSolid solid : round.solids()) {
            (parts(solid.strip().wall()) ? parting : standing).add(solid.footprint());
            for (Slab slab : solid.slabs())
                if (slab.lowMm() <= solid.levelMm() + Tolerance.SAME_MM) standing.add(Area.of(solid.outline(slab)));
        }
        round.posts().forEach(ring -> standing.add(Area.of(ring)));
        round.voids().forEach(ring -> standing.add(Area.of(ring)));
        Area floor = Area.union(standing);
        List<RoomSpace> spaces = new ArrayList<>();
        for (Area part : face.minus(Area.union(parting)).parts()) {
            for (Area closed : part.splitBy(round.limits())) {
                Area net = standing.isEmpty() ? closed : closed.minus(floor);
                if (net.mm2() >= Tolerance.LEAST_ROOM_MM2) spaces.add(new RoomSpace(storey, face, closed, net, round));
            }
        }
        return List.copyOf(spaces);
    }
}
