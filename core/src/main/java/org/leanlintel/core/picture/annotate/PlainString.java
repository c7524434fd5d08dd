package org.leanlintel.core.picture.annotate;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;

/** A length told in a drawing of one thing, which has no strings of its own: a line with strokes at its ends and words over it, past its end where it is too short for them. */
public record PlainString(Pens pens, Lettering lettering, double scale) {

    /** On paper. */
    private static final double TICK_MM = 1.5, UP_MM = 0.8, LETTERS_MM = 2.5;

    public void draw(Vec from, Vec to, String words) {
        Vec on = to.minus(from).unit();
        pens.line(PenRole.DIMENSION, from.along(on, -TICK_MM * scale), to.along(on, TICK_MM * scale));
        Vec slant = Vec.ofAngle(on.angle() + Math.PI / 4).times(TICK_MM * scale);
        for (Vec at : List.of(from, to)) pens.line(PenRole.TICK, at.minus(slant), at.plus(slant));
        double room = from.distanceTo(to) / scale - 2 * TICK_MM;
        if (lettering.width(words, LETTERS_MM, false) <= room) {
            Vec middle = from.plus(to).times(0.5).along(on.left(), UP_MM * scale);
            pens.add(lettering.set(words, middle, on.angle(), LETTERS_MM, Align.CENTRE, false));
        } else {
            Vec beyond = to.along(on, (TICK_MM + UP_MM) * scale).along(on.left(), UP_MM * scale);
            pens.add(lettering.set(words, beyond, on.angle(), LETTERS_MM, Align.LEFT, false));
        }
    }
}
