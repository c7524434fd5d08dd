package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.RoomSpace;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Storey;

/** Rooms that share one area, that nothing closes round, or that have one number. */
final class RoomCheck {

    private final Building building;
    private final Storey storey;
    private final List<Finding> findings = new ArrayList<>();

    RoomCheck(Building building, Storey storey) {
        this.building = building;
        this.storey = storey;
    }

    List<Finding> findings(Room room) {
        RoomSpace space = building.rooms().of(room);
        Room first = space == null ? room : building.rooms().named(space).getFirst();
        if (space == null)
            add(
                    "Nothing closes round %s.".formatted(room.name()),
                    "Close the walls round it, or delete the room.",
                    room);
        else if (first != room)
            add(
                    "%s and %s are one area.".formatted(first.name(), room.name()),
                    "Part them by a wall or a room limit, or delete one of them.",
                    room,
                    first);
        Room same = building.get(new Numbered(storey.id())).get(room.number());
        if (same != null && same != room)
            add(
                    "%s and %s both have number %s.".formatted(same.name(), room.name(), room.number()),
                    "Give one of them another number, or number the rooms anew.",
                    room,
                    same);
        return findings;
    }

    /** The first room of a storey that has a number, by their numbers. */
    private record Numbered(ElementId storey) implements Key<Map<String, Room>> {
        @Override
        public Map<String, Room> from(Reads reads) {
            Map<String, Room> numbers = new HashMap<>();
            for (Room room : reads.model().all(Room.class))
                if (room.storey().equals(storey) && !room.number().isEmpty()) numbers.putIfAbsent(room.number(), room);
            return numbers;
        }
    }

    private void add(String sentence, String remedy, Room... rooms) {
        findings.add(new Finding(
                Finding.Kind.ROOMS,
                sentence,
                remedy,
                List.of(rooms).stream().map(Room::id).toList(),
                storey.id(),
                rooms[0].seed(),
                ""));
    }
}
