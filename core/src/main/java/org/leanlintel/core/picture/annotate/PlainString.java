package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;

/** A length told in a drawing of one thing, which has no strings of its own: a line with strokes at its ends and words over it, past its end where it is too short for them. */
public record PlainString(Pens pens, Lettering lettering, double scale) {

    /** On paper. */
    private static final double TICK_MM = 1.5, UP_MM = 0.8, LETTERS_MM = 2.5, ROW_MM = 3.4;

    /** Parts shorter than that are told by nobody. */
    private static final double LEAST_MM = 1;

    /** Several one after another, each with its words over it, or beside that where it is too short for them. @param at along {@code on} from a point; @param words of a length */
    public void chain(Vec from, Vec on, List<Double> at, DoubleFunction<String> words) {
        List<FigureRow.Figure> figures = new ArrayList<>();
        for (int i = 1; i < at.size(); i++) {
            double length = at.get(i) - at.get(i - 1), middle = (at.get(i) + at.get(i - 1)) / 2;
            if (length <= LEAST_MM) continue;
            line(from.along(on, at.get(i - 1)), from.along(on, at.get(i)));
            String says = words.apply(length);
            figures.add(new FigureRow.Figure(
                    says, middle / scale, length / scale, lettering.width(says, LETTERS_MM, false)));
        }
        for (FigureRow.Set set : new FigureRow(List.of(), PlainString::letters).place(figures)) {
            FigureRow.Band row = letters(set.row());
            Vec foot = from.along(on, set.centreMm() * scale).along(on.left(), row.fromMm() * scale);
            if (set.needsLeader())
                pens.line(
                        PenRole.DIMENSION,
                        from.along(on, set.figure().centreMm() * scale),
                        set.row() > 0 ? foot : foot.along(on.left(), LETTERS_MM * scale));
            pens.add(lettering.set(set.figure().text(), foot, on.angle(), LETTERS_MM, Align.CENTRE, false));
        }
    }

    private static FigureRow.Band letters(int row) {
        double base = row < 0 ? row * ROW_MM : UP_MM + row * ROW_MM;
        return new FigureRow.Band(base, base + LETTERS_MM);
    }

    private void line(Vec from, Vec to) {
        Vec on = to.minus(from).unit();
        pens.line(PenRole.DIMENSION, from.along(on, -TICK_MM * scale), to.along(on, TICK_MM * scale));
        Vec slant = Vec.ofAngle(on.angle() + Math.PI / 4).times(TICK_MM * scale);
        for (Vec at : List.of(from, to)) pens.line(PenRole.TICK, at.minus(slant), at.plus(slant));
    }

    public void draw(Vec from, Vec to, String words) {
        Vec on = to.minus(from).unit();
        line(from, to);
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
