package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** The edges of a part of a drawing where they say that the house goes on: each a thin line with a kink in its middle (ISO 128-2, line 01.1.19, as remembered: check). */
public final class BreakLines {

    /** On paper: how far the kink reaches along its line to each side of the middle, and across it. */
    private static final double ALONG_MM = 1.5, ACROSS_MM = 2.5;

    private BreakLines() {}

    public static Group of(Drawing drawing, Drawing.Part part, Look look) {
        Pens pens = new Pens(look.lens());
        draw(part, drawing.scale(), pens);
        return new Group(drawing.id(), drawing.id(), pens.items(), List.of());
    }

    public static void draw(Drawing.Part part, double scale, Pens pens) {
        List<Vec> ring = part.ring();
        for (int i = 0; i < ring.size(); i++)
            pens.line(PenRole.EDGE, edge(ring.get(i), ring.get((i + 1) % ring.size()), scale));
    }

    /** One edge. */
    public static List<Vec> edge(Vec from, Vec to, double scale) {
        double length = from.distanceTo(to), along = ALONG_MM * scale, across = ACROSS_MM * scale;
        List<Vec> line = new ArrayList<>(List.of(from));
        if (length > 6 * along) {
            Vec way = to.minus(from).unit(), middle = from.along(way, length / 2);
            line.add(middle.along(way, -along));
            line.add(middle.along(way, -along / 2).along(way.left(), across));
            line.add(middle.along(way, along / 2).along(way.left(), -across));
            line.add(middle.along(way, along));
        }
        line.add(to);
        return line;
    }
}
