package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.LabelPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** The names of the rooms that a section cuts, with their numbers below where their labels have them, in the middle of where it cuts them. */
final class RoomNames {

    /** On paper: letters, and the number under them. */
    private static final double NAME_MM = 2.5, NUMBER_MM = 1.8, UNDER_MM = 3;

    /** How high in its room a name stands, as a part of the ceiling's height: over what stands on the floor. */
    private static final double HIGH = 0.68;

    private final Building building;
    private final List<SectionFrame> legs;
    private final Look look;
    private final Lettering lettering;

    RoomNames(Building building, List<SectionFrame> legs, Look look, Lettering lettering) {
        this.building = building;
        this.legs = legs;
        this.look = look;
        this.lettering = lettering;
    }

    List<Group> groups() {
        List<Group> groups = new ArrayList<>();
        for (Room room : building.model().all(Room.class))
            if (Rooms.in(building).of(room) instanceof RoomSpace space
                    && Rooms.in(building).named(space).getFirst() == room) add(room, space, groups);
        return groups;
    }

    private void add(Room room, RoomSpace space, List<Group> groups) {
        double scale = look.drawing().scale();
        List<List<Vec>> cuts = legs.stream()
                .map(l -> List.of(l.plan(new Vec(l.startMm(), 0)), l.plan(new Vec(l.endMm(), 0))))
                .toList();
        List<Vec> longest = space.net().scanned(cuts).stream()
                .max(Comparator.comparingDouble(l -> l.getFirst().distanceTo(l.getLast())))
                .orElse(List.of());
        if (longest.isEmpty()) return;
        double wide = longest.getFirst().distanceTo(longest.getLast());
        if (wide < lettering.width(room.name(), NAME_MM, false) * scale) return;
        StoreySpace on = building.space(room.storey());
        Vec middle =
                legs.getFirst().seen(longest.getFirst().plus(longest.getLast()).times(0.5));
        Vec at = new Vec(middle.x(), on.levelMm() + room.ceilingMm(on) * HIGH);
        Pens pens = new Pens(look.lens());
        pens.add(lettering.set(room.name(), at, 0, NAME_MM, Align.CENTRE, false));
        if (look.lens().roomLabels().contains(LabelPart.NUMBER)
                && !room.number().isEmpty()) {
            Vec under = at.plus(new Vec(0, -UNDER_MM * scale));
            pens.add(lettering.set(room.number(), under, 0, NUMBER_MM, Align.CENTRE, false));
        }
        groups.add(new Group(room.id(), room.layer(), pens.items(), List.of()));
    }
}
