package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.PlacedFitting;
import org.leanlintel.core.check.StoreyFittings.Obstacle;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.measure.LengthPrinter;

/** Fittings that stand in a wall or in each other. */
final class ClashCheck {

    /** Square millimetres and millimetres. What fittings may overlap by before it is worth a word. */
    private static final double LEAST_MM2 = 500, LEAST_MM = 1;

    private final StoreyFittings fittings;
    private final LengthPrinter lengths;

    ClashCheck(StoreyFittings fittings) {
        this.fittings = fittings;
        lengths = LengthPrinter.ofScreen(fittings.building().model().settings().units());
    }

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        for (PlacedFitting placed : fittings.all()) {
            Bounds bounds = Bounds.of(placed.outline());
            for (Obstacle wall : fittings.walls(bounds)) check(placed, wall, findings);
            for (Obstacle other : fittings.others(placed, bounds))
                if (placed.fitting().id().compareTo(other.element()) < 0) check(placed, other, findings);
        }
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
                "%s stands %s in %s.".formatted(StoreyFittings.name(placed), lengths.print(by), o.words()),
                "Move it by %s, or make it smaller.".formatted(lengths.print(by)),
                List.of(placed.fitting().id(), o.element()),
                fittings.storey(),
                box.centre(),
                ""));
    }
}
