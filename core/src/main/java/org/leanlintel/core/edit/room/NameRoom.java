package org.leanlintel.core.edit.room;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.WordsAt;

/** Names the closed area that a point lies in. @param number empty takes the next of the storey */
public record NameRoom(
        ElementId storey, ElementId layer, Vec at, String number, String name, Room.Use use, Room.Finishes finishes)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, layer);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        RoomSpace space = Rooms.in(building).at(storey, at);
        if (space == null)
            return Refusal.because(
                    "Nothing closes round this place. Close the walls round it, or draw a room limit across the way out.");
        List<Room> there = Rooms.in(building).named(storey).getOrDefault(space, List.of());
        if (!there.isEmpty())
            return Refusal.because(
                    "This is %s already.".formatted(there.getFirst().name()),
                    there.getFirst().id());
        String next = number.isBlank() ? RoomNumbers.next(model, storey) : number;
        Room room = new Room(
                new NewIds(model).next(),
                storey,
                layer,
                space.net().covers(at) ? at : space.middle(),
                next,
                name,
                use,
                finishes,
                new Rise.UnderStoreyAbove(),
                WordsAt.CLEAR);
        return Change.to(model, "name " + Naming.of(room), List.of(room), List.of());
    }
}
