package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedSteps;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Lettering.Align;

/**
 * Steps or a ramp before a door in plan: its outline, its risers, the way up, and what the risers are, on the landing or
 * beside it where strings, doors and names leave a place free.
 */
final class StepsPainter {

    /** On paper. */
    private static final double OFF_MM = 1.6, BETWEEN_LINES_MM = 0.9, WAY_MM = 5;

    private final PlacedSteps placed;
    private final Look look;
    private final Lettering lettering;
    private final Pens pens;
    private final double scale;
    private final String words;
    private final String under;

    private StepsPainter(PlacedSteps placed, Look look, Lettering lettering) {
        this.placed = placed;
        this.look = look;
        this.lettering = lettering;
        pens = new Pens(look.lens());
        scale = look.drawing().scale();
        switch (placed.steps().way()) {
            case OutsideSteps.Steps s -> {
                words = "up %dR".formatted(placed.risers());
                under = WayUp.each(placed.risers(), placed.riserMm(), s.goingMm(), look.units());
            }
            case OutsideSteps.Ramp r -> {
                words = "up 1:%d".formatted(Math.round(1 / r.slope()));
                under = "rises " + LengthPrinter.ofScreen(look.units()).print(placed.riseMm());
            }
        }
    }

    /** All of a storey, and the boxes that they and their words take. */
    record Drawn(List<Group> groups, List<Bounds> boxes) {}

    /** @param taken by what is drawn besides; the boxes of steps are added */
    static Drawn all(Building building, Look look, Lettering lettering, TakenBoxes.Index taken) {
        Drawn drawn = new Drawn(new ArrayList<>(), new ArrayList<>());
        for (PlacedSteps s : building.stepsOf(look.storey())) new StepsPainter(s, look, lettering).paint(taken, drawn);
        return drawn;
    }

    private void paint(TakenBoxes.Index taken, Drawn drawn) {
        List<Vec> outline = placed.ring(0, placed.reachMm());
        pens.closed(PenRole.EDGE, outline);
        for (double front : placed.fronts()) line(front);
        if (placed.steps().way() instanceof OutsideSteps.Ramp)
            line(placed.steps().landingMm());
        new WayUp(List.of(foot(), out(placed.steps().landingMm())), scale, lettering, pens).paint();
        Vec middle = free(taken);
        double half = height() / 2 * scale;
        Vec top = middle.plus(new Vec(0, half - Lettering.NOTE_MM * scale)), bottom = middle.plus(new Vec(0, -half));
        pens.add(lettering.set(words, top, 0, Lettering.NOTE_MM, Align.CENTRE, true));
        pens.add(lettering.set(under, bottom, 0, WayUp.SMALL_MM, Align.CENTRE, false));
        for (Bounds box : List.of(box(middle), Bounds.of(outline))) {
            taken.add(box);
            drawn.boxes.add(box);
        }
        OutsideSteps steps = placed.steps();
        drawn.groups.add(new Group(steps.id(), steps.layer(), pens.items(), List.of()).on(List.of(outline)));
    }

    /** The first place for the words that is free, before the foot where none is. */
    private Vec free(TakenBoxes.Index taken) {
        for (Vec at : places()) {
            Bounds box = box(at);
            if (taken.within(box).isFree(box)) return at;
        }
        return beforeFoot();
    }

    /** On the landing if they fit there, before the foot, and to either side. */
    private List<Vec> places() {
        List<Vec> places = new ArrayList<>();
        double landing = placed.steps().landingMm();
        Bounds on = box(out(landing / 2));
        if (Area.of(placed.ring(0, landing)).covers(Area.rectangle(on.minX(), on.minY(), on.width(), on.height())))
            places.add(on.centre());
        places.add(beforeFoot());
        Vec across = placed.out().left(), middle = out(placed.reachMm() / 2);
        double aside = placed.steps().widthMm() / 2 + OFF_MM * scale + reach(across);
        places.add(middle.along(across, aside));
        places.add(middle.along(across, -aside));
        return places;
    }

    private Vec beforeFoot() {
        return foot().along(placed.out(), OFF_MM * scale + reach(placed.out()));
    }

    /** How far the words reach from their middle in a direction. */
    private double reach(Vec way) {
        return (Math.abs(way.x()) * width() + Math.abs(way.y()) * height()) / 2 * scale;
    }

    private Bounds box(Vec middle) {
        double w = width() / 2 * scale, h = height() / 2 * scale;
        return new Bounds(middle.x() - w, middle.y() - h, middle.x() + w, middle.y() + h);
    }

    /** On paper. */
    private double width() {
        return Math.max(lettering.width(words, Lettering.NOTE_MM, true), lettering.width(under, WayUp.SMALL_MM, false));
    }

    /** On paper. */
    private double height() {
        return Lettering.NOTE_MM + BETWEEN_LINES_MM + WayUp.SMALL_MM;
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
