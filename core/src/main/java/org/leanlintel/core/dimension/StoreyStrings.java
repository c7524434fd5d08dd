package org.leanlintel.core.dimension;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Room;

/**
 * The strings that a plan wants so that a builder can set it out, as the trade draws them: outside in tiers on each side,
 * inside one each way through every room, and one for each thing that is still not told of. What is told already is not
 * told again: of a plan that has them all, none.
 */
public final class StoreyStrings {

    /**
     * Which strings are wanted.
     *
     * @param sides outside of which sides
     * @param inside whether through rooms as well
     * @param rooms through these alone; through all where empty
     */
    public record Wanted(Set<Facing> sides, boolean inside, List<ElementId> rooms) {
        public Wanted {
            sides = Set.copyOf(sides);
            rooms = List.copyOf(rooms);
        }
    }

    private StoreyStrings() {}

    /** @param plan a drawing that is a plan */
    public static List<ProposedString> of(Building building, ElementId plan, Wanted wanted, Scheme scheme) {
        Working working = new Working(building, plan, scheme);
        boolean whole = working.drawing.frame() instanceof Drawing.All;
        for (Facing side : Facing.values())
            if (whole && wanted.sides().contains(side)) new OutsideStrings(working, side).add();
        if (wanted.inside()) {
            for (RoomSpace space : largestFirst(Rooms.in(building).of(working.drawing.storey())))
                if (isWanted(space, wanted, working)) RoomStrings.add(working, space);
            if (wanted.rooms().isEmpty()) new MissingStrings(working).add();
        }
        return working.proposed();
    }

    /** What two rooms can tell of, the larger has more room for. */
    private static List<RoomSpace> largestFirst(List<RoomSpace> rooms) {
        return rooms.stream()
                .sorted(Comparator.comparingDouble(r -> -r.net().mm2()))
                .toList();
    }

    private static boolean isWanted(RoomSpace space, Wanted wanted, Working working) {
        if (working.drawing.frame() instanceof Drawing.Part part
                && !Area.of(part.ring()).covers(space.net())) return false;
        if (wanted.rooms().isEmpty()) return true;
        for (Room r : Rooms.in(working.building).named(space))
            if (wanted.rooms().contains(r.id())) return true;
        return false;
    }
}
