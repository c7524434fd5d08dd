package org.leanlintel.core.picture.plan;

import java.util.List;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;

/** Two lines that say which way something is walked and by what: "up 13R" over "13 x 200 / 250". */
record WayWords(String words, String under, Lettering lettering, double scale) {

    /** On paper: smaller letters, what lies between the lines, and off what the words belong to. */
    static final double SMALL_MM = 1.8, BETWEEN_MM = 0.9, OFF_MM = 1.6;

    /** Where they may stand: the middle of both lines, and the angle they run at, radians. */
    record Place(Vec middle, double angle) {}

    /** Just off a point in a direction, level or along it. */
    Place off(Vec from, Vec out, double angle) {
        return new Place(from.along(out, OFF_MM * scale + reach(out, angle)), angle);
    }

    /** Just off a line and a little past the point it begins at, all of them along it: level, and out from it. */
    Place beside(Vec from, Vec along, Vec out) {
        return off(from.along(along, OFF_MM * scale + reach(along, 0)), out, 0);
    }

    /** The first of some places that is free, the one otherwise where none is. */
    Place free(List<Place> places, Place otherwise, Taken taken) {
        for (Place p : places) {
            Bounds box = box(p);
            if (taken.within(box).isFree(box)) return p;
        }
        return otherwise;
    }

    Bounds box(Place p) {
        double w = reach(new Vec(1, 0), p.angle()), h = reach(new Vec(0, 1), p.angle());
        Vec m = p.middle();
        return new Bounds(m.x() - w, m.y() - h, m.x() + w, m.y() + h);
    }

    void paint(Place p, Pens pens) {
        Vec up = Vec.ofAngle(p.angle()).left();
        double half = height() / 2 * scale;
        Vec top = p.middle().along(up, half - Lettering.NOTE_MM * scale),
                bottom = p.middle().along(up, -half);
        pens.onPaper(lettering.set(words, top, p.angle(), Lettering.NOTE_MM, Align.CENTRE, true), scale, lettering);
        pens.onPaper(lettering.set(under, bottom, p.angle(), SMALL_MM, Align.CENTRE, false), scale, lettering);
    }

    /** How far they reach from their middle in a direction. */
    private double reach(Vec way, double angle) {
        Vec along = Vec.ofAngle(angle);
        return (Math.abs(way.dot(along)) * width() + Math.abs(way.dot(along.left())) * height()) / 2 * scale;
    }

    /** On paper. */
    private double width() {
        return Math.max(lettering.width(words, Lettering.NOTE_MM, true), lettering.width(under, SMALL_MM, false));
    }

    /** On paper. */
    private static double height() {
        return Lettering.NOTE_MM + BETWEEN_MM + SMALL_MM;
    }
}
