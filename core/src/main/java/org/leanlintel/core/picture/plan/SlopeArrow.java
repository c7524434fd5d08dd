package org.leanlintel.core.picture.plan;

import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;

/** The arrow in the middle of a slope in plan, with its pitch beside it. Sizes on paper. @param lengthMm of the arrow; @param leastMm of a slope that has one */
public record SlopeArrow(double lengthMm, double leastMm, double scale, Lettering lettering, Pens pens) {

    private static final double LETTERS_MM = 1.8, HEAD_MM = 2.2, OFF_MM = 1;

    public static void arrow(Vec from, Vec to, double scale, Pens pens) {
        Vec way = to.minus(from).unit();
        pens.line(PenRole.STAIR, from, to);
        Vec back = to.along(way, -HEAD_MM * scale);
        double half = HEAD_MM * 0.35 * scale;
        pens.line(PenRole.STAIR, back.along(way.left(), half), to, back.along(way.left(), -half));
    }

    /** Nothing where there is no room for it. @param way it points */
    void paint(Area on, Vec way, String words) {
        var bounds = on.bounds();
        if (Math.min(bounds.width(), bounds.height()) < leastMm * scale) return;
        Vec middle = on.middle();
        Vec from = middle.along(way, -lengthMm / 2 * scale), to = middle.along(way, lengthMm / 2 * scale);
        if (!on.covers(from) || !on.covers(to)) return;
        arrow(from, to, scale, pens);
        boolean upright = Math.abs(way.y()) > Math.abs(way.x());
        Vec beside = upright
                ? middle.plus(new Vec(OFF_MM * scale, -LETTERS_MM / 2 * scale))
                : middle.plus(new Vec(0, OFF_MM * scale));
        Item.Text said = lettering.set(words, beside, 0, LETTERS_MM, upright ? Align.LEFT : Align.CENTRE, false);
        pens.onPaper(said, scale, lettering);
    }
}
