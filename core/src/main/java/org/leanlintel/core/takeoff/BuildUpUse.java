package org.leanlintel.core.takeoff;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;

/**
 * How much of a build-up a project's walls use.
 *
 * @param lengthMm along the walls' set-out lines, openings included
 * @param areaMm2 of one face, openings taken out
 */
public record BuildUpUse(BuildUp buildUp, int walls, double lengthMm, double areaMm2) {

    private BuildUpUse with(WallSolid solid) {
        double length = solid.strip().length();
        double area = length * solid.rise().meanMm();
        for (PlacedOpening o : solid.openings())
            area -= o.opening().widthMm() * o.opening().heightMm();
        return new BuildUpUse(buildUp, walls + 1, lengthMm + length, areaMm2 + area);
    }

    /** Every build-up that walls to build are made of, in the order of marks. */
    public static List<BuildUpUse> of(Building building) {
        Map<ElementId, BuildUpUse> uses = new TreeMap<>();
        for (Wall wall : building.model().all(Wall.class)) {
            WallSolid solid = building.solid(wall.id());
            if (solid == null || wall.state() != WorkState.NEW) continue;
            BuildUp buildUp = solid.strip().buildUp();
            uses.put(
                    buildUp.id(),
                    uses.getOrDefault(buildUp.id(), new BuildUpUse(buildUp, 0, 0, 0))
                            .with(solid));
        }
        List<BuildUpUse> sorted = new ArrayList<>(uses.values());
        sorted.sort(Comparator.comparing(u -> sortable(u.buildUp().mark())));
        return sorted;
    }

    /** So that 2 comes before 11. */
    private static String sortable(String mark) {
        return "%6s".formatted(mark);
    }
}
