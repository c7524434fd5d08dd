package org.leanlintel.core.picture.plan;

import java.util.List;
import org.leanlintel.core.building.roof.PlacedRoofPart;
import org.leanlintel.core.building.roof.PlateEdge;
import org.leanlintel.core.building.roof.SaddleShape;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** Roof lights and chimneys in plan: dashed overhead, or as they are seen from above with their marks. */
public final class RoofPartPainter {

    /** On paper. */
    private static final double LETTERS_MM = 1.8, OFF_MM = 0.8;
    /** On paper: the least radius of a downpipe, and from a gutter past the words along it to its mark. */
    private static final double DOT_MM = 0.6, BESIDE_MM = 4;

    private RoofPartPainter() {}

    static Group of(PlacedRoofPart placed, Look look, Lettering lettering) {
        Pens pens = new Pens(look.lens());
        RoofPart part = placed.part();
        boolean above = look.lens().roofs() == Lens.Roofs.FROM_ABOVE;
        PenRole role = above ? PenRole.ROOF : PenRole.OVERHEAD;
        List<Vec> plan = placed.plan();
        if (part.make() instanceof RoofPart.Downpipe) downpipe(part.at(), radius(part, look), pens);
        else if (part.make() instanceof RoofPart.Outlet) outlet(part.at(), radius(part, look), pens);
        else if (part.make() instanceof RoofPart.Dormer && above)
            placed.roofLines().forEach(l -> pens.line(role, l));
        else pens.closed(role, plan);
        if (!placed.glass().isEmpty()) pens.closed(above ? PenRole.EDGE : PenRole.OVERHEAD, placed.glass());
        if (part.make() instanceof RoofPart.Stack && above) {
            pens.line(PenRole.EDGE, plan.get(0), plan.get(2));
            pens.line(PenRole.EDGE, plan.get(1), plan.get(3));
        }
        if (placed.saddle() instanceof SaddleShape saddle && above)
            saddle.lines().forEach(l -> pens.line(role, l));
        double top = part.make() instanceof RoofPart.Outlet
                ? part.at().y() + radius(part, look)
                : Bounds.of(plan).maxY();
        double over = top + OFF_MM * look.drawing().scale();
        Vec at = new Vec(part.at().x(), over);
        if (above && part.make() instanceof RoofPart.Downpipe) beside(placed, look, lettering, pens);
        else if (above) pens.add(lettering.set(part.mark(), at, 0, LETTERS_MM, Align.CENTRE, true));
        List<Catch> catches = plan.stream()
                .map(p -> new Catch("corner of " + part.mark(), new Hold.AtPoint(p), p, p))
                .toList();
        return new Group(part.id(), part.layer(), pens.items(), catches);
    }

    /** A circle. */
    public static void downpipe(Vec at, double radius, Pens pens) {
        pens.add(new Item.Arc(PenRole.EDGE, pens.pen(PenRole.EDGE), at, radius, 0, Math.TAU));
    }

    /** A circle with a cross in it. */
    public static void outlet(Vec at, double radius, Pens pens) {
        downpipe(at, radius, pens);
        Vec across = new Vec(radius, 0), up = new Vec(0, radius);
        pens.line(PenRole.EDGE, at.minus(across), at.plus(across));
        pens.line(PenRole.EDGE, at.minus(up), at.plus(up));
    }

    /** Of a downpipe or an outlet: its own, or as small as can be seen. */
    private static double radius(RoofPart part, Look look) {
        return Math.max(part.widthMm() / 2, DOT_MM * look.drawing().scale());
    }

    /** The mark of a downpipe, outside of the gutter. */
    private static void beside(PlacedRoofPart placed, Look look, Lettering lettering, Pens pens) {
        if (!(placed.roof().plate(placed.face().edge()) instanceof PlateEdge plate)) return;
        double scale = look.drawing().scale();
        Vec out = plate.inwards().times(-1), at = placed.part().at();
        double eaves = plate.edge().overhangMm() + placed.roof().roof().trim().gutterMm();
        Vec place = at.along(out, eaves - at.minus(plate.from()).dot(out) + BESIDE_MM * scale);
        boolean sideways = Math.abs(out.x()) > Math.abs(out.y());
        Align align = sideways && out.x() < 0 ? Align.RIGHT : Align.LEFT;
        double down = sideways ? LETTERS_MM / 2 : out.y() < 0 ? LETTERS_MM : 0;
        pens.add(
                lettering.set(placed.part().mark(), place.plus(new Vec(0, -down * scale)), 0, LETTERS_MM, align, true));
    }
}
