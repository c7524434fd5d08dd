package org.leanlintel.core.picture.plan;

import java.util.List;
import org.leanlintel.core.building.roof.PlacedRoofPart;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** Roof lights and chimneys in plan: dashed overhead, or as they are seen from above with their marks. */
final class RoofPartPainter {

    /** On paper. */
    private static final double LETTERS_MM = 1.8, OFF_MM = 0.8;

    private RoofPartPainter() {}

    static Group of(PlacedRoofPart placed, Look look, Lettering lettering) {
        Pens pens = new Pens(look.lens());
        RoofPart part = placed.part();
        boolean above = look.lens().roofs() == Lens.Roofs.FROM_ABOVE;
        PenRole role = above ? PenRole.ROOF : PenRole.OVERHEAD;
        List<Vec> plan = placed.plan();
        if (part.make() instanceof RoofPart.Dormer && above) placed.roofLines().forEach(l -> pens.line(role, l));
        else pens.closed(role, plan);
        if (!placed.glass().isEmpty()) pens.closed(above ? PenRole.EDGE : PenRole.OVERHEAD, placed.glass());
        if (part.make() instanceof RoofPart.Stack && above) {
            pens.line(PenRole.EDGE, plan.get(0), plan.get(2));
            pens.line(PenRole.EDGE, plan.get(1), plan.get(3));
        }
        double over = Bounds.of(plan).maxY() + OFF_MM * look.drawing().scale();
        Vec at = new Vec(part.at().x(), over);
        if (above) pens.add(lettering.set(part.mark(), at, 0, LETTERS_MM, Align.CENTRE, true));
        List<Catch> catches = plan.stream()
                .map(p -> new Catch("corner of " + part.mark(), new Hold.AtPoint(p), p, p))
                .toList();
        return new Group(part.id(), part.layer(), pens.items(), catches);
    }
}
