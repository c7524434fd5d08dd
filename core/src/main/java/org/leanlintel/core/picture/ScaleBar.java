package org.leanlintel.core.picture;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Lettering.Align;

/** A graphic scale of five divisions, alternately filled, drawn to model scale so that it stays right on any copy. */
final class ScaleBar {

    private static final double HEIGHT = 2, LETTERS_MM = 1.8;
    private static final int DIVISIONS = 5;
    private static final String INK = "#222b31";

    private ScaleBar() {}

    static void paint(Vec at, double scale, UnitSystem units, Lettering lettering, Pens pens) {
        boolean metric = units == UnitSystem.METRIC;
        double unitMm = metric ? 1000 : 12 * UnitSystem.MM_PER_INCH;
        int unitsEach = 1;
        while (unitsEach * unitMm / scale < 9) unitsEach = unitsEach == 1 ? 2 : unitsEach == 2 ? 5 : unitsEach * 2;
        double each = unitsEach * unitMm / scale;
        for (int i = 0; i < DIVISIONS; i++) {
            List<Vec> box = List.of(
                    at.plus(new Vec(i * each, 0)), at.plus(new Vec((i + 1) * each, 0)),
                    at.plus(new Vec((i + 1) * each, HEIGHT)), at.plus(new Vec(i * each, HEIGHT)));
            if (i % 2 == 0) pens.fill(INK, box);
            pens.closed(PenRole.SHEET_RULE, box);
        }
        for (int i = 0; i <= DIVISIONS; i++) {
            String label = i * unitsEach + (i == DIVISIONS ? metric ? " m" : " ft" : "");
            pens.add(lettering.set(label, at.plus(new Vec(i * each, HEIGHT + 1)), 0, LETTERS_MM, Align.CENTRE, false));
        }
    }
}
