package org.leanlintel.core.edit.room;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Storey;

/** What became of rooms, in sentences: those that were parted, joined, or are closed no more. */
public final class RoomNews {

    /** Square millimetres. What is cut off a room below this is not worth a word. */
    private static final double LEAST_MM2 = 250_000;

    private final Building before;
    private final Building after;
    private final List<String> news = new ArrayList<>();

    private RoomNews(Building before, Building after) {
        this.before = before;
        this.after = after;
    }

    public static List<String> between(Building before, Building after) {
        if (after.model().all(Room.class).isEmpty()) return List.of();
        RoomNews all = new RoomNews(before, after);
        for (Storey s : after.model().all(Storey.class)) all.of(s);
        return List.copyOf(all.news);
    }

    private void of(Storey storey) {
        Map<RoomSpace, List<Room>> named = Rooms.in(after).named(storey.id());
        named.forEach((space, rooms) -> {
            if (rooms.size() > 1) joined(rooms);
        });
        for (Room room : after.model().all(Room.class)) {
            if (!room.storey().equals(storey.id()) || !(before.model().find(room.id()) instanceof Room then)) continue;
            RoomSpace was = Rooms.in(before).of(then), is = Rooms.in(after).of(room);
            if (was == null || was == is) continue;
            if (is == null) news.add("Nothing closes round %s any more.".formatted(room.name()));
            else parted(room, was, is, named);
        }
    }

    private void joined(List<Room> rooms) {
        RoomSpace first = Rooms.in(before).of(rooms.get(0));
        for (Room other : rooms.subList(1, rooms.size())) {
            RoomSpace was = Rooms.in(before).of(other);
            if (was == null || first == null || was == first) continue;
            news.add("%s and %s are one area now; its label says %s."
                    .formatted(rooms.get(0).name(), other.name(), rooms.get(0).name()));
        }
    }

    private void parted(Room room, RoomSpace was, RoomSpace is, Map<RoomSpace, List<Room>> named) {
        for (RoomSpace other : Rooms.in(after).of(room.storey())) {
            if (other == is || named.containsKey(other) || !other.bounds().meets(was.bounds())) continue;
            if (other.net().and(was.net()).mm2() < LEAST_MM2) continue;
            news.add("%s was parted: %s of it have no name yet."
                    .formatted(
                            room.name(),
                            AreaPrinter.print(
                                    other.net().mm2(), after.model().settings().units())));
        }
    }
}
