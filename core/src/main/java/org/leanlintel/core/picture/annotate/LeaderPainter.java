package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Leaders;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Inks;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Pens;

/** The lines from words to what they speak of, as ISO 128-22 ends them: a dot within an outline, an arrowhead on one. */
final class LeaderPainter {

    /** On paper: from the words to where leaders begin. */
    static final double BESIDE_MM = 1.2;

    /** On paper: the level part of an elbowed leader. */
    private static final double ELBOW_MM = 3;
    /** On paper: half as wide as a dot; an arrowhead's length and half its width; the ring round a tip whose thing has gone. */
    private static final double DOT_MM = 0.55, ARROW_MM = 2.8, HALF_MM = 0.5, LOST_MM = 2;

    private static final int CURVE_PIECES = 24, ARROW_LINES = 3;

    private final Leaders leaders;
    private final double scale;
    private final Pens pens;

    LeaderPainter(Leaders leaders, double scale, Pens pens) {
        this.leaders = leaders;
        this.scale = scale;
        this.pens = pens;
    }

    /** To one place, ended as the leaders are; straight through several, a dot on each. @param places from one side to the other */
    void paint(Landing landing, List<Vec> places) {
        List<Vec> line = way(landing, places);
        pens.line(PenRole.DIMENSION, line);
        Vec tip = places.getFirst(), before = line.get(line.size() - 2);
        if (places.size() > 1) places.forEach(this::dot);
        else if (tip.distanceTo(before) > 0) tip(tip, tip.minus(before).unit());
    }

    /** The line that is painted to places. */
    List<Vec> way(Landing landing, List<Vec> places) {
        Vec one = places.getFirst(), other = places.getLast();
        boolean back = landing.from().distanceTo(other) < landing.from().distanceTo(one);
        List<Vec> line = new ArrayList<>(line(landing.from(), landing.side(), back ? other : one));
        if (places.size() > 1) line.add(back ? one : other);
        return line;
    }

    private List<Vec> line(Vec from, int side, Vec tip) {
        Vec elbow = from.plus(new Vec(side * ELBOW_MM * scale, 0));
        return switch (leaders.shape()) {
            case STRAIGHT -> List.of(from, tip);
            case ELBOWED -> List.of(from, elbow, tip);
            case CURVED -> curve(from, new Vec((from.x() + tip.x()) / 2, from.y()), tip);
        };
    }

    /** A parabola that leaves the words level. */
    private static List<Vec> curve(Vec from, Vec by, Vec to) {
        List<Vec> points = new ArrayList<>();
        for (int i = 0; i <= CURVE_PIECES; i++) {
            double t = (double) i / CURVE_PIECES, u = 1 - t;
            points.add(from.times(u * u).plus(by.times(2 * u * t)).plus(to.times(t * t)));
        }
        return points;
    }

    private void tip(Vec tip, Vec way) {
        switch (leaders.tip()) {
            case DOT -> dot(tip);
            case ARROW -> arrow(tip, way);
            case NONE -> {}
        }
    }

    /** A circle drawn as wide as it is: no fill, which would lie under what is pointed at. */
    private void dot(Vec tip) {
        Pen own = pens.pen(PenRole.DIMENSION);
        Pen wide = new Pen(DOT_MM, Pen.Dash.CONTINUOUS, own.ink());
        pens.add(new Item.Arc(PenRole.DIMENSION, wide, tip, DOT_MM / 2 * scale, 0, Math.TAU));
    }

    private void arrow(Vec tip, Vec way) {
        Vec back = tip.along(way, -ARROW_MM * scale), left = way.left();
        List<Vec> head = new ArrayList<>();
        for (int i = -ARROW_LINES; i <= ARROW_LINES; i++) {
            head.add(tip);
            head.add(back.along(left, HALF_MM * scale * i / ARROW_LINES));
        }
        head.add(back.along(left, -HALF_MM * scale));
        pens.line(PenRole.DIMENSION, head);
    }

    /** Round a tip whose thing has gone, in a warning ink. */
    void lost(Vec tip) {
        Pen pen = pens.pen(PenRole.DIMENSION).inked(Inks.WARNING);
        pens.add(new Item.Arc(PenRole.DIMENSION, pen, tip, LOST_MM * scale, 0, Math.TAU));
    }
}
