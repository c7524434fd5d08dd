package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.roof.UnderSlopes;
import org.leanlintel.core.building.room.Court;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.Storey;

/** Rooms that share one area, that nothing closes round, that have one number, or are too low under slopes. */
final class RoomCheck {

    private final Building building;
    private final Storey storey;
    private final List<Finding> findings = new ArrayList<>();

    RoomCheck(Building building, Storey storey) {
        this.building = building;
        this.storey = storey;
    }

    List<Finding> findings(Room room) {
        RoomSpace space = Rooms.in(building).of(room);
        Room first = space == null ? room : Rooms.in(building).named(space).getFirst();
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
        else {
            underSlopes(room);
            turnedAway(room);
        }
        Room same = building.get(new Numbered(storey.id())).get(room.number());
        if (same != null && same != room)
            add(
                    "%s and %s both have number %s.".formatted(same.name(), room.name(), room.number()),
                    "Give one of them another number, or number the rooms anew.",
                    room,
                    same);
        return findings;
    }

    /** Rooms for people to be in need a part of what counts of their floor at full height. */
    private void underSlopes(Room room) {
        UnderSlopes under = building.get(new UnderSlopes.Of(room.id()));
        if (!under.isSloped()
                || !isLivedIn(room.use())
                || !(building.model().find(Rules.ID, Rules.class) instanceof Rules rules)) return;
        Rules.Headroom rule = rules.headroom();
        double counts = under.mm2Over(rule.countsMm()), full = under.mm2Over(rule.fullMm());
        if (counts > 0 && full >= counts * rule.fullPart() - 1) return;
        UnitSystem units = building.model().settings().units();
        LengthPrinter lengths = LengthPrinter.ofScreen(units);
        findings.add(new Finding(
                Finding.Kind.ROOMS,
                "%s of the %s of %s that count (%s or higher) are %s high; %.0f %% are asked for, %s."
                        .formatted(
                                AreaPrinter.print(full, units),
                                AreaPrinter.print(counts, units),
                                room.name(),
                                lengths.print(rule.countsMm()),
                                lengths.print(rule.fullMm()),
                                rule.fullPart() * 100,
                                rule.sure() ? rule.source() : rule.source() + " (check)"),
                "Raise the roof, or make the room wider where it is high.",
                List.of(room.id()),
                storey.id(),
                room.seed(),
                rule.source()));
    }

    private void turnedAway(Room room) {
        if (!(Court.of(room, building) instanceof Court court)) return;
        for (Strip s : court.turnedAway(building))
            findings.add(new Finding(
                    Finding.Kind.ROOMS,
                    "%s turns its outside away from %s.".formatted(s.wall().mark(), room.name()),
                    "Turn the wall inside out.",
                    List.of(s.wall().id(), room.id()),
                    storey.id(),
                    s.at(s.length() / 2, 0),
                    ""));
    }

    private static boolean isLivedIn(Room.Use use) {
        return switch (use) {
            case LIVING, KITCHEN, DINING, BEDROOM, STUDY -> true;
            case BATHROOM, WC, UTILITY, HALL, STORE, GARAGE, COURT, OTHER -> false;
        };
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
