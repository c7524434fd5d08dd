package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.LabelPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.TakenBoxes;

/**
 * The names of the rooms that a section cuts, with their numbers below where their labels have them, in the middle of where it cuts them,
 * or beside and below that where fewer lines run through them.
 */
final class RoomNames {

    /** On paper: letters, and the number under them. */
    private static final double NAME_MM = 2.5, NUMBER_MM = 1.8, UNDER_MM = 3;

    /** How high in its room a name stands, as a part of the ceiling's height: over what stands on the floor. */
    private static final double HIGH = 0.68;

    /** How far off it a name may stand, as parts of the ceiling's height, and of how far the room reaches to a side of the middle. */
    private static final double[] ASIDE = {0, -0.25, 0.25, -0.5, 0.5, -0.75, 0.75}, UP = {0, 0.12, -0.13, 0.22, -0.26};

    /** On paper, round a name. */
    private static final double CLEAR_MM = 0.8;

    private final Building building;
    private final List<SectionFrame> legs;
    private final Look look;
    private final Lettering lettering;
    private final List<Bounds> lines;

    /** @param drawn what names are to keep clear of */
    RoomNames(Building building, List<SectionFrame> legs, Look look, Lettering lettering, List<Group> drawn) {
        this.building = building;
        this.legs = legs;
        this.look = look;
        this.lettering = lettering;
        lines = TakenBoxes.lines(drawn);
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
        double up = room.ceilingMm(on);
        boolean numbered = look.lens().roomLabels().contains(LabelPart.NUMBER)
                && !room.number().isEmpty();
        Vec at = clearest(new Vec(middle.x(), on.levelMm() + up * HIGH), wide / 2, up, room.name(), numbered);
        Pens pens = new Pens(look.lens());
        pens.add(lettering.set(room.name(), at, 0, NAME_MM, Align.CENTRE, false));
        if (numbered) {
            Vec under = at.plus(new Vec(0, -UNDER_MM * scale));
            pens.add(lettering.set(room.number(), under, 0, NUMBER_MM, Align.CENTRE, false));
        }
        groups.add(new Group(room.id(), room.layer(), pens.items(), List.of()));
    }

    /** The place with the fewest lines through it: of several the first, where a name would stand by itself. */
    private Vec clearest(Vec usual, double half, double high, String name, boolean numbered) {
        double scale = look.drawing().scale(), clear = CLEAR_MM * scale;
        double aside = lettering.width(name, NAME_MM, false) / 2 * scale + clear, room = Math.max(0, half - aside);
        double below = (numbered ? UNDER_MM : 0) * scale + clear, above = NAME_MM * scale + clear;
        Bounds all = new Bounds(usual.x() - half, usual.y() - high, usual.x() + half, usual.y() + high);
        List<Bounds> near = lines.stream().filter(all::meets).toList();
        Vec best = usual;
        long least = Long.MAX_VALUE;
        for (double up : UP)
            for (double to : ASIDE) {
                Vec at = usual.plus(new Vec(to * room, up * high));
                Bounds box = new Bounds(at.x() - aside, at.y() - below, at.x() + aside, at.y() + above);
                long through = near.stream().filter(box::meets).count();
                if (through == 0) return at;
                if (through < least) {
                    least = through;
                    best = at;
                }
            }
        return best;
    }
}
