package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.dimension.FigureWords;
import org.leanlintel.core.dimension.Measured;
import org.leanlintel.core.dimension.SlopeWords;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.TextBox;

/** Angles, radii, lengths of arcs, slopes and areas as ISO 129-1 draws them, in the style of the lens. Sizes on paper. */
final class DimensionPainter {

    /** From a line to its figure, how far lines run on beyond it, and between a thing and its extension line. */
    private static final double CLEAR_MM = 0.8, OVERSHOOT_MM = 1.5, GAP_MM = 1;
    /** How long the arrow of a slope is. */
    private static final double FALL_MM = 12;
    /** Half the cross at the centre of a radius. */
    private static final double CENTRE_MM = 1.2;
    /** Where along an arc its figure may stand. */
    private static final double[] ALONG = {0.5, 0.42, 0.58, 0.35, 0.65, 0.28, 0.72, 0.2, 0.8};
    /** How high the arc over the figure of an arc's length is, in heights of letters; and how wide it is at least. */
    private static final double HAT = 0.35, HAT_MM = 2;

    private final Dimension dimension;
    private final Building building;
    private final Lettering lettering;
    private final StringStyle style;
    private final FigureWords words;
    private final UnitSystem units;
    private final double scale;
    private final Pens pens;
    private final Around around;

    DimensionPainter(Dimension dimension, Building building, Lettering lettering, Look look, Around around) {
        this.around = around;
        this.dimension = dimension;
        this.building = building;
        this.lettering = lettering;
        style = building.model().get(look.lens().strings(), StringStyle.class);
        units = look.units();
        words = FigureWords.of(style, units);
        scale = look.drawing().scale();
        pens = new Pens(look.lens());
    }

    Group paint() {
        switch (Measured.of(dimension, building)) {
            case Measured.Sector s -> sector(s);
            case Measured.Arc a -> {
                if (dimension.of() instanceof Dimension.Radius) radius(a);
                else arcLength(a);
            }
            case Measured.Fall f -> fall(f);
            case Measured.Patch p -> patch(p);
            case null -> {}
        }
        return new Group(dimension.id(), dimension.layer(), pens.items(), List.of());
    }

    private void sector(Measured.Sector s) {
        double radius = dimension.at().distanceTo(s.vertex());
        extension(s.vertex(), s.from(), s.one(), radius);
        extension(s.vertex(), s.from() + s.sweep(), s.other(), radius);
        arc(s.vertex(), radius, s.from(), s.sweep());
        figure(s.vertex(), radius, s.from(), s.sweep(), degrees(s.sweep()));
    }

    /** To a tenth of a degree, as far as it has one. */
    private static String degrees(double angle) {
        return String.format(Locale.ROOT, "%.1f", Math.toDegrees(angle)).replace(".0", "") + "\u00b0";
    }

    /** From where a side's line ends to the arc. */
    private void extension(Vec vertex, double way, Measured.Reach reach, double radius) {
        Vec along = Vec.ofAngle(way);
        double gap = GAP_MM * scale, over = OVERSHOOT_MM * scale;
        if (radius > reach.farMm() + gap)
            pens.line(
                    PenRole.DIMENSION,
                    vertex.along(along, Math.max(0, reach.farMm()) + gap),
                    vertex.along(along, radius + over));
        else if (radius < reach.nearMm() - gap)
            pens.line(PenRole.DIMENSION, vertex.along(along, reach.nearMm() - gap), vertex.along(along, radius - over));
    }

    private void arc(Vec centre, double radius, double from, double sweep) {
        pens.add(new Item.Arc(PenRole.DIMENSION, pens.pen(PenRole.DIMENSION), centre, radius, from, sweep));
        end(centre, radius, from, Math.signum(sweep), Math.abs(sweep) * radius);
        end(centre, radius, from + sweep, -Math.signum(sweep), Math.abs(sweep) * radius);
    }

    /** @param inwards whether the arc runs on counter-clockwise from here, 1 or -1 */
    private void end(Vec centre, double radius, double angle, double inwards, double length) {
        Vec along = Vec.ofAngle(angle).left().times(-inwards);
        new Terminators(style.terminator(), along, Lettering.readable(along.angle()), scale, pens)
                .paint(centre.along(Vec.ofAngle(angle), radius), length, 0);
    }

    /**
     * Along the arc, on the side of it that is upper as it is read: over its middle, or as near to that as nothing is drawn.
     *
     * @return as it was set
     */
    private Item.Text figure(Vec centre, double radius, double from, double sweep, String says) {
        Item.Text middle = null;
        for (double part : ALONG) {
            Vec out = Vec.ofAngle(from + sweep * part);
            double reading = Lettering.readable(out.left().angle());
            Vec base = centre.along(out, radius).along(Vec.ofAngle(reading).left(), CLEAR_MM * scale);
            Item.Text set = lettering.set(says, base, reading, style.letterMm(), Lettering.Align.CENTRE, false);
            if (middle == null) middle = set;
            if (isFree(set)) {
                pens.add(set);
                return set;
            }
        }
        Item.Text best = Objects.requireNonNull(middle);
        pens.onPaper(best, scale, lettering);
        return best;
    }

