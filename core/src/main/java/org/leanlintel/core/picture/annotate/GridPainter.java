package org.leanlintel.core.picture.annotate;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** A grid line with its mark in a bubble beyond its ends. */
public final class GridPainter {

    /** On paper: half as wide as a bubble, and the height of the letters of its mark. */
    private static final double RADIUS_MM = 4, LETTERS_MM = 3.5;
    /** How much lower letters are where a mark is long. */
    private static final double SMALL_MM = 2.5;

    private GridPainter() {}

    public static Group of(GridLine line, Look look, Lettering lettering) {
        double scale = look.drawing().scale();
        Pens pens = new Pens(look.lens());
        pens.line(PenRole.GRID, line.from(), line.to());
        Vec way = line.to().minus(line.from()).unit();
        if (line.hasBubble(End.START))
            bubble(line.mark(), line.from().along(way, -RADIUS_MM * scale), scale, lettering, pens);
        if (line.hasBubble(End.END))
            bubble(line.mark(), line.to().along(way, RADIUS_MM * scale), scale, lettering, pens);
        Catch along = new Catch("grid line " + line.mark(), new Hold.OnGrid(line.id()), line.from(), line.to());
        return new Group(line.id(), line.layer(), pens.items(), List.of(along));
    }

    /** Standing on the end of a line that runs up. */
    static void bubbleOver(String mark, Vec end, double scale, Lettering lettering, Pens pens) {
        bubble(mark, end.plus(new Vec(0, RADIUS_MM * scale)), scale, lettering, pens);
    }

    public static void bubble(String mark, Vec middle, double scale, Lettering lettering, Pens pens) {
        double height = mark.length() > 2 ? SMALL_MM : LETTERS_MM;
        pens.add(new Item.Arc(PenRole.LEVEL, pens.pen(PenRole.LEVEL), middle, RADIUS_MM * scale, 0, Math.TAU));
        Vec base = middle.plus(new Vec(0, -height / 2 * scale));
        pens.add(lettering.set(mark, base, 0, height, Lettering.Align.CENTRE, true));
    }
}
