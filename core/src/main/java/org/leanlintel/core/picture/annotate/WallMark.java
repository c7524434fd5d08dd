package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.PlacedPiece;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Pens;

/**
 * The mark of a wall's build-up: its number under a small arch that stands on a face of the wall.
 *
 * @param places where it could stand, the best first: on the outer face before the inner, in the longest stretch that no
 *     opening and no other wall takes, near its middle
 */
public record WallMark(String words, List<Place> places) {

    public static final WallMark NONE = new WallMark("", List.of());

    /** On paper. */
    public static final double WIDTH_MM = 6, BASE_MM = 2.4, FROM_WALL_MM = 1;
    /** How far off its wall's face it reaches, on paper. */
    public static final double REACH_MM = FROM_WALL_MM + BASE_MM + WIDTH_MM / 2;

    private static final double CLEAR_MM = 2, STEP_MM = 3;

    /** @param foot the middle of what it stands on; @param up away from the wall */
    public record Place(Vec foot, Vec up) {

        /** What it takes there. */
        public Bounds box(double scale) {
            Vec right = up.left().times(-WIDTH_MM / 2 * scale);
            Vec top = foot.along(up, (BASE_MM + WIDTH_MM / 2) * scale);
            return Bounds.of(List.of(foot.plus(right), foot.minus(right), top.plus(right), top.minus(right)));
        }
    }

    /** Without a place where the wall has no stretch long enough. */
    public static WallMark of(WallSolid solid, double scale) {
        Side outside = solid.strip().wall().outside();
        List<Place> places = new ArrayList<>(on(outside, solid, scale));
        places.addAll(on(outside.other(), solid, scale));
        return new WallMark(solid.strip().buildUp().mark(), List.copyOf(places));
    }

    private static List<Place> on(Side side, WallSolid solid, double scale) {
        Strip strip = solid.strip();
        double face = side == Side.LEFT ? strip.hi() : strip.lo();
        List<Place> places = new ArrayList<>();
        for (Span stretch : stretches(side, solid)) {
            double middle = (stretch.from() + stretch.to()) / 2;
            double most = (stretch.to() - stretch.from()) / 2 - (WIDTH_MM / 2 + CLEAR_MM) * scale;
            for (double off = 0; off <= most; off += STEP_MM * scale)
                for (double s : off == 0 ? new double[] {middle} : new double[] {middle - off, middle + off}) {
                    Vec up = strip.axis().directionAt(s).left().times(side.sign());
                    places.add(new Place(strip.at(s, face).along(up, FROM_WALL_MM * scale), up));
                }
        }
        return places;
    }

    /** What openings, other walls and pieces leave free of a face, the longest first. */
    private static List<Span> stretches(Side side, WallSolid solid) {
        List<Span> taken = new ArrayList<>();
        for (PlacedOpening o : solid.openings()) taken.add(new Span(o.from(), o.to(), null));
        taken.addAll(solid.standingOn(side));
        for (PlacedPiece p : solid.pieces()) if (p.piece().side() == side) taken.add(new Span(p.from(), p.to(), null));
        taken.sort(Comparator.comparingDouble(Span::from));
        List<Span> free = new ArrayList<>();
        double from = Math.max(0, solid.clearFrom());
        double end = Math.min(solid.strip().length(), solid.clearTo());
        taken.add(new Span(end, end, null));
        for (Span t : taken) {
            double to = Math.min(t.from(), end);
            if (to > from) free.add(new Span(from, to, null));
            from = Math.max(from, t.to());
        }
        free.sort(Comparator.comparingDouble(s -> s.from() - s.to()));
        return free;
    }

    /** How far above its foot the centre of an arch lies: a rectangle with half a circle on it. */
    private static double centreOfArea(double base, double radius) {
        double rectangle = 2 * radius * base, round = Math.PI * radius * radius / 2;
        double ofRound = base + 4 * radius / (3 * Math.PI);
        return (rectangle * base / 2 + round * ofRound) / (rectangle + round);
    }

    /** An arch that stands at a place, with its words upright in it. */
    public static void paint(String words, Place place, double scale, Lettering lettering, Pens pens) {
        Vec foot = place.foot(), up = place.up(), right = up.left().times(-1);
        double half = WIDTH_MM / 2 * scale, base = BASE_MM * scale;
        Vec spring = foot.along(up, base);
        pens.line(
                PenRole.DIMENSION,
                spring.along(right, half),
                foot.along(right, half),
                foot.along(right, -half),
                spring.along(right, -half));
        pens.add(new Item.Arc(PenRole.DIMENSION, pens.pen(PenRole.DIMENSION), spring, half, right.angle(), Math.PI));
        double height =
                Math.min(Lettering.NOTE_MM, Lettering.NOTE_MM * 4.6 / lettering.width(words, Lettering.NOTE_MM, false));
        Vec middle = foot.along(up, centreOfArea(base, half));
        Vec line = middle.plus(new Vec(0, -height / 2 * scale));
        pens.onPaper(lettering.set(words, line, 0, height, Lettering.Align.CENTRE, false), scale, lettering);
    }
}
