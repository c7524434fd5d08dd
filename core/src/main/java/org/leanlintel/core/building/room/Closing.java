package org.leanlintel.core.building.room;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Slab;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;

/**
 * What lies in a face of a storey's set-out lines, as far as it lies there: the same while nothing changes in it, whatever
 * becomes of the far ends of walls that pass it.
 *
 * @param parting what parts rooms
 * @param standing what takes floor, or is open through it
 * @param limits lines that part rooms besides
 */
record Closing(ElementId storey, Area face, List<Area> parting, List<Area> standing, List<List<Vec>> limits) {

    /** So far past a face things are looked at: far more than points are moved by where areas are joined. */
    private static final double PAST_MM = 1;

    /** Of each face along a wall. */
    record Along(ElementId wall) implements Key<List<Closing>> {

        @Override
        public List<Closing> from(Reads reads) {
            return reads.get(new Round.Along(wall)).stream().map(Closing::of).toList();
        }
    }

    private static Closing of(Round round) {
        Bounds box = round.face().bounds().grown(PAST_MM);
        List<Area> parting = new ArrayList<>(), standing = new ArrayList<>();
        for (WallSolid solid : round.parting()) add(solid.footprint(), box, parting);
        for (WallSolid solid : round.standing()) add(solid.footprint(), box, standing);
        for (WallSolid solid : round.solids())
            for (Slab slab : solid.lastingSlabs())
                if (slab.lowMm() <= solid.levelMm() + Tolerance.SAME_MM)
                    add(Area.of(solid.outline(slab)), box, standing);
        for (List<Vec> ring : round.posts()) add(Area.of(ring), box, standing);
        for (List<Vec> ring : round.voids()) add(Area.of(ring), box, standing);
        return new Closing(round.storey(), round.face(), List.copyOf(parting), List.copyOf(standing), round.limits());
    }

    private static void add(Area area, Bounds box, List<Area> areas) {
        Area here = area.cutTo(box);
        if (!here.isEmpty()) areas.add(here);
    }
}
