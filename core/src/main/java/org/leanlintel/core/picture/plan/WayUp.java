package org.leanlintel.core.picture.plan;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Pens;

/** The line that a stair, steps or a ramp are walked on: a dot where the walk begins, an arrow where it ends. */
public record WayUp(List<Vec> walk, double scale, Pens pens) {

    /** On paper. */
    private static final double ARROW_MM = 3, DOT_MM = 0.8;

    public void paint() {
        pens.line(PenRole.STAIR, walk);
        pens.add(new Item.Arc(PenRole.STAIR, pens.pen(PenRole.STAIR), walk.getFirst(), DOT_MM * scale, 0, Math.TAU));
        Vec head = walk.getLast(), way = head.minus(walk.get(walk.size() - 2)).unit();
        Vec back = head.along(way, -ARROW_MM * scale);
        double half = ARROW_MM * 0.35 * scale;
        pens.line(PenRole.STAIR, back.along(way.left(), half), head, back.along(way.left(), -half));
    }

    /** How many risers, how high, and the going where there is one. */
    static String each(int risers, double riserMm, double goingMm, UnitSystem units) {
        LengthPrinter lengths = LengthPrinter.ofScreen(units);
        String high = "%d \u00d7 %s".formatted(risers, lengths.print(riserMm));
        return risers == 1 ? high : high + " / " + lengths.print(goingMm);
    }
}
