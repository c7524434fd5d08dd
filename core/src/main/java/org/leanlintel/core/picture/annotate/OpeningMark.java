package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.building.Leaf;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;

/**
 * The mark of a door or a window beside it on a plan: that of a door between round ends, that of a window between points. It stands
 * upright; one that has to stand further off has a leader.
 *
 * @param letterMm height of its capitals on paper
 * @param widthMm on paper
 * @param places where it could stand, the best first
 */
public record OpeningMark(Opening opening, double letterMm, double widthMm, List<Place> places) {

    /** On paper: how much higher it is than its letters, how far its words stand off its ends, how far off its wall it stands at first. */
    private static final double OVER_MM = 1.9, END_MM = 1.9, OFF_MM = 1.2;
    /** On paper: between places that are tried; from how far off a leader leads back. */
    private static final double STEP_MM = 2.5, LED_MM = 6;
    /** How far towards the side of an opening its leader may end, as a part of the way there. */
    private static final double LED_TO = 0.8;
    /** On paper: how far off places are tried first, and then. What lies further off than the first is mostly not looked at. */
    public static final List<Double> FURTHEST_MM = List.of(4.0, 24.0);
    /** On paper: how far off its wall a mark may reach. */
    public static final double REACH_MM = 39;
    /** On paper: what the less fitting side costs, beside distance. */
    private static final double OTHER_SIDE_MM = 5;

    /**
     * @param middle of the mark
     * @param foot the middle of the opening at the face it stands off
     * @param tip where a leader to the opening ends, there as near to the mark as the opening goes
     * @param offMm on paper
     */
    public record Place(Vec middle, Vec foot, Vec tip, double offMm) {

        /** @param halfMm from the middle of the opening to its side */
        static Place at(Vec middle, Vec foot, Vec along, double halfMm, double offMm) {
            double most = halfMm * LED_TO, aside = middle.minus(foot).dot(along);
            return new Place(middle, foot, foot.along(along, Math.clamp(aside, -most, most)), offMm);
        }
    }

    private record Costed(Place place, double cost) {}

    public static OpeningMark of(
            Strip strip, PlacedOpening placed, Drawing drawing, Lettering lettering, double letterMm, double furthest) {
        double scale = drawing.scale();
        Opening opening = placed.opening();
        double width = widthMm(opening.mark(), letterMm, lettering);
        List<Place> places = opening.words().in(drawing.id()) instanceof Vec put
                ? List.of(put(strip, placed, put, scale))
                : clear(strip, placed, width, letterMm + OVER_MM, scale, furthest);
        return new OpeningMark(opening, letterMm, width, places);
    }

    /** @param put along the wall, and out of it to its left */
    private static Place put(Strip strip, PlacedOpening placed, Vec put, double scale) {
        double middle = (placed.from() + placed.to()) / 2;
        Vec along = strip.axis().directionAt(middle);
        Vec at = strip.at(middle, 0).along(along, put.x()).along(along.left(), put.y());
        double face = put.y() > 0 ? strip.hi() : strip.lo();
        double half = (placed.to() - placed.from()) / 2;
        double off = Math.max(Math.abs(put.y() - face), Math.abs(put.x()) - half);
        return Place.at(at, strip.at(middle, face), along, half, off / scale);
    }

    private static List<Place> clear(
            Strip strip, PlacedOpening placed, double width, double high, double scale, double furthest) {
        double middle = (placed.from() + placed.to()) / 2, half = (placed.to() - placed.from()) / 2 / scale;
        Vec along = strip.axis().directionAt(middle);
        List<Costed> all = new ArrayList<>();
        for (Side side : Side.values()) {
            Vec out = along.left().times(side.sign());
            Vec foot = strip.at(middle, side == Side.LEFT ? strip.hi() : strip.lo());
            double deep = (Math.abs(out.x()) * width + Math.abs(out.y()) * high) / 2;
            double less = side == best(strip, placed) ? 0 : OTHER_SIDE_MM;
            for (double off = OFF_MM; off <= furthest; off += STEP_MM)
                for (double aside = 0; aside <= half + furthest / 2; aside += STEP_MM)
                    for (int way : aside == 0 ? new int[] {1} : new int[] {1, -1}) {
                        Vec at = foot.along(out, (off + deep) * scale).along(along, way * aside * scale);
                        double away = Math.max(off, aside - half);
                        Place place = Place.at(at, foot, along, half * scale, away);
                        all.add(new Costed(place, off + aside / 2 + less));
                    }
        }
        all.sort(Comparator.comparingDouble(Costed::cost));
        return all.stream().map(Costed::place).toList();
    }

