package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.StringStyle.Terminator;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Pens;

/** Where the line of a string meets the lines of what it measures (ISO 129-1, 5.5). Sizes on paper. */
final class Terminators {

    private static final double STROKE_MM = 3, ARROW_MM = 2.8, DOT_MM = 1, RING_MM = 0.7;
    /** Half as wide as a filled arrowhead is at its end, and as an open one. */
    private static final double FILLED_MM = 0.45, OPEN_MM = 0.75;
    /** How many lines fill half an arrowhead; a part that is shorter than so many arrowheads has dots instead. */
    private static final int FILLING = 3;

    private static final double ROOM = 2.5;

    private final Terminator terminator;
    private final Vec direction;
    private final double reading;
    private final double scale;
    private final Pens pens;

    /** @param direction of the string; @param reading the angle it is read at */
    Terminators(Terminator terminator, Vec direction, double reading, double scale, Pens pens) {
        this.terminator = terminator;
        this.direction = direction;
        this.reading = reading;
        this.scale = scale;
        this.pens = pens;
    }

    /** How far the line runs on beyond its ends. */
    double overshootMm() {
        return terminator == Terminator.STROKE ? 1.5 : 0;
    }

    /** @param before the length of the part before a point, millimetres of the model; 0 at the first; {@code after} likewise */
    void paint(Vec at, double before, double after) {
        switch (terminator) {
            case STROKE -> stroke(at);
            case DOT -> dot(at);
            case RING -> ring(at);
            case ARROW, OPEN_ARROW -> {
                boolean room = hasRoom(before) && hasRoom(after);
                if (!room) dot(at);
                if (room && before > 0) arrow(at, direction);
                if (room && after > 0) arrow(at, direction.times(-1));
            }
        }
    }

    private boolean hasRoom(double part) {
        return part == 0 || part >= ROOM * ARROW_MM * scale;
    }

    /** What of an end at a place on the line no figure over it or under it may stand on; paper millimetres, from that place. */
    List<FigureRow.Box> solid() {
        if (terminator != Terminator.STROKE) return List.of();
        double half = STROKE_MM / 2 * Math.sqrt(0.5);
        return List.of(
                new FigureRow.Box(new FigureRow.Band(0, half / 2), new FigureRow.Band(half / 2, half), true),
                new FigureRow.Box(new FigureRow.Band(-half / 2, 0), new FigureRow.Band(-half, -half / 2), true));
    }

    /** Rising left to right as the string is read. */
    private void stroke(Vec at) {
        Vec slant = Vec.ofAngle(reading + Math.PI / 4).times(STROKE_MM * scale / 2);
        pens.line(PenRole.TICK, at.minus(slant), at.plus(slant));
    }

    /** A circle drawn as wide as it is. */
    private void dot(Vec at) {
        Pen own = pens.pen(PenRole.DIMENSION);
        Pen wide = new Pen(DOT_MM / 2, Pen.Dash.CONTINUOUS, own.ink());
        pens.add(new Item.Arc(PenRole.DIMENSION, wide, at, DOT_MM / 4 * scale, 0, Math.TAU));
    }

    void ring(Vec at) {
        pens.add(new Item.Arc(PenRole.DIMENSION, pens.pen(PenRole.DIMENSION), at, RING_MM * scale, 0, Math.TAU));
    }

    private void arrow(Vec tip, Vec way) {
        Vec back = tip.along(way, -ARROW_MM * scale), left = way.left();
        List<Vec> head = new ArrayList<>();
        if (terminator == Terminator.OPEN_ARROW)
            head.addAll(List.of(back.along(left, OPEN_MM * scale), tip, back.along(left, -OPEN_MM * scale)));
        else
            for (int i = -FILLING; i <= FILLING; i++) {
                head.add(back.along(left, FILLED_MM * scale * i / FILLING));
                head.add(tip);
            }
        pens.line(PenRole.DIMENSION, head);
    }
}
