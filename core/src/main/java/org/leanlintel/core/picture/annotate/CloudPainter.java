package org.leanlintel.core.picture.annotate;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.geometry.Winding;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** Draws a revision cloud: arcs that bulge outwards along its outline, and a triangle with its issue at the upper right (trade). */
public final class CloudPainter {

    /** On paper: about how long the chord of an arc is, its radius as a part of that. */
    private static final double CHORD_MM = 7, RADIUS = 0.58;
    /** On paper: half the triangle's foot, its height, its letters, and how far off the outline it stands. */
    private static final double HALF_MM = 4, HIGH_MM = 6.9, LETTERS_MM = 2.5, OFF_MM = 3.5;

    private CloudPainter() {}

    static Group of(Cloud cloud, Look look, Lettering lettering) {
        double scale = look.drawing().scale();
        Pens pens = new Pens(look.lens());
        List<Vec> ring = Winding.counterClockwise(cloud.ring());
        outline(ring, scale, pens);
        if (!cloud.issue().isEmpty()) triangle(cloud.issue(), upperRight(ring), scale, pens, lettering);
        return new Group(cloud.id(), cloud.layer(), pens.items(), List.of());
    }

    /** @param ring counter-clockwise */
    public static void outline(List<Vec> ring, double scale, Pens pens) {
        for (int i = 0; i < ring.size(); i++) edge(ring.get(i), ring.get((i + 1) % ring.size()), scale, pens);
    }

    /** As many arcs as come nearest to the usual length. */
    private static void edge(Vec from, Vec to, double scale, Pens pens) {
        double length = from.distanceTo(to);
        int arcs = (int) Math.max(1, Math.rint(length / (CHORD_MM * scale)));
        for (int i = 0; i < arcs; i++)
            arc(
                    from.plus(to.minus(from).times((double) i / arcs)),
                    from.plus(to.minus(from).times((i + 1.0) / arcs)),
                    pens);
    }

    private static void arc(Vec from, Vec to, Pens pens) {
        double chord = from.distanceTo(to), radius = chord * RADIUS;
        Vec along = to.minus(from).unit();
        Vec centre = from.along(along, chord / 2).along(along.left(), Math.sqrt(radius * radius - chord * chord / 4));
        double start = from.minus(centre).angle(), sweep = to.minus(centre).angle() - start;
        if (sweep < 0) sweep += Math.TAU;
        pens.add(new Item.Arc(PenRole.TICK, pens.pen(PenRole.TICK), centre, radius, start, sweep));
    }

    private static Vec upperRight(List<Vec> ring) {
        Vec best = ring.getFirst();
        for (Vec p : ring) if (p.x() + p.y() > best.x() + best.y()) best = p;
        return best;
    }

    private static void triangle(String issue, Vec corner, double scale, Pens pens, Lettering lettering) {
        Vec foot = corner.plus(new Vec((OFF_MM + HALF_MM) * scale, OFF_MM * scale));
        List<Vec> ring = List.of(
                foot.plus(new Vec(-HALF_MM * scale, 0)),
                foot.plus(new Vec(HALF_MM * scale, 0)),
                foot.plus(new Vec(0, HIGH_MM * scale)));
        pens.ground(ring);
        pens.closed(PenRole.TICK, ring);
        double letters = Math.min(LETTERS_MM, LETTERS_MM * HALF_MM / lettering.width(issue, LETTERS_MM, true));
        pens.add(lettering.set(issue, foot.plus(new Vec(0, 1.1 * scale)), 0, letters, Align.CENTRE, true));
    }
}
