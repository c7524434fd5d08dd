package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Cell;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.ElementId;

/**
 * All plies of a storey's walls in plan, as far as they lie in a square: the same while nothing changes there, whatever becomes
 * of the walls elsewhere.
 *
 * @param lasting without those that go
 */
public record FootprintsIn(ElementId storey, Cell cell, boolean lasting) implements Key<List<Area>> {

    /** How far the plies of a wall may go past its ends, to where they meet others. */
    private static final double PAST_MM = 1000;

    /** Whether one of them meets a box. */
    public static boolean meet(Bounds box, ElementId storey, boolean lasting, Building building) {
        for (Cell cell : Cell.of(box))
            for (Area area : building.get(new FootprintsIn(storey, cell, lasting))) if (area.meets(box)) return true;
        return false;
    }

    @Override
    public List<Area> from(Reads reads) {
        Building building = Building.in(reads);
        Bounds square = cell.bounds();
        List<Area> found = new ArrayList<>();
        for (Strip strip : building.near(square.grown(PAST_MM), storey)) {
            if (lasting && !strip.wall().stays()) continue;
            WallSolid solid = building.solid(strip.wall().id());
            if (solid == null || !solid.bounds().meets(square)) continue;
            Area here = solid.footprint().cutTo(square);
            if (!here.isEmpty()) found.add(here);
        }
        return List.copyOf(found);
    }
}
