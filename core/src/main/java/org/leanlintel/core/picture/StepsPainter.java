package org.leanlintel.core.picture;

import java.util.List;
import org.leanlintel.core.building.PlacedSteps;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.PenRole;

/** Steps or a ramp before a door in plan: its outline, its risers, and the way up, with what the risers are. */
final class StepsPainter {

    private StepsPainter() {}

    static Group of(PlacedSteps placed, Look look, Lettering lettering) {
        Pens pens = new Pens(look.lens());
        double scale = look.drawing().scale(), reach = placed.reachMm();
        List<Vec> outline = placed.ring(0, reach);
        pens.closed(PenRole.EDGE, outline);
        for (double front : placed.fronts()) line(placed, front, pens);
        if (placed.steps().way() instanceof OutsideSteps.Ramp)
            line(placed, placed.steps().landingMm(), pens);
        Vec foot = placed.at().along(placed.out(), reach),
                head = placed.at().along(placed.out(), placed.steps().landingMm());
        WayUp way = new WayUp(List.of(foot, head), scale, lettering, pens);
        way.paint();
        switch (placed.steps().way()) {
            case OutsideSteps.Steps s ->
                way.label(
                        "up %dR".formatted(placed.risers()),
                        WayUp.each(placed.risers(), placed.riserMm(), s.goingMm(), look.units()),
                        true);
            case OutsideSteps.Ramp r ->
                way.label(
                        "up 1:%d".formatted(Math.round(1 / r.slope())),
                        "rises " + LengthPrinter.ofScreen(look.units()).print(placed.riseMm()),
                        true);
        }
        return new Group(placed.steps().id(), placed.steps().layer(), pens.items(), List.of()).on(List.of(outline));
    }

    private static void line(PlacedSteps placed, double from, Pens pens) {
        List<Vec> ring = placed.ring(from, from + 1);
        pens.line(PenRole.STAIR, ring.get(0), ring.get(1));
    }
}
