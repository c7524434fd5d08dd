package org.leanlintel.core.picture.annotate;

import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;

/** Levels beside a section or an elevation, one under the other; those too near to the last are left out. */
public final class LevelMarks {

    /** On paper: how far the marks stand off, how wide their line is, the least from one to the next. */
    private static final double OFF_MM = 12, MARK_MM = 34, APART_MM = 6.5;

    private final Pens pens;
    private final Lettering lettering;
    private final LevelPrinter levels;
    private final double x;
    private final double scale;

    /** @param rightMm where what is drawn ends */
    public LevelMarks(Pens pens, Lettering lettering, LevelPrinter levels, double rightMm, double scale) {
        this.pens = pens;
        this.lettering = lettering;
        this.levels = levels;
        x = rightMm + OFF_MM * scale;
        this.scale = scale;
    }

    /** How far apart levels stand at least to have a mark each. */
    static double apartMm(double scale) {
        return APART_MM * scale;
    }

    public void mark(double mm, String name) {
        mark(mm, mm, name);
    }

    /** @param y where in the picture; @param mm the level it tells */
    public void mark(double y, double mm, String name) {
        pens.line(PenRole.LEVEL, new Vec(x, y), new Vec(x + MARK_MM * scale, y));
        pens.line(
                PenRole.LEVEL,
                new Vec(x + 1 * scale, y + 2 * scale),
                new Vec(x + 2.2 * scale, y),
                new Vec(x + 3.4 * scale, y + 2 * scale),
                new Vec(x + 1 * scale, y + 2 * scale));
        Vec at = new Vec(x + 5 * scale, y + 0.9 * scale);
        pens.add(lettering.set(levels.print(mm), at, 0, Lettering.NOTE_MM, Align.LEFT, true));
        Vec under = new Vec(x + 5 * scale, y - 3 * scale);
        pens.add(lettering.set(name, under, 0, 1.8, Align.LEFT, false));
    }
}
