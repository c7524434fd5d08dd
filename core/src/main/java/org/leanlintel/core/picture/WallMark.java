package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.PlacedPiece;
import org.leanlintel.core.building.Span;
import org.leanlintel.core.building.Strip;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Side;

/**
 * The mark of a wall's build-up: its number under a small arch that stands on the wall's outer face, in the middle of the
 * longest stretch that no opening and no other wall takes.
 */
final class WallMark {

    /** On paper. */
    static final double WIDTH_MM = 6, BASE_MM = 2.4, FROM_WALL_MM = 1;

    private static final double CLEAR_MM = 2;

    private final WallSolid solid;
    private final Strip strip;
    private final double scale;
    private final Lettering lettering;
    private final Pens pens;

    WallMark(WallSolid solid, double scale, Lettering lettering, Pens pens) {
        this.solid = solid;
        this.strip = solid.strip();
        this.scale = scale;
        this.lettering = lettering;
        this.pens = pens;
    }

    /** Leaves the wall bare where it has no stretch long enough. */
    void paint() {
        Span stretch = longest();
        if (stretch == null || stretch.to() - stretch.from() < (WIDTH_MM + 2 * CLEAR_MM) * scale) return;
        Side side = strip.wall().outside();
        double face = side == Side.LEFT ? strip.hi() : strip.lo();
        Vec out = strip.axis()
                .directionAt((stretch.from() + stretch.to()) / 2)
                .left()
                .times(side.sign());
        Vec foot = strip.at((stretch.from() + stretch.to()) / 2, face).along(out, FROM_WALL_MM * scale);
        paint(strip.buildUp().mark(), foot, out, scale, lettering, pens);
    }

    /** An arch that stands on {@code foot} towards {@code up}, with its words upright in it. */
    static void paint(String words, Vec foot, Vec up, double scale, Lettering lettering, Pens pens) {
        Vec right = up.left().times(-1);
        double half = WIDTH_MM / 2 * scale, base = BASE_MM * scale;
        Vec spring = foot.along(up, base);
        pens.line(
                PenRole.DIMENSION,
                spring.along(right, half),
                foot.along(right, half),
                foot.along(right, -half),
                spring.along(right, -half));
        pens.add(new Item.Arc(PenRole.DIMENSION, pens.pen(PenRole.DIMENSION), spring, half, right.angle(), Math.PI));
        double height =
                Math.min(Lettering.NOTE_MM, Lettering.NOTE_MM * 4.6 / lettering.width(words, Lettering.NOTE_MM));
        Vec middle = foot.along(up, base + half * 0.28);
        Vec line = middle.plus(new Vec(0, -height / 2 * scale));
        pens.add(lettering.set(words, line, 0, height, Lettering.Align.CENTRE, false));
    }

    private @Nullable Span longest() {
        List<Span> taken = new ArrayList<>();
        for (PlacedOpening o : solid.openings()) taken.add(new Span(o.from(), o.to(), null));
        taken.addAll(solid.standingOn(strip.wall().outside()));
        for (PlacedPiece p : solid.pieces())
            if (p.piece().side() == strip.wall().outside()) taken.add(new Span(p.from(), p.to(), null));
        taken.sort(Comparator.comparingDouble(Span::from));
        Span best = null;
        double from = Math.max(0, solid.clearFrom()), end = Math.min(strip.length(), solid.clearTo());
        taken.add(new Span(end, end, null));
        for (Span t : taken) {
            double to = Math.min(t.from(), end);
            if (to > from && (best == null || to - from > best.to() - best.from())) best = new Span(from, to, null);
            from = Math.max(from, t.to());
        }
        return best;
    }
}
