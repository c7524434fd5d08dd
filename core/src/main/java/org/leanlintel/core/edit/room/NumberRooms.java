package org.leanlintel.core.edit.room;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.WordsAt;

/**
 * Numbers a storey's rooms anew, clockwise from its entrance, halls first. Areas without a name become rooms called "Room".
 *
 * @param layer of the rooms it makes
 */
public record NumberRooms(ElementId storey, ElementId layer) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, layer);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        List<RoomSpace> spaces = Rooms.in(building).of(storey);
        if (spaces.isEmpty()) return Refusal.because("Nothing is closed round by walls on this storey yet.", storey);
        Map<RoomSpace, List<Room>> named = Rooms.in(building).named(storey);
        NewIds ids = new NewIds(model);
        List<Room> rooms = new ArrayList<>();
        for (RoomSpace space : inOrder(building, spaces, named)) {
            Room room = named.containsKey(space) ? named.get(space).getFirst() : bare(ids.next(), space);
            rooms.add(room.numbered(RoomNumbers.of(model, storey, rooms.size() + 1)));
        }
        return Change.to(model, "number rooms", rooms, List.of());
    }

    private Room bare(ElementId id, RoomSpace space) {
        return new Room(
                id,
                storey,
                layer,
                space.middle(),
                "",
                "Room",
                Room.Use.OTHER,
                Room.Finishes.NONE,
                new Rise.UnderStoreyAbove(),
                WordsAt.CLEAR);
    }

    private List<RoomSpace> inOrder(Building building, List<RoomSpace> spaces, Map<RoomSpace, List<Room>> named) {
        Bounds all = spaces.stream().map(RoomSpace::bounds).reduce(Bounds::with).orElseThrow();
        Vec centre = all.centre(), entrance = entrance(building);
        Vec first = entrance == null ? new Vec(-1, 1) : entrance.minus(centre);
        List<RoomSpace> sorted = new ArrayList<>(spaces);
        sorted.sort(Comparator.<RoomSpace>comparingInt(s -> isHall(named.get(s)) ? 0 : 1)
                .thenComparingDouble(s -> clockwise(first, s.middle().minus(centre))));
        return sorted;
    }

    private static boolean isHall(@Nullable List<Room> rooms) {
        return rooms != null && rooms.getFirst().use() == Room.Use.HALL;
    }

    /** From one direction to another, 0 to a full turn. */
    private static double clockwise(Vec from, Vec to) {
        double turn = from.angle() - to.angle();
        return turn < 0 ? turn + Math.TAU : turn;
    }

    /** The middle of the first hinged door between a room and the open. */
    private @Nullable Vec entrance(Building building) {
        for (WallSolid solid : building.solidsOf(storey)) {
            for (PlacedOpening o : solid.openings()) {
                if (!(o.opening().kind() instanceof Opening.SwingDoor)) continue;
                double middle = (o.from() + o.to()) / 2;
                Vec left = solid.strip().at(middle, solid.strip().hi() + 50),
                        right = solid.strip().at(middle, solid.strip().lo() - 50);
                boolean outside = (Rooms.in(building).at(storey, left) == null)
                        != (Rooms.in(building).at(storey, right) == null);
                if (outside) return solid.strip().at(middle, 0);
            }
        }
        return null;
    }
}
