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

/**
 * Which walls of a room are drawn from inside, under the room's label: a point towards each with its number, round the number of their
 * sheet. Walls that are seen the same way share a point.
 */
public record InteriorMark(List<Unrolled.View> views, String sheet) {

    /** On paper: the circle, how far its points stand out and half their width, and to the middle of a number. */
    private static final double CIRCLE_MM = 3.4, POINT_MM = 5.6, HALF_MM = 1.8, NUMBER_MM = 7.2;

    private static final double LETTERS_MM = 1.8;
    private static final int CHORDS = 32;

    /** On paper: from its middle to its sides where each point has one number, and what each further number of a point takes. */
    private static final double REACH_MM = 8.4, EACH_MM = 1.9;
    /** The cosine of how differently two walls are looked at that share a point. */
    private static final double SAME_WAY = Math.cos(Math.toRadians(30));

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

    /** A point of it. @param numbers of the walls that are seen that way */
    private record Way(Unrolled.View view, List<String> numbers) {}

    private List<Way> ways() {
        List<Way> ways = new ArrayList<>();
        int number = 1;
        for (Unrolled.View v : views) {
            Way same = null;
            for (Way w : ways) if (w.view.frame().away().dot(v.frame().away()) > SAME_WAY) same = w;
            if (same == null) ways.add(same = new Way(v, new ArrayList<>()));
            same.numbers.add(String.valueOf(number++));
        }
        return ways;
    }

    /** From its middle to its sides, on paper. */
    public double reachMm() {
        int most = ways().stream().mapToInt(w -> w.numbers.size()).max().orElse(1);
        return REACH_MM + (most - 1) * EACH_MM;
    }

    public Bounds boxAt(Vec middle, double scale) {
        return new Bounds(middle.x(), middle.y(), middle.x(), middle.y()).grown(reachMm() * scale);
    }

    public void paint(Vec middle, double scale, Pens pens, Lettering lettering) {
        List<Vec> circle = new ArrayList<>();
        for (int i = 0; i < CHORDS; i++)
            circle.add(middle.along(Vec.ofAngle(Math.TAU * i / CHORDS), CIRCLE_MM * scale));
        pens.closed(PenRole.LEVEL, circle);
        if (!sheet.isEmpty()) words(sheet, middle, scale, pens, lettering);
        for (Way w : ways()) {
            Vec out = w.view.frame().away(),
                    right = w.view.frame().right(),
                    base = middle.along(out, CIRCLE_MM * scale);
            pens.closed(
                    PenRole.LEVEL,
                    List.of(
                            base.along(right, -HALF_MM * scale),
                            middle.along(out, POINT_MM * scale),
                            base.along(right, HALF_MM * scale)));
            double beside = (w.numbers.size() - 1) * EACH_MM / 2 * Math.abs(out.x());
            words(String.join(",", w.numbers), middle.along(out, (NUMBER_MM + beside) * scale), scale, pens, lettering);
        }
    }

    private static void words(String text, Vec middle, double scale, Pens pens, Lettering lettering) {
        Vec base = middle.plus(new Vec(0, -LETTERS_MM / 2 * scale));
        pens.add(lettering.set(text, base, 0, LETTERS_MM, Align.CENTRE, false));
    }
}
