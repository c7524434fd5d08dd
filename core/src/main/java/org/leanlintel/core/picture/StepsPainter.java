package org.leanlintel.core.picture;

import java.util.List;
import org.leanlintel.core.building.PlacedSteps;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Lettering.Align;

/** Steps or a ramp before a door in plan: its outline, its risers, and the way up. */
final class StepsPainter {

    /** On paper. */
    private static final double HEAD_MM = 2.5, DOT_MM = 0.8, LETTERS_MM = 1.8;

    private StepsPainter() {}

    static Group of(PlacedSteps placed, Look look, Lettering lettering) {
        Pens pens = new Pens(look.lens());
        double scale = look.drawing().scale(), reach = placed.reachMm();
        pens.closed(PenRole.EDGE, placed.ring(0, reach));
        for (double front : placed.fronts()) line(placed, front, pens);
        if (placed.steps().way() instanceof OutsideSteps.Ramp)
            line(placed, placed.steps().landingMm(), pens);
        Vec foot = placed.at().along(placed.out(), reach),
                head = placed.at().along(placed.out(), placed.steps().landingMm());
        Vec back = head.along(placed.out(), HEAD_MM * scale),
                across = placed.out().left();
        pens.line(PenRole.STAIR, foot, head);
        pens.line(
                PenRole.STAIR,
                back.along(across, HEAD_MM * 0.35 * scale),
                head,
                back.along(across, -HEAD_MM * 0.35 * scale));
        pens.add(new Item.Arc(PenRole.STAIR, pens.pen(PenRole.STAIR), foot, DOT_MM * scale, 0, Math.TAU));
        String words =
                switch (placed.steps().way()) {
                    case OutsideSteps.Steps s -> "up %dR".formatted(placed.risers());
                    case OutsideSteps.Ramp r -> "up 1:%d".formatted(Math.round(1 / r.slope()));
                };
        Vec at = placed.at()
                .along(placed.out(), placed.steps().landingMm() / 2)
                .plus(new Vec(0, -LETTERS_MM / 2 * scale));
        pens.add(lettering.set(words, at, 0, LETTERS_MM, Align.CENTRE, true));
        return new Group(placed.steps().id(), placed.steps().layer(), pens.items(), List.of());
    }

    private static void line(PlacedSteps placed, double from, Pens pens) {
        List<Vec> ring = placed.ring(from, from + 1);
        pens.line(PenRole.STAIR, ring.get(0), ring.get(1));
    }
}
