package org.leanlintel.core.picture.annotate;

import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;

/** Levels beside a section or an elevation, one under the other; those too near to the last are left out. */
public final class LevelMarks {

    /** On paper: how far the marks stand off, how wide their line is, the least from one to the next. */
    private static final double OFF_MM = 12, MARK_MM = 34, APART_MM = 6.5;
    /** On paper: as near to strings they stand, to the left of one with its figures and to the right. */
    private static final double BEFORE_MM = 6, BEHIND_MM = 8;

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

    /** Where an upright string stands in a drawing. */
    private record Strings(ElementId drawing) implements Key<List<Double>> {
        @Override
        public List<Double> from(Reads reads) {
            return reads.model().relations().annotationsOf(drawing).stream()
                    .filter(DimensionString.class::isInstance)
                    .map(DimensionString.class::cast)
                    .filter(s -> Math.abs(s.direction().x()) < Tolerance.PARALLEL_SINE)
                    .map(s -> s.at().x())
                    .sorted()
                    .toList();
        }
    }

    /** From where on there is room for them beside the upright strings of a drawing. @param rightMm where what else is drawn ends */
    public static double clear(double rightMm, Drawing drawing, Building building) {
        double right = rightMm, scale = drawing.scale();
        for (double x : building.get(new Strings(drawing.id())))
            if (x > right && x < right + (OFF_MM + MARK_MM + BEFORE_MM) * scale)
                right = x + (BEHIND_MM - OFF_MM) * scale;
        return right;
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
