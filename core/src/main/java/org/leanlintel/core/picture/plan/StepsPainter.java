package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.body.PlacedSteps;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.plan.WayWords.Place;

/**
 * Steps or a ramp before a door in plan: its outline, its risers, the way up, and what the risers are, on the landing or
 * beside it where strings, doors and names leave a place free.
 */
final class StepsPainter {

    /** On paper: how long the way up to a single riser is drawn. */
    private static final double WAY_MM = 5;

    private final PlacedSteps placed;
    private final Pens pens;
    private final double scale;
    private final WayWords said;

    StepsPainter(PlacedSteps placed, Look look, Lettering lettering) {
        this.placed = placed;
        pens = new Pens(look.lens());
        scale = look.drawing().scale();
        said = switch (placed.steps().way()) {
            case OutsideSteps.Steps s ->
                new WayWords(
                        "up %dR".formatted(placed.risers()),
                        WayUp.each(placed.risers(), placed.riserMm(), s.goingMm(), look.units()),
                        lettering,
                        scale);
            case OutsideSteps.Ramp r ->
                new WayWords(
                        "up 1:%d".formatted(Math.round(1 / r.slope())),
                        "rises " + LengthPrinter.ofScreen(look.units()).print(placed.riseMm()),
                        lettering,
                        scale);
        };
    }

    /** @param taken by what is drawn besides; the steps and their words are added */
    Group paint(Taken taken) {
        List<Vec> outline = placed.ring(0, placed.reachMm());
        pens.closed(PenRole.EDGE, outline);
        for (double front : placed.fronts()) line(front);
        if (placed.steps().way() instanceof OutsideSteps.Ramp)
            line(placed.steps().landingMm());
        new WayUp(List.of(foot(), out(placed.steps().landingMm())), scale, pens).paint();
        Place beforeFoot = said.off(foot(), placed.out(), 0);
        Place place = said.free(places(beforeFoot), beforeFoot, taken);
        said.paint(place, pens);
        taken.add(said.box(place));
        taken.add(Bounds.of(outline));
        OutsideSteps steps = placed.steps();
        return new Group(steps.id(), steps.layer(), pens.items(), List.of()).on(List.of(outline));
    }

    /** On the landing if they fit there, before the foot, and to either side. */
    private List<Place> places(Place beforeFoot) {
        List<Place> places = new ArrayList<>();
        double landing = placed.steps().landingMm();
        Place onLanding = new Place(out(landing / 2), 0);
        Bounds on = said.box(onLanding);
        if (Area.of(placed.ring(0, landing)).covers(Area.rectangle(on.minX(), on.minY(), on.width(), on.height())))
            places.add(onLanding);
        places.add(beforeFoot);
        Vec across = placed.out().left(), middle = out(placed.reachMm() / 2);
        double half = placed.steps().widthMm() / 2;
        for (Vec side : List.of(across, across.times(-1))) places.add(said.off(middle.along(side, half), side, 0));
        return places;
    }

    /** Where the way up begins: at the lowest riser, or before it where that is the landing's own edge. */
    private Vec foot() {
        return out(Math.max(placed.reachMm(), placed.steps().landingMm() + WAY_MM * scale));
    }

    /** In the middle of the steps, so far from the wall. */
    private Vec out(double mm) {
        return placed.at().along(placed.out(), mm);
    }

    private void line(double fromWall) {
        List<Vec> ring = placed.ring(fromWall, fromWall + 1);
        pens.line(PenRole.STAIR, ring.get(0), ring.get(1));
    }
}
