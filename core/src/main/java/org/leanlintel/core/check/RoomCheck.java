package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.RoomSpace;
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

    List<Finding> findings() {
        Map<RoomSpace, List<Room>> named = building.rooms().named(storey.id());
        named.forEach((space, rooms) -> {
            for (Room other : rooms.subList(1, rooms.size()))
                add(
                        "%s and %s are one area.".formatted(rooms.getFirst().name(), other.name()),
                        "Part them by a wall or a room limit, or delete one of them.",
                        other,
                        rooms.getFirst());
        });
        Map<String, Room> numbers = new HashMap<>();
        for (Room room : building.model().all(Room.class)) {
            if (!room.storey().equals(storey.id())) continue;
            if (building.rooms().of(room) == null)
                add(
                        "Nothing closes round %s.".formatted(room.name()),
                        "Close the walls round it, or delete the room.",
                        room);
            Room same = room.number().isEmpty() ? null : numbers.putIfAbsent(room.number(), room);
            if (same != null)
                add(
                        "%s and %s both have number %s.".formatted(same.name(), room.name(), room.number()),
                        "Give one of them another number, or number the rooms anew.",
                        room,
                        same);
        }
        return findings;
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
