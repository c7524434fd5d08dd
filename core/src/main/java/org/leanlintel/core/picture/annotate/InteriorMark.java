package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.Unrolled;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** Which walls of a room are drawn from inside, under the room's label: a point towards each with its number, round the number of their sheet. */
public record InteriorMark(List<Unrolled.View> views, String sheet) {

    /** On paper: the circle, how far its points stand out and half their width, and to the middle of a number. */
    private static final double CIRCLE_MM = 3.4, POINT_MM = 5.6, HALF_MM = 1.8, NUMBER_MM = 7.2;

    private static final double LETTERS_MM = 1.8;
    private static final int CHORDS = 32;

    /** From its middle to its sides, on paper. */
    public static final double REACH_MM = 8.4;

    /** That of a room in the plan its storey is worked in; null in other plans, and where its walls are not drawn. */
    public static @Nullable InteriorMark of(ElementId room, Look look, Building building) {
        Model model = building.model();
        Drawing plan = Drawing.workingPlan(model, look.storey());
        if (plan == null || !plan.id().equals(look.drawing().id())) return null;
        boolean drawn = model.all(Drawing.class).stream()
                .anyMatch(d -> d.kind() == Drawing.Kind.INTERIOR && d.one().equals(room));
        if (!drawn) return null;
        Sheet sheet = SheetLinks.sheetOf(room, model);
        return new InteriorMark(building.get(new Unrolled.Of(room)).views(), sheet == null ? "" : sheet.number());
    }

    public Bounds boxAt(Vec middle, double scale) {
        return new Bounds(middle.x(), middle.y(), middle.x(), middle.y()).grown(REACH_MM * scale);
    }

    public void paint(Vec middle, double scale, Pens pens, Lettering lettering) {
        List<Vec> circle = new ArrayList<>();
        for (int i = 0; i < CHORDS; i++)
            circle.add(middle.along(Vec.ofAngle(Math.TAU * i / CHORDS), CIRCLE_MM * scale));
        pens.closed(PenRole.LEVEL, circle);
        if (!sheet.isEmpty()) words(sheet, middle, scale, pens, lettering);
        int number = 1;
        for (Unrolled.View v : views) {
            Vec out = v.frame().away(), base = middle.along(out, CIRCLE_MM * scale);
            pens.closed(
                    PenRole.LEVEL,
                    List.of(
                            base.along(v.frame().right(), -HALF_MM * scale),
                            middle.along(out, POINT_MM * scale),
                            base.along(v.frame().right(), HALF_MM * scale)));
            words(String.valueOf(number++), middle.along(out, NUMBER_MM * scale), scale, pens, lettering);
        }
    }

    private static void words(String text, Vec middle, double scale, Pens pens, Lettering lettering) {
        Vec base = middle.plus(new Vec(0, -LETTERS_MM / 2 * scale));
        pens.add(lettering.set(text, base, 0, LETTERS_MM, Align.CENTRE, false));
    }
}
