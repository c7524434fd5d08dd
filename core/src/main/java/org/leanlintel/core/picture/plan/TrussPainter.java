package org.leanlintel.core.picture.plan;

import java.util.List;
import org.leanlintel.core.building.roof.BuiltTruss;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** Trusses in a roof plan: a dashed line along the middle of each, with what they are, how many and how far apart. */
final class TrussPainter {

    /** On paper. */
    private static final double LETTERS_MM = 1.8;

    private TrussPainter() {}

    static Group of(BuiltTruss built, Look look, Lettering lettering) {
        Pens pens = new Pens(look.lens());
        double span = built.shape().sum().spanMm();
        for (double s : built.at()) pens.line(PenRole.OVERHEAD, built.plan(0, s), built.plan(span, s));
        Truss truss = built.truss();
        double scale = look.drawing().scale(),
                middle = built.at().get(built.at().size() / 6);
        LengthPrinter lengths = LengthPrinter.ofDrawings(look.units());
        String words = "%s: %d at %s".formatted(truss.mark(), built.at().size(), lengths.print(truss.spacingMm()));
        double angle = Lettering.readable(built.across().angle());
        Vec up = Vec.ofAngle(angle).left();
        Vec at = built.plan(span * 0.3, middle + truss.spacingMm() / 2).along(up, -LETTERS_MM / 2 * scale);
        pens.add(lettering.set(words, at, angle, LETTERS_MM, Align.CENTRE, true));
        List<Catch> catches = built.at().stream()
                .map(s -> new Catch(
                        "truss " + truss.mark(),
                        new Hold.AtPoint(built.plan(0, s)),
                        built.plan(0, s),
                        built.plan(0, s)))
                .toList();
        return new Group(truss.id(), truss.layer(), pens.items(), catches);
    }
}
