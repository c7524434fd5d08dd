package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.check.Obstacles.Obstacle;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Rules;

/** Whether walls or other fittings stand in the free floor that a fitting needs; the nearest of them is named. */
final class ClearanceCheck {

    private final Building building;
    private final ElementId storey;
    private final Obstacles there;
    private final LengthPrinter lengths;

    ClearanceCheck(Building building, ElementId storey) {
        this.building = building;
        this.storey = storey;
        there = new Obstacles(building, storey);
        lengths = LengthPrinter.ofScreen(building.model().settings().units());
    }

    List<Finding> findings(ElementId fitting) {
        List<Finding> findings = new ArrayList<>();
        if (building.get(new PlacedFitting.Of(fitting)) instanceof PlacedFitting placed)
            for (Clearances.Zone zone : Clearances.of(placed, building))
                if (finding(placed, zone) instanceof Finding finding) findings.add(finding);
        return findings;
    }

    private record Nearest(Obstacle obstacle, double mm) {}

    /** What is short in a zone; null where nothing is. */
    @Nullable
    Finding finding(PlacedFitting placed, Clearances.Zone zone) {
        Nearest nearest = nearest(placed, zone);
        if (nearest == null || nearest.mm() >= zone.rule().mm() - Tolerance.SAME_MM) return null;
        String name = Obstacles.name(placed), to = nearest.obstacle().words();
        Rules.Clearance rule = zone.rule();
        String shortOf = lengths.print(nearest.mm()), needed = lengths.print(rule.mm());
        String sentence =
                switch (rule.where()) {
                    case CENTRE ->
                        "%s: %s from its centre to %s, %s needed, %s."
                                .formatted(name, shortOf, to, needed, rule.source());
                    case FRONT ->
                        "%s: %s free before it, to %s, %s needed, %s."
                                .formatted(name, shortOf, to, needed, rule.source());
                    case SIDES ->
                        "%s: %s beside it, to %s, %s needed, %s.".formatted(name, shortOf, to, needed, rule.source());
                };
        return new Finding(
                Finding.Kind.CLEARANCE,
                sentence,
                "Move it by %s, or what stands there.".formatted(lengths.print(rule.mm() - nearest.mm())),
                List.of(placed.fitting().id(), nearest.obstacle().element()),
                storey,
                placed.middle(),
                rule.sure() ? rule.source() : rule.source() + " (check)");
    }

    private @Nullable Nearest nearest(PlacedFitting placed, Clearances.Zone zone) {
        Area area = Area.of(zone.ring());
        Bounds bounds = Bounds.of(zone.ring());
        List<Obstacle> obstacles = new ArrayList<>(there.walls(bounds));
        obstacles.addAll(there.others(placed, bounds));
        Nearest nearest = null;
        for (Obstacle o : obstacles) {
            Area there = area.and(o.area());
            if (there.mm2() <= Tolerance.SLIVER_MM2) continue;
            double mm = distance(there, zone);
            if (nearest == null || mm < nearest.mm()) nearest = new Nearest(o, mm);
        }
        return nearest;
    }

    /** From where the zone is measured to the nearest point of what stands in it. */
    private static double distance(Area there, Clearances.Zone zone) {
        double nearest = Double.POSITIVE_INFINITY;
        for (List<Vec> ring : there.rings())
            for (Vec p : ring) nearest = Math.min(nearest, p.minus(zone.from()).dot(zone.out()));
        return Math.max(0, nearest);
    }
}
