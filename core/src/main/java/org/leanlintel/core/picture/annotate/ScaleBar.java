package org.leanlintel.core.picture.annotate;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;

/** A graphic scale of five divisions, alternately filled, drawn to model scale so that it stays right on any copy. */
public final class ScaleBar {

    private static final double HEIGHT = 2, LETTERS_MM = 1.8;
    private static final int DIVISIONS = 5;
    /** On paper: the least that a division takes. */
    private static final double LEAST_MM = 9;
    /** Divisions in millimetres and in inches; further ones are ten times those. */
    private static final List<Integer> METRIC = List.of(100, 200, 500), INCHES = List.of(3, 6, 12, 24, 60);

    private static final String INK = "#222b31";

    private ScaleBar() {}

    public static void paint(Vec at, double scale, UnitSystem units, Lettering lettering, Pens pens) {
        double each = division(scale, units) / scale;
        for (int i = 0; i < DIVISIONS; i++) {
            List<Vec> box = List.of(
                    at.plus(new Vec(i * each, 0)), at.plus(new Vec((i + 1) * each, 0)),
                    at.plus(new Vec((i + 1) * each, HEIGHT)), at.plus(new Vec(i * each, HEIGHT)));
            if (i % 2 == 0) pens.fill(INK, box);
            pens.closed(PenRole.SHEET_RULE, box);
        }
        for (int i = 0; i <= DIVISIONS; i++) {
            String label = label(i * each * scale, i == DIVISIONS, units);
            pens.add(lettering.set(label, at.plus(new Vec(i * each, HEIGHT + 1)), 0, LETTERS_MM, Align.CENTRE, false));
        }
    }

    /** The shortest round length, in model millimetres, that can be told from its neighbours. */
    private static double division(double scale, UnitSystem units) {
        boolean metric = units == UnitSystem.METRIC;
        for (double tens = 1; ; tens *= 10)
            for (int part : metric ? METRIC : INCHES) {
                double mm = part * tens * (metric ? 1 : UnitSystem.MM_PER_INCH);
                if (mm / scale >= LEAST_MM) return mm;
            }
    }

    /** In metres or feet. The last says the unit. */
    private static String label(double mm, boolean last, UnitSystem units) {
        double number = mm / (units == UnitSystem.METRIC ? 1000 : 12 * UnitSystem.MM_PER_INCH);
        double rounded = Math.round(number * 100) / 100.0;
        String words = rounded == Math.rint(rounded) ? Long.toString((long) rounded) : Double.toString(rounded);
        return words + (last ? units == UnitSystem.METRIC ? " m" : " ft" : "");
    }
}
