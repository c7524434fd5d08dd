package org.leanlintel.core.edit.run;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.body.UnderStair;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.Places;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;

/**
 * What follows a change besides what the edit itself did: openings and fittings whose stops are gone stay where they are,
 * walls under stairs end under them, what is written in a section stays with the house, and a room stays with the area that has most
 * of what it was.
 */
final class Following {

    /** How near two ends of a wall went as far. */
    private static final double MOVED_MM = 1;

    private final Building before;
    private final Building after;
    private final List<Element> put = new ArrayList<>();

    private Following(Building before, Building after) {
        this.before = before;
        this.after = after;
    }

    /** The change with openings and fittings that stay where they are; the same one where none has to. */
    static Change places(Building before, Change change, Building after) {
        Following following = new Following(before, after);
        following.faces(change);
        following.sections(change);
        following.openings();
        following.fittings();
        following.floors();
        following.roofs();
        following.footings();
        following.underStairs(change);
        return following.joinedTo(change);
    }

    /** The change with rooms that keep their areas; the same one where none has to. {@code after} is sound. */
    static Change rooms(Building before, Change change, Building after) {
        Following following = new Following(before, after);
        following.rooms();
        return following.joinedTo(change);
    }

    /** The change with what is written on walls that are seen from inside; the same one where all stays. {@code after} is sound. */
    static Change interiors(Building before, Change change, Building after) {
        Following following = new Following(before, after);
        following.put.addAll(FollowingInteriors.of(before, after));
        return following.joinedTo(change);
    }

    private Change joinedTo(Change change) {
        return put.isEmpty()
                ? change
                : change.then(before.model(), Change.to(after.model(), change.name(), put, List.of()));
    }

    private void faces(Change change) {
        put.addAll(FollowingFaces.of(before.model(), change, after.model()));
    }

    private void sections(Change change) {
        put.addAll(FollowingSections.of(before.model(), change, after));
    }

    private void openings() {
        for (ElementId wall : after.fitted()) {
            WallSolid solid = after.solid(wall);
            if (solid == null || solid.lostOpenings().isEmpty()) continue;
            for (ElementId id : solid.lostOpenings()) {
                Opening opening = after.model().get(id, Opening.class);
                PlacedOpening was = placedBefore(opening);
                if (was == null) was = solid.opening(id);
                if (was == null) continue;
                Strip then = before.strip(was.opening().wall());
                Strip strip = then == null ? solid.strip() : then;
                double middle = solid.strip().axis().s(strip.at((was.from() + was.to()) / 2, 0));
                put.add(opening.placed(wall, Places.fixed(solid, middle, opening.widthMm())));
            }
        }
    }

    private @Nullable PlacedOpening placedBefore(Opening now) {
        if (!(before.model().find(now.id(), Opening.class) instanceof Opening was)) return null;
        WallSolid solid = before.solid(was.wall());
        return solid == null ? null : solid.opening(was.id());
    }

    private void fittings() {
        if (after.fitted().isEmpty()) return;
        for (Fitting f : after.model().all(Fitting.class)) {
            if (!(f.seat() instanceof Fitting.OnWall seat) || !after.fitted().contains(seat.wall())) continue;
            if (PlacedFitting.of(f, after) != null || !(before.model().find(f.id()) instanceof Fitting was)) continue;
            PlacedFitting placed = PlacedFitting.of(was, before);
            if (placed == null) continue;
            if (!(after.solid(seat.wall()) instanceof WallSolid solid)) continue;
            double middle = solid.strip().axis().s(placed.box(f.widthMm() / 2, 0));
            put.add(f.seated(new Fitting.OnWall(seat.wall(), seat.side(), Places.fixed(solid, middle, f.widthMm()))));
        }
    }

    /** A floor that fills a shell goes with it where the shell leaves its seed behind. */
    private void floors() {
        if (after.fitted().isEmpty()) return;
        for (Floor f : after.model().all(Floor.class)) {
            if (!(f.outline() instanceof Floor.InsideShell shell)
                    || before.model().find(f.id()) != f) continue;
            Vec seed = seedThatMoved(shell.seed(), f.storey());
            if (seed != null) put.add(f.within(new Floor.InsideShell(seed, shell.edge()), f.span()));
        }
    }

    /** A roof over a shell that closes round its seed no more goes along with the first wall that moved and brings it back. */
    private void roofs() {
        if (after.fitted().isEmpty()) return;
        for (Roof r : after.model().all(Roof.class)) {
            if (!(r.over() instanceof Roof.OverShell shell) || before.model().find(r.id()) != r) continue;
            Vec seed = seedThatMoved(shell.seed(), r.storey());
            if (seed != null) put.add(r.over(new Roof.OverShell(seed), r.own()));
        }
    }

    /** A foundation under a shell goes with it likewise. */
    private void footings() {
        if (after.fitted().isEmpty()) return;
        for (Footing f : after.model().all(Footing.class)) {
            if (!(f.under() instanceof Footing.UnderShell shell)
                    || before.model().find(f.id()) != f) continue;
            Vec seed = seedThatMoved(shell.seed(), f.storey());
            if (seed != null) put.add(f.under(new Footing.UnderShell(seed)));
        }
    }

    /** Where the seed of what walls close round went with them; null where they close round it still, or never did. */
    private @Nullable Vec seedThatMoved(Vec seed, ElementId storey) {
        if (FloorAreas.closes(after, storey, seed) || !FloorAreas.closes(before, storey, seed)) return null;
        for (Vec by : movedBy(storey)) if (FloorAreas.closes(after, storey, seed.plus(by))) return seed.plus(by);
        return null;
    }

