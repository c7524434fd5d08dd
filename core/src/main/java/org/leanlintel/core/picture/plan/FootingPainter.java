package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.FootprintsIn;
import org.leanlintel.core.building.body.BuiltFooting;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.TextBox;
import org.leanlintel.core.picture.annotate.StringLines;

/** A foundation in plan: its outline dashed, what rises from it in thin lines, and its size beside it. */
final class FootingPainter {

    /** On paper: letters, and how far beyond its edge they stand. */
    private static final double LETTERS_MM = 1.8, OFF_MM = 0.8;
    /** How far from the middle of their edge words may stand, as parts of it. */
    private static final double[] ALONG = {0, -0.1, 0.1, -0.2, 0.2, -0.3, 0.3};

    private FootingPainter() {}

    static Group of(BuiltFooting built, Look look, Lettering lettering, Building building) {
        Footing footing = built.footing();
        Pens pens = new Pens(look.lens());
        List<Area> others = others(footing, building);
        for (List<Vec> line : Area.past(built.area().rings(), others)) pens.line(PenRole.OVERHEAD, line);
        for (BuiltFooting.Stem stem : built.stems())
            for (List<Vec> ring : stem.area().rings()) pens.line(PenRole.EDGE, ring);
        words(built, look, lettering, building, pens);
        return new Group(
                footing.id(),
                footing.layer(),
                pens.items(),
                List.of(),
                built.area().ringsWithoutHoles(),
                null);
    }

    /** Those it runs into: where they are one, no line is between them. */
    private static List<Area> others(Footing footing, Building building) {
        List<Area> others = new ArrayList<>();
        for (Footing f : building.model().all(Footing.class))
            if (!f.id().equals(footing.id())
                    && f.storey().equals(footing.storey())
                    && f.stays()
                    && building.get(new BuiltFooting.Of(f.id())) instanceof BuiltFooting b) others.add(b.area());
        return others;
    }

    /** Along the longest of its outer edges, outside of it, as near to the middle of that as they stand on no wall and no string. */
    private static void words(BuiltFooting built, Look look, Lettering lettering, Building building, Pens pens) {
        double scale = look.drawing().scale();
        List<Vec> ring = built.area().rings().getFirst();
        Vec from = ring.getFirst(), to = ring.get(1);
        for (int i = 1; i < ring.size(); i++)
            if (ring.get(i - 1).distanceTo(ring.get(i)) > from.distanceTo(to) + 1) {
                from = ring.get(i - 1);
                to = ring.get(i);
            }
        Vec way = to.minus(from).unit(), out = way.left();
        Vec middle = from.along(way, from.distanceTo(to) / 2);
        if (built.area().covers(middle.along(out, 1))) out = out.times(-1);
        boolean back = way.x() < -1e-9 || Math.abs(way.x()) <= 1e-9 && way.y() < 0;
        Vec reading = back ? way.times(-1) : way;
        boolean above = reading.left().dot(out) > 0;
        Vec base = middle.along(out, (above ? OFF_MM : OFF_MM + LETTERS_MM) * scale);
        Item.Text words = null;
        for (double part : ALONG) {
            Vec at = base.along(way, part * from.distanceTo(to));
            Item.Text set = lettering.set(said(built, look), at, reading.angle(), LETTERS_MM, Align.CENTRE, false);
            Bounds box = TextBox.of(set, scale, lettering).bounds();
            boolean free = !FootprintsIn.meet(box, look.storey(), false, building)
                    && !StringLines.meet(box, look.drawing().id(), building);
            if (words == null || free) words = set;
            if (free) break;
        }
        pens.onPaper(Objects.requireNonNull(words), scale, lettering);
    }

    private static String said(BuiltFooting built, Look look) {
        Footing footing = built.footing();
        LengthPrinter lengths = LengthPrinter.ofDrawings(look.units());
        return "%s  %s x %s, underside %s"
                .formatted(
                        footing.mark(),
                        lengths.print(footing.widthMm()),
                        lengths.print(footing.depthMm()),
                        look.levels().print(built.lowMm()));
    }
}
