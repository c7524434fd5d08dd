package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.check.Obstacles.Obstacle;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.ElementId;

/** Fittings that stand in a wall or in each other. */
final class ClashCheck {

    /** Square millimetres and millimetres. What fittings may overlap by before it is worth a word. */
    private static final double LEAST_MM2 = 500, LEAST_MM = 1;

    private final Building building;
    private final ElementId storey;
    private final LengthPrinter lengths;

    ClashCheck(Building building, ElementId storey) {
        this.building = building;
        this.storey = storey;
        lengths = LengthPrinter.ofScreen(building.model().settings().units());
    }

    /** Of two fittings the first in the order of ids says that they clash. */
    List<Finding> findings(ElementId fitting) {
        List<Finding> findings = new ArrayList<>();
        if (!(building.get(new PlacedFitting.Of(fitting)) instanceof PlacedFitting placed)) return findings;
        Obstacles there = new Obstacles(building, storey);
        Bounds bounds = Bounds.of(placed.outline());
        for (Obstacle wall : there.walls(bounds)) check(placed, wall, findings);
        for (Obstacle other : there.others(placed, bounds))
            if (fitting.compareTo(other.element()) < 0) check(placed, other, findings);
        return findings;
    }

    private void check(PlacedFitting placed, Obstacle o, List<Finding> findings) {
        Area shared = Area.of(placed.outline()).and(o.area());
        if (shared.mm2() < LEAST_MM2) return;
        Bounds box = shared.bounds();
        double by = Math.min(box.width(), box.height());
        if (by <= LEAST_MM) return;
        findings.add(new Finding(
                Finding.Kind.CLASH,
                "%s stands %s in %s.".formatted(Obstacles.name(placed), lengths.print(by), o.words()),
                "Move it by %s, or make it smaller.".formatted(lengths.print(by)),
                List.of(placed.fitting().id(), o.element()),
                storey,
                box.centre(),
                ""));
    }
}
