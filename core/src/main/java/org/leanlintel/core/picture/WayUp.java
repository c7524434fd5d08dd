package org.leanlintel.core.picture;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Lettering.Align;

/** The line that a stair, steps or a ramp are walked up on: a dot at its foot, an arrow at its head; and words off an end. */
record WayUp(List<Vec> walk, double scale, Lettering lettering, Pens pens) {

    /** On paper. */
    private static final double ARROW_MM = 3, DOT_MM = 0.8, OFF_MM = 1.6;
    /** The height of smaller words, on paper. */
    static final double SMALL_MM = 1.8;

    void paint() {
        pens.line(PenRole.STAIR, walk);
        pens.add(new Item.Arc(PenRole.STAIR, pens.pen(PenRole.STAIR), walk.getFirst(), DOT_MM * scale, 0, Math.TAU));
        Vec head = walk.getLast(), way = head.minus(walk.get(walk.size() - 2)).unit();
        Vec back = head.along(way, -ARROW_MM * scale);
        double half = ARROW_MM * 0.35 * scale;
        pens.line(PenRole.STAIR, back.along(way.left(), half), head, back.along(way.left(), -half));
    }

    /** Just off its foot or its head, along the way, and smaller words under them. */
    void label(String words, String under, boolean atFoot) {
        Vec end = atFoot ? walk.getFirst() : walk.getLast();
        Vec next = atFoot ? walk.get(1) : walk.get(walk.size() - 2);
        Vec out = end.minus(next).unit();
        double angle = Lettering.readable(out.angle());
        Align align = Vec.ofAngle(angle).dot(out) < 0 ? Align.RIGHT : Align.LEFT;
        Vec up = Vec.ofAngle(angle).left(), at = end.along(out, OFF_MM * scale);
        pens.add(lettering.set(words, at.along(up, 0.6 * scale), angle, Lettering.NOTE_MM, align, true));
        pens.add(lettering.set(under, at.along(up, -2.6 * scale), angle, SMALL_MM, align, false));
    }

    /** How many risers, how high, and the going where there is one. */
    static String each(int risers, double riserMm, double goingMm, UnitSystem units) {
        LengthPrinter lengths = LengthPrinter.ofScreen(units);
        String high = "%d \u00d7 %s".formatted(risers, lengths.print(riserMm));
        return risers == 1 ? high : high + " / " + lengths.print(goingMm);
    }
}
