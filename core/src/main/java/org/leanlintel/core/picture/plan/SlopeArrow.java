package org.leanlintel.core.picture.plan;

import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.NearestFirst;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.TakenBoxes;

/**
 * The arrow on a slope in plan, as near to its middle as it lies clear, with its pitch beside it. Sizes on paper.
 *
 * @param lengthMm of the arrow; @param leastMm of a slope that has one
 */
public record SlopeArrow(double lengthMm, double leastMm, double scale, Lettering lettering, Pens pens) {

    private static final double LETTERS_MM = 1.8, HEAD_MM = 2.2, OFF_MM = 1, STEP_MM = 4;

    /** About how many places are tried at most. */
    private static final int PLACES = 400;

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
        double step = Math.max(STEP_MM * scale, Math.sqrt(bounds.width() * bounds.height() / PLACES));
        for (Vec at : new NearestFirst(on.middle(), bounds, step))
            if (on.covers(box(at, way, words))) {
                paint(at, way, words);
                return;
            }
        if (on.covers(start(on.middle(), way)) && on.covers(end(on.middle(), way))) paint(on.middle(), way, words);
    }

    private void paint(Vec middle, Vec way, String words) {
        arrow(start(middle, way), end(middle, way), scale, pens);
        pens.onPaper(said(middle, way, words), scale, lettering);
    }

    private Vec start(Vec middle, Vec way) {
        return middle.along(way, -lengthMm / 2 * scale);
    }

    private Vec end(Vec middle, Vec way) {
        return middle.along(way, lengthMm / 2 * scale);
    }

    private Item.Text said(Vec middle, Vec way, String words) {
        boolean upright = Math.abs(way.y()) > Math.abs(way.x());
        Vec beside = upright
                ? middle.plus(new Vec(OFF_MM * scale, -LETTERS_MM / 2 * scale))
                : middle.plus(new Vec(0, OFF_MM * scale));
        return lettering.set(words, beside, 0, LETTERS_MM, upright ? Align.LEFT : Align.CENTRE, false);
    }

    /** Round the arrow and its words. */
    private Bounds box(Vec middle, Vec way, String words) {
        Bounds line = Bounds.of(List.of(start(middle, way), end(middle, way)));
        return line.with(TakenBoxes.text(said(middle, way, words), scale)).grown(OFF_MM / 2 * scale);
    }
}
