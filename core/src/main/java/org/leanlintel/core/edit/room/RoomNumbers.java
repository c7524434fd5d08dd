package org.leanlintel.core.edit.room;

import java.util.List;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;

/** Numbers of rooms: the storey counted from the one at the datum, then a serial of two digits; 0.01 and 1.12, or 101 and 212. */
final class RoomNumbers {

    private RoomNumbers() {}

    static String of(Model model, ElementId storey, int serial) {
        return begins(model, storey) + "%02d".formatted(serial);
    }

    static String next(Model model, ElementId storey) {
        int highest = 0;
        String begins = begins(model, storey);
        for (Room room : model.all(Room.class)) {
            String number = room.number();
            if (number.startsWith(begins) && number.substring(begins.length()).matches("\\d{1,4}"))
                highest = Math.max(highest, Integer.parseInt(number.substring(begins.length())));
        }
        return of(model, storey, highest + 1);
    }

    /** A storey below the datum is -1, or B1. */
    private static String begins(Model model, ElementId storey) {
        int index = index(model, storey);
        return switch (model.settings().numbering()) {
            case FROM_ZERO -> index + ".";
            case HUNDREDS -> index >= 0 ? String.valueOf(index + 1) : "B" + -index;
        };
    }

    /** 0 for the storey nearest to the datum, 1 for the next above it, -1 for the one below. */
    private static int index(Model model, ElementId storey) {
        List<Storey> all = StoreySpace.stack(model);
        int ground = 0, at = 0;
        for (int i = 0; i < all.size(); i++) {
            if (Math.abs(all.get(i).levelMm()) < Math.abs(all.get(ground).levelMm())) ground = i;
            if (all.get(i).id().equals(storey)) at = i;
        }
        return at - ground;
    }
}