    /** How far the walls of a storey that changed have gone. */
    private List<Vec> movedBy(ElementId storey) {
        List<Vec> by = new ArrayList<>();
        for (ElementId wall : after.fitted()) {
            Strip was = before.strip(wall), is = after.strip(wall);
            if (was != null && is != null && was.wall().storey().equals(storey))
                by.add(is.axis().start().minus(was.axis().start()));
        }
        return by;
    }

    /** Walls under stairs end under them, wherever those come to be. */
    private void underStairs(Change change) {
        boolean heights = Stream.concat(change.before().stream(), change.after().stream())
                .anyMatch(e -> e instanceof Stair || e instanceof Storey || e instanceof Rules || e instanceof BuildUp);
        for (Wall wall : after.model().all(Wall.class)) {
            if (!(wall.rise().head() instanceof Rise.UnderStairs was)
                    || !heights && !after.fitted().contains(wall.id())
                    || !(after.strip(wall.id()) instanceof Strip strip)) continue;
            Rise.UnderStairs is = UnderStair.head(strip, after.model());
            if (!is.equals(was)) put.add(wall.rising(new Rise(wall.rise().foot(), is)));
        }
    }

    /**
     * Each goes with its area where that was moved as it is, and stays with the one its seed lies in otherwise. Where rooms of different areas come to lie in one, the one that was most
     * of it stays, and the others go where most of them is, if that has no room yet.
     */
    private void rooms() {
        Map<RoomSpace, List<Room>> there = new HashMap<>();
        List<Room> strays = new ArrayList<>();
        Map<RoomSpace, Room> moved = moved();
        moved.forEach((space, room) -> {
            there.put(space, List.of(room));
            put.add(room);
        });
        Set<ElementId> gone = moved.values().stream().map(Room::id).collect(Collectors.toSet());
        for (Room room : after.model().all(Room.class)) {
            if (gone.contains(room.id())) continue;
            RoomSpace is = Rooms.in(after).of(room);
            if (is == null || moved.containsKey(is)) strays.add(room);
            else there.computeIfAbsent(is, s -> new ArrayList<>()).add(room);
        }
        there.forEach((space, rooms) -> {
            if (rooms.size() > 1) strays.addAll(moreElsewhere(space, rooms));
        });
        for (Room room : strays) {
            RoomSpace was = Rooms.in(before).of(room);
            RoomSpace best = was == null ? null : mostOf(was, there.keySet());
            if (was == null || best == null) continue;
            there.put(best, List.of(room));
            put.add(room.seeded(best.net().and(was.net()).parts().getFirst().middle()));
        }
    }

    /** Rooms whose areas were moved by as much as walls were, seeded and labelled there. */
    private Map<RoomSpace, Room> moved() {
        Map<RoomSpace, Room> moved = new LinkedHashMap<>();
        Map<ElementId, List<Vec>> shifts = new HashMap<>();
        if (after.fitted().isEmpty()) return moved;
        for (Room room : after.model().all(Room.class))
            for (Vec by : shifts.computeIfAbsent(room.storey(), this::shifts)) {
                if (!(before.model().find(room.id()) instanceof Room then)) continue;
                RoomSpace was = Rooms.in(before).of(then),
                        is = Rooms.in(after).at(room.storey(), then.seed().plus(by));
                if (was == null
                        || is == null
                        || !is.isAsMoved(was, by)
                        || is.equals(Rooms.in(after).of(room))) continue;
                Room there = room.seeded(then.seed().plus(by));
                moved.put(is, room.equals(then) ? there.worded(there.words().each(at -> at.plus(by))) : there);
                break;
            }
        return moved;
    }

    /** By how much walls of a storey were moved as they are; each once. */
    private List<Vec> shifts(ElementId storey) {
        List<Vec> shifts = new ArrayList<>();
        for (ElementId wall : after.fitted()) {
            Strip was = before.strip(wall), is = after.strip(wall);
            if (was == null || is == null || !was.wall().storey().equals(storey)) continue;
            Vec by = is.axis().at(End.START).minus(was.axis().at(End.START));
            Vec end = is.axis().at(End.END).minus(was.axis().at(End.END));
            if (by.length() > MOVED_MM
                    && by.distanceTo(end) < MOVED_MM
                    && shifts.stream().noneMatch(s -> s.distanceTo(by) < MOVED_MM)) shifts.add(by);
        }
        return shifts;
    }

    /** All but the one that was most of the area, if they were not one before. */
    private List<Room> moreElsewhere(RoomSpace space, List<Room> rooms) {
        List<Room> sorted = new ArrayList<>(rooms);
        sorted.sort(Comparator.comparingDouble(r -> -shared(Rooms.in(before).of(r), space)));
        RoomSpace first = Rooms.in(before).of(sorted.getFirst());
        return sorted.stream()
                .skip(1)
                .filter(r -> !Objects.equals(Rooms.in(before).of(r), first))
                .toList();
    }

    private static double shared(@Nullable RoomSpace was, RoomSpace space) {
        if (was == null || !space.bounds().meets(was.bounds())) return 0;
        return space.equals(was) ? was.net().mm2() : space.net().and(was.net()).mm2();
    }

    private @Nullable RoomSpace mostOf(RoomSpace was, Set<RoomSpace> not) {
        RoomSpace best = null;
        double most = 0;
        for (RoomSpace space : Rooms.in(after).of(was.storey())) {
            if (not.contains(space)) continue;
            double mm2 = shared(was, space);
            if (mm2 <= most) continue;
            most = mm2;
            best = space;
        }
        return best;
    }
}
