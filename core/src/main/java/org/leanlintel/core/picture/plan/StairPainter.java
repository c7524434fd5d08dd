package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.TakenBoxes;
import org.leanlintel.core.picture.plan.WayWords.Place;
import org.leanlintel.core.stair.StairPlan;
import org.leanlintel.core.stair.StairPlan.Flight;
import org.leanlintel.core.stair.StairPlan.Of;
import org.leanlintel.core.stair.StairPlan.Riser;
import org.leanlintel.core.stair.StairPlan.Tread;
import org.leanlintel.core.stair.StairSum;

/**
 * A stair as the trade draws it in plan: on its own storey solid up to the cut and dashed above it, on the storey above
 * what is seen of it through the opening. The arrow goes the way that is said at its foot: up from the first riser, or down
 * from the last.
 */
final class StairPainter {

    /** On paper. */
    private static final double NUMBER_MM = 1.8, BESIDE_MM = 2.2, BREAK_MM = 1.2;
    /** On paper: how much further off its end than usual the words of a way may stand. */
    private static final double[] FURTHER_MM = {3, 6, 9};

    private final BuiltStair stair;

    private final CutStair drawn;
    private final Look look;
    private final Lettering lettering;
    private final Pens pens;
    private final double scale;
    private final Taken taken;

    /** @param taken by what is drawn besides; the box of its words is added */
    StairPainter(BuiltStair stair, CutStair drawn, Look look, Lettering lettering, Taken taken) {
        this.drawn = drawn;
        this.taken = taken;
        this.stair = stair;
        this.look = look;
        this.lettering = lettering;
        pens = new Pens(look.lens());
        scale = look.drawing().scale();
    }

    /** On the storey it starts from. */
    Group fromBelow() {
        double cut = look.cutMm() - look.on().levelMm();
        drawn.below().forEach(l -> pens.line(PenRole.STAIR, l));
        drawn.over().forEach(l -> pens.line(PenRole.OVERHEAD, l));
        breakLine(cut);
        walk("up %dR".formatted(stair.plan().sum().risers()), true);
        numbers(Area.NONE);
        landings();
        drawn.voidEdges().forEach(l -> pens.line(PenRole.OVERHEAD, l));
        return group(stair.plan().outline());
    }

    /**
     * What lies over a stair on the storey it leads to.
     *
     * @param open all that is open there
     * @param drawn what of that was drawn by hand, and has edges of its own
     * @param hidden what a stair from there hides
     * @param balustrade that stands there
     */
    record Over(Area open, Area drawn, Area hidden, Area balustrade) {}

    /** On the storey it leads to. */
    Group fromAbove(Over over) {
        Area open = over.open(), hidden = over.hidden();
        Area seen = hidden.isEmpty() ? open : open.minus(hidden);
        if (seen.isEmpty()) return group(Area.NONE);
        seen.inside(drawn.lines()).forEach(l -> pens.line(PenRole.STAIR, l));
        for (List<Vec> ring : stair.open().rings())
            hidden.outside(over.drawn().outside(List.of(ring))).forEach(l -> pens.line(PenRole.EDGE, l));
        for (List<Vec> ring : over.balustrade().rings()) pens.line(PenRole.STAIR, ring);
        walk("dn %dR".formatted(stair.plan().sum().risers()), false);
        numbers(open);
        return group(seen.and(stair.plan().outline()));
    }

    /** Two lines aslant across the flight that is cut. */
    private void breakLine(double cut) {
        double rise = stair.plan().sum().riserMm(), w = stair.stair().widthMm(), over = w * 0.06;
        for (Flight f : stair.plan().flights()) {
            double along = (cut / rise - f.first()) * stair.plan().sum().goingMm();
            if (along < -CutStair.slantMm(stair) || along > f.lengthMm() + CutStair.slantMm(stair)) continue;
            for (double shift : new double[] {0, BREAK_MM * scale})
                pens.line(
                        PenRole.STAIR,
                        f.at(along - CutStair.slantMm(stair) * (1 + 2 * over / w) + shift, -over),
                        f.at(along + CutStair.slantMm(stair) * (1 + 2 * over / w) + shift, w + over));
            return;
        }
    }

