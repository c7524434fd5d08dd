package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.WallAxis;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Compass;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;

/**
 * Where an elevation is seen from: a ring with a point towards the house, in it the way the side looks over the number of the sheet that its
 * elevation stands on.
 */
public final class ElevationMark {

    /** On paper: the ring, how far its point stands out and half its width, letters, and from the middle to their base lines. */
    private static final double RING_MM = 4.4,
            POINT_MM = 7.2,
            HALF_MM = 2.6,
            LETTERS_MM = 2,
            OVER_MM = 0.8,
            UNDER_MM = 2.8;

    private static final int CHORDS = 40;

    private ElevationMark() {}

    /** The elevation of the side that a mark stands on, as seen from the middle of what the walls of its storey are drawn by; null where none is drawn. */
    public static @Nullable Drawing of(Sign mark, Model model) {
        Drawing plan = model.get(mark.drawing(), Drawing.class);
        List<Vec> ends = new ArrayList<>();
        for (Wall w : model.all(Wall.class))
            if (w.storey().equals(plan.storey()))
                for (WallEnd end : List.of(w.start(), w.end())) ends.add(WallAxis.storedPoint(model, end));
        if (ends.isEmpty()) return null;
        Vec out = mark.at().minus(Bounds.of(ends).centre());
        Drawing best = null;
        double most = 0;
        for (Drawing d : SheetLinks.wholeFirst(Drawing.register(model)))
            if (d.subject() instanceof Drawing.Facing f) {
                double along = Vec.ofAngle(f.angle()).dot(out);
                if (along > most) {
                    most = along;
                    best = d;
                }
            }
        return best;
    }

    static void paint(Sign mark, Model model, double scale, Pens pens, Lettering lettering) {
        paint(mark, mark.at(), model, scale, pens, lettering);
    }

    /** A mark somewhere else than it stands, as in a legend. */
    public static void paint(Sign mark, Vec at, Model model, double scale, Pens pens, Lettering lettering) {
        ring(at, scale, pens);
        Drawing elevation = of(mark, model);
        if (elevation == null || !(elevation.subject() instanceof Drawing.Facing f)) return;
        Vec towards = Vec.ofAngle(f.angle()).times(-1), aside = towards.left().times(HALF_MM * scale);
        double root = Math.sqrt(RING_MM * RING_MM - HALF_MM * HALF_MM);
        Vec foot = at.along(towards, root * scale);
        pens.line(PenRole.LEVEL, foot.minus(aside), at.along(towards, POINT_MM * scale), foot.plus(aside));
        Sheet sheet = SheetLinks.sheetWith(elevation.id(), model);
        String side = Compass.letters(f.angle(), Site.of(model).north());
        words(side, at.plus(new Vec(0, OVER_MM * scale)), pens, lettering);
        if (sheet != null) words(sheet.number(), at.plus(new Vec(0, -UNDER_MM * scale)), pens, lettering);
    }

    private static void ring(Vec at, double scale, Pens pens) {
        List<Vec> ring = new ArrayList<>();
        for (int i = 0; i < CHORDS; i++) ring.add(at.along(Vec.ofAngle(Math.TAU * i / CHORDS), RING_MM * scale));
        pens.closed(PenRole.LEVEL, ring);
        pens.line(PenRole.LEVEL, at.plus(new Vec(-RING_MM * scale, 0)), at.plus(new Vec(RING_MM * scale, 0)));
    }

    private static void words(String text, Vec base, Pens pens, Lettering lettering) {
        pens.add(lettering.set(text, base, 0, LETTERS_MM, Align.CENTRE, false));
    }
}