    /** Away from where leaves swing; of windows and other openings outside. */
    private static Side best(Strip strip, PlacedOpening placed) {
        List<Leaf> leaves = Leaf.of(strip, placed);
        if (leaves.isEmpty()) return strip.wall().outside();
        double middle = (placed.from() + placed.to()) / 2;
        Vec swept = Bounds.of(leaves.getFirst().swept()).centre().minus(strip.at(middle, 0));
        return swept.dot(strip.axis().directionAt(middle).left()) > 0 ? Side.RIGHT : Side.LEFT;
    }

    /** What it takes at a place. */
    public Bounds box(Place place, double scale) {
        double half = widthMm / 2 * scale, up = (letterMm + OVER_MM) / 2 * scale;
        Vec m = place.middle();
        return new Bounds(m.x() - half, m.y() - up, m.x() + half, m.y() + up);
    }

    /** All that any of its places takes. */
    public Bounds reach(double scale) {
        return places.stream().map(p -> box(p, scale)).reduce(Bounds::with).orElseThrow();
    }

    public void paint(Place place, double scale, Lettering lettering, Pens pens) {
        paint(
                opening.mark(),
                opening.kind() instanceof Opening.Window,
                letterMm,
                place.middle(),
                scale,
                lettering,
                pens);
        if (place.offMm() > LED_MM) leader(place, scale, pens);
    }

    /** A mark about a point. */
    public static void paint(
            String words, boolean ofWindow, double letterMm, Vec m, double scale, Lettering lettering, Pens pens) {
        double up = (letterMm + OVER_MM) / 2 * scale, end = widthMm(words, letterMm, lettering) / 2 * scale;
        if (ofWindow) pointed(m, up, end, pens);
        else rounded(m, up, end, pens);
        Vec line = m.plus(new Vec(0, -letterMm / 2 * scale));
        pens.onPaper(lettering.set(words, line, 0, letterMm, Align.CENTRE, false), scale, lettering);
    }

    private static double widthMm(String words, double letterMm, Lettering lettering) {
        return Math.max(lettering.width(words, letterMm, false) + 2 * END_MM, letterMm + OVER_MM + END_MM);
    }

    private static void pointed(Vec m, double up, double end, Pens pens) {
        double shoulder = end - up * 0.8;
        pens.closed(
                PenRole.DIMENSION,
                List.of(
                        m.plus(new Vec(-end, 0)),
                        m.plus(new Vec(-shoulder, -up)),
                        m.plus(new Vec(shoulder, -up)),
                        m.plus(new Vec(end, 0)),
                        m.plus(new Vec(shoulder, up)),
                        m.plus(new Vec(-shoulder, up))));
    }

    private static void rounded(Vec m, double up, double end, Pens pens) {
        double flat = end - up;
        for (int way : new int[] {1, -1}) {
            pens.line(PenRole.DIMENSION, m.plus(new Vec(-flat, way * up)), m.plus(new Vec(flat, way * up)));
            Vec centre = m.plus(new Vec(way * flat, 0));
            pens.add(new Item.Arc(
                    PenRole.DIMENSION, pens.pen(PenRole.DIMENSION), centre, up, -way * Math.PI / 2, Math.PI));
        }
    }

    /** From the mark's edge to the opening. */
    private void leader(Place place, double scale, Pens pens) {
        Bounds box = box(place, scale);
        Vec to = place.tip();
        Vec from = new Vec(
                Math.max(box.minX(), Math.min(to.x(), box.maxX())), Math.max(box.minY(), Math.min(to.y(), box.maxY())));
        pens.line(PenRole.DIMENSION, from, to);
    }
}