    /** The way up, and at its foot or its head what it is: off it along the way, or to a side of it. */
    private void walk(String words, boolean atFoot) {
        List<Vec> walk = stair.plan().walk();
        new WayUp(atFoot ? walk : walk.reversed(), scale, pens).paint();
        StairSum sum = stair.plan().sum();
        String each = WayUp.each(sum.risers(), sum.riserMm(), sum.goingMm(), look.units());
        WayWords said = new WayWords(words, each, lettering, scale);
        Riser riser = atFoot
                ? stair.plan().risers().getFirst()
                : stair.plan().risers().getLast();
        Vec end = atFoot ? walk.getFirst() : walk.getLast();
        Vec out = end.minus(atFoot ? walk.get(1) : walk.get(walk.size() - 2)).unit();
        Vec right = riser.right().minus(riser.left()).unit();
        Vec inwards = out.times(-NUMBER_MM * scale);
        List<Place> places = new ArrayList<>(List.of(
                said.off(end, out, Lettering.readable(out.angle())),
                said.off(end, out, 0),
                said.off(riser.left().plus(inwards), right.times(-1), 0),
                said.off(riser.right().plus(inwards), right, 0),
                said.beside(riser.left(), out.times(-1), right.times(-1)),
                said.beside(riser.right(), out.times(-1), right)));
        for (double further : FURTHER_MM) places.add(said.off(end.along(out, further * scale), out, 0));
        Place place = said.free(places, places.getFirst(), taken);
        said.paint(place, pens);
        taken.add(said.box(place));
    }

    /** Each on its tread, beside the line it is walked on. @param within nothing for all of them */
    private void numbers(Area within) {
        double going = stair.plan().sum().goingMm();
        Group lines = new Group(stair.stair().id(), stair.stair().layer(), pens.items(), List.of());
        List<Bounds> drawn = TakenBoxes.lines(List.of(lines));
        for (Riser r : stair.plan().risers()) {
            Vec across = r.right().minus(r.left()).unit(), on = across.left();
            Vec middle = r.middle().along(on, Math.min(going, 250) / 2);
            Vec at = clearest(middle, across, on.times(Math.min(going, 250) / 4), drawn);
            if (!within.isEmpty() && !within.covers(at)) continue;
            if (r.number() == stair.plan().sum().risers()) continue;
            pens.onPaper(
                    lettering.set(
                            Integer.toString(r.number()),
                            at.plus(new Vec(0, -NUMBER_MM / 2 * scale)),
                            0,
                            NUMBER_MM,
                            Align.CENTRE,
                            false),
                    scale,
                    lettering);
        }
    }

    /** Where no line runs through a number: to one side of the line that is walked on, or the other, a little on or back. */
    private Vec clearest(Vec middle, Vec across, Vec on, List<Bounds> drawn) {
        for (double beside : new double[] {-1, 1, -2, 2})
            for (double along : new double[] {0, 1, -1}) {
                Vec at = middle.along(across, beside * BESIDE_MM * scale).along(on, along);
                Bounds box = new Bounds(at.x(), at.y(), at.x(), at.y()).grown(NUMBER_MM * 0.6 * scale);
                if (drawn.stream().noneMatch(box::meets)) return at;
            }
        return middle.along(across, -BESIDE_MM * scale);
    }

    /** The level of each landing. */
    private void landings() {
        for (Tread t : stair.plan().treads()) {
            if (t.of() != Of.LANDING) continue;
            Vec middle = Area.of(t.ring()).middle();
            pens.onPaper(
                    lettering.set(
                            look.levels().print(stair.levelMm(t.number())),
                            middle.plus(new Vec(0, 1.2 * scale)),
                            0,
                            NUMBER_MM,
                            Align.CENTRE,
                            false),
                    scale,
                    lettering);
        }
    }

    /** @param seen where it is picked */
    private Group group(Area seen) {
        List<Catch> catches = new ArrayList<>();
        List<Riser> risers = stair.plan().risers();
        for (Riser r : List.of(risers.getFirst(), risers.getLast()))
            for (Vec at : List.of(r.left(), r.right()))
                catches.add(new Catch("corner of " + stair.stair().mark(), new Hold.AtPoint(at), at, at));
        ElementId id = stair.stair().id();
        for (Riser r : List.of(risers.getFirst(), risers.getLast()))
            catches.add(new Catch(
                    "riser %d of %s".formatted(r.number(), stair.stair().mark()),
                    new Hold.AtRiser(id, r.number()),
                    r.left(),
                    r.right()));
        List<StairPlan.Flight> flights = stair.plan().flights();
        for (int i = 0; i < flights.size(); i++)
            for (Side side : Side.values()) {
                StairPlan.Flight f = flights.get(i);
                double across = side == Side.LEFT ? 0 : stair.stair().widthMm();
                catches.add(new Catch(
                        "side of " + stair.stair().mark(),
                        new Hold.BesideFlight(id, i, side),
                        f.at(0, across),
                        f.at(f.lengthMm(), across)));
            }
        return new Group(stair.stair().id(), stair.stair().layer(), pens.items(), catches).on(seen.ringsWithoutHoles());
    }
}
