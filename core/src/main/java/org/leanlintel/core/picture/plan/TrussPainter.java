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

/** Trusses in a roof plan: a dashed line along the middle of each, two along a girder, with what they are, how many and how far apart. */
final class TrussPainter {

    /** On paper. */
    private static final double LETTERS_MM = 1.8;

    private TrussPainter() {}

    static Group of(BuiltTruss built, Look look, Lettering lettering) {
        Pens pens = new Pens(look.lens());
        double span = built.shape().sum().spanMm();
        Truss truss = built.truss();
        for (double s : built.at())
            for (double aside : sides(truss))
                pens.line(PenRole.OVERHEAD, built.plan(0, s + aside), built.plan(span, s + aside));
        double scale = look.drawing().scale(),
                middle = built.at().get(built.at().size() / 6);
        LengthPrinter lengths = LengthPrinter.ofDrawings(look.units());
        String words = truss.isPlaced()
                ? "%s: %s".formatted(truss.mark(), truss.words())
                : "%s: %d at %s".formatted(truss.mark(), built.at().size(), lengths.print(truss.spacingMm()));
        double angle = Lettering.readable(built.across().angle());
        Vec up = Vec.ofAngle(angle).left();
        double beside = truss.isPlaced() ? truss.wholeThickMm() / 2 + LETTERS_MM * scale : truss.spacingMm() / 2;
        Vec at = built.plan(span * 0.3, middle + beside).along(up, -LETTERS_MM / 2 * scale);
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

    /** Where its lines run beside the middle of one. */
    private static double[] sides(Truss truss) {
        double half = truss.wholeThickMm() / 2;
        return truss.plies() == 1 ? new double[] {0} : new double[] {-half, half};
    }
}