    private boolean isFree(Item.Text words) {
        Bounds box = TextBox.of(words, scale, lettering).bounds();
        Around.Near near = around.near(box);
        return near.solid().isEmpty() && near.light().isEmpty();
    }

    /** Words that stand where they stand: on paper of their own where something is drawn. */
    private void said(Item.Text words) {
        if (isFree(words)) pens.add(words);
        else pens.onPaper(words, scale, lettering);
    }

    /** An arrow down it, its slope over it. */
    private void fall(Measured.Fall f) {
        Vec down = f.to().minus(f.from()).unit();
        double half = FALL_MM / 2 * scale;
        Vec high = dimension.at().along(down, -half), low = dimension.at().along(down, half);
        pens.line(PenRole.DIMENSION, high, low);
        if (f.tan() > 0)
            new Terminators(StringStyle.Terminator.ARROW, down.times(-1), 0, scale, pens).paint(low, 2 * half, 0);
        double reading = Lettering.readable(down.angle());
        Vec base = dimension.at().along(Vec.ofAngle(reading).left(), CLEAR_MM * scale);
        said(lettering.set(
                SlopeWords.of(f.tan(), units), base, reading, style.letterMm(), Lettering.Align.CENTRE, false));
    }

    /** Its outline, and how much lies within. */
    private void patch(Measured.Patch p) {
        List<Vec> closed = new ArrayList<>(p.ring());
        closed.add(p.ring().getFirst());
        pens.line(PenRole.DIMENSION, closed);
        Vec base = dimension.at().plus(new Vec(0, -style.letterMm() / 2 * scale));
        said(lettering.set(
                AreaPrinter.print(p.area().mm2(), units), base, 0, style.letterMm(), Lettering.Align.CENTRE, false));
    }

    private void radius(Measured.Arc arc) {
        Vec out = dimension.at().minus(arc.centre());
        if (out.length() < scale) return;
        out = out.unit();
        Vec tip = arc.centre().along(out, arc.radiusMm());
        boolean within = dimension.at().distanceTo(arc.centre()) < arc.radiusMm();
        pens.line(PenRole.DIMENSION, tip, dimension.at());
        double length = tip.distanceTo(dimension.at());
        new Terminators(StringStyle.Terminator.ARROW, within ? out : out.times(-1), 0, scale, pens)
                .paint(tip, length, 0);
        for (Vec half : List.of(new Vec(CENTRE_MM * scale, 0), new Vec(0, CENTRE_MM * scale)))
            pens.line(PenRole.DIMENSION, arc.centre().minus(half), arc.centre().plus(half));
        boolean toTheRight = (within ? -out.x() : out.x()) >= 0;
        lines(
                "R ",
                arc.radiusMm(),
                dimension.at().plus(new Vec((toTheRight ? 1 : -1) * CLEAR_MM * scale, 0)),
                toTheRight);
    }

    private void lines(String before, double mm, Vec at, boolean toTheRight) {
        Lettering.Align align = toTheRight ? Lettering.Align.LEFT : Lettering.Align.RIGHT;
        Vec base = at.plus(new Vec(0, -style.letterMm() / 2 * scale));
        for (String l : printed(mm)) {
            said(lettering.set(before + l, base, 0, style.letterMm(), align, false));
            base = base.plus(new Vec(
                    0, -StringFigures.rowMm(style, words) / words.lengths().size() * scale));
        }
    }

    private List<String> printed(double mm) {
        List<String> printed = new ArrayList<>();
        for (LengthPrinter l : words.lengths()) printed.add(l.print(l.rounded(mm)));
        return printed;
    }

    private void arcLength(Measured.Arc arc) {
        double radius = dimension.at().distanceTo(arc.centre());
        for (double angle : List.of(arc.from(), arc.from() + arc.sweep()))
            extension(arc.centre(), angle, new Measured.Reach(arc.radiusMm(), arc.radiusMm()), radius);
        arc(arc.centre(), radius, arc.from(), arc.sweep());
        String says = String.join("  ", printed(arc.lengthMm()));
        Item.Text figure = figure(arc.centre(), radius, arc.from(), arc.sweep(), says);
        hat(figure.at(), figure.angle(), lettering.width(says, style.letterMm(), false));
    }

    /** The arc over a figure that says that it is the length of one. */
    private void hat(Vec base, double reading, double widthMm) {
        double half = Math.max(widthMm, HAT_MM) / 2 * scale, high = HAT * style.letterMm() * scale;
        double radius = (half * half + high * high) / (2 * high);
        Vec up = Vec.ofAngle(reading).left();
        Vec centre = base.along(up, (style.letterMm() + CLEAR_MM / 2) * scale + high - radius);
        double sweep = 2 * Math.asin(half / radius);
        double from = up.angle() - sweep / 2;
        pens.add(new Item.Arc(PenRole.DIMENSION, pens.pen(PenRole.DIMENSION), centre, radius, from, sweep));
    }
}
