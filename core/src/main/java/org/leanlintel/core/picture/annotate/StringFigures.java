package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Objects;
import org.leanlintel.core.building.feature.HeldPoints.Held;
import org.leanlintel.core.dimension.FigureWords;
import org.leanlintel.core.dimension.OwnParts;
import org.leanlintel.core.dimension.StringParts;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.OwnPart;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Pens;

/**
 * The figures of a string, readable from the bottom or the right (ISO 129-1): of a chain over their parts, clear of each other;
 * of a running string along the lines of its points. Positions are rounded, not parts, so the parts add up to the overall.
 */
final class StringFigures {

    /** On paper: from the line up to figures. */
    static final double CLEAR_MM = 0.8;

    /** On paper: from the line down to figures under it, clear of its strokes. */
    private static final double UNDER_MM = 2;

    /** From one base line to the next, in heights of letters. */
    private static final double PITCH = 1.44;
    /** On paper: how far the ground of a figure reaches beyond it. */
    private static final double GROUND_MM = 0.5;

    private final DimensionString string;
    private final StringStyle style;
    private final FigureWords words;
    private final OwnParts own;
    private final Lettering lettering;
    private final double scale;
    private final Pens pens;
    private final Line line;
    private final double reading;
    private final List<Held> points;

    StringFigures(
            DimensionString string,
            StringStyle style,
            FigureWords words,
            OwnParts own,
            List<Held> points,
            Lettering lettering,
            double scale,
            Pens pens) {
        this.string = string;
        this.style = style;
        this.words = words;
        this.own = own;
        this.points = points;
        this.lettering = lettering;
        this.scale = scale;
        this.pens = pens;
        line = new Line(string.at(), string.direction());
        reading = Lettering.readable(string.direction().angle());
    }

    /** From one row of figures to the next, on paper. */
    static double rowMm(StringStyle style, FigureWords words) {
        return PITCH * style.letterMm() * words.lengths().size();
    }

    private double pitch() {
        return PITCH * style.letterMm();
    }

    /** @param drawn what is drawn about the line */
    void chained(List<FigureRow.Box> drawn) {
        List<StringParts.Part> parts =
                StringParts.of(points, string.direction(), words.lengths().getFirst());
        List<PartWords> said = PartWords.of(points, string.direction(), words, own);
        IdentityHashMap<FigureRow.Figure, PartWords> free = new IdentityHashMap<>();
        List<FigureRow.Figure> inOrder = new ArrayList<>();
        List<FigureRow.Box> about = new ArrayList<>(drawn);
        for (int i = 0; i < parts.size(); i++) {
            StringParts.Part part = parts.get(i);
            OwnPart.Figure figure = own.figure(part.from(), part.to());
            PartWords here = said.get(i);
            double middle = part.middle() / scale, length = part.lengthMm() / scale, width = width(here);
            if (figure != null && figure.place() instanceof OwnPart.Put put) {
                put(here, middle, length, put);
                double at = middle + put.alongMm();
                about.add(new FigureRow.Box(
                        new FigureRow.Band(at - width / 2, at + width / 2), letters(put.upMm()), true));
            } else {
                FigureRow.Figure over = new FigureRow.Figure(here.lines().getFirst(), middle, length, width);
                inOrder.add(over);
                free.put(over, here);
            }
        }
        for (FigureRow.Set set : new FigureRow(about, row -> letters(lift(row))).place(inOrder)) {
            PartWords here = Objects.requireNonNull(free.get(set.figure()));
            double lift = lift(set.row());
            if (set.needsLeader()) leader(set.centreMm(), lift, set.figure().centreMm());
            set(here, set.centreMm(), lift, style.ground() || set.covers());
        }
    }

    /** What the lines of a figure take over a base. */
    private FigureRow.Band letters(double baseMm) {
        double over = pitch() * (words.lengths().size() - 1) + style.letterMm();
        return new FigureRow.Band(baseMm - CLEAR_MM / 4, baseMm + over + CLEAR_MM / 4);
    }

    private double width(PartWords here) {
        double widest = 0;
        for (String l : here.lines()) widest = Math.max(widest, lettering.width(l, style.letterMm(), false));
        return widest;
    }

    /** From the line to the base of the lowest row. */
    private double lift() {
        return style.figures() == StringStyle.Figures.ABOVE
                ? CLEAR_MM
                : -pitch() * (words.lengths().size() - 1) / 2 - style.letterMm() / 2;
    }

    /** The same of a row: above the line, or under it where that is less than 0. */
    private double lift(int row) {
        double high = rowMm(style, words);
        return row < 0 ? -UNDER_MM - style.letterMm() + (row + 1) * high : lift() + row * high;
    }

    /** Where the drafter put it, with a line to its part where it does not stand over that. */
    private void put(PartWords here, double middle, double length, OwnPart.Put put) {
        boolean over = Math.abs(put.alongMm()) <= length / 2 && Math.abs(put.upMm()) < 2 * rowMm(style, words);
        if (!over) leader(middle + put.alongMm(), put.upMm(), middle);
        set(here, middle + put.alongMm(), put.upMm(), style.ground());
    }

    /** From under a figure, or over one that stands below the line, to the middle of its part. */
    private void leader(double centreMm, double liftMm, double middleMm) {
        double edge = liftMm >= 0 ? liftMm - CLEAR_MM / 2 : liftMm + style.letterMm() + CLEAR_MM / 2;
        pens.line(PenRole.DIMENSION, at(centreMm, edge), at(middleMm, 0));
    }

    /** A point of the drawing. @param alongMm from the model's origin, on paper; @param upMm from the line, as it is read */
    private Vec at(double alongMm, double upMm) {
        return line.at(alongMm * scale - string.at().dot(string.direction())).along(string.up(), upMm * scale);
    }

    private void set(PartWords here, double centreMm, double baseMm, boolean ground) {
        double width = width(here);
        for (int i = 0; i < here.lines().size(); i++) {
            double base = baseMm + (here.lines().size() - 1 - i) * pitch();
            if (ground) ground(centreMm, base, width);
            pens.add(lettering.set(
                    here.lines().get(i), at(centreMm, base), reading, style.letterMm(), Lettering.Align.CENTRE, false));
        }
        if (here.typed())
            pens.line(
                    PenRole.CONSTRUCTION,
                    at(centreMm - width / 2, baseMm - CLEAR_MM / 2),
                    at(centreMm + width / 2, baseMm - CLEAR_MM / 2));
    }

    private void ground(double centreMm, double baseMm, double width) {
        double low = baseMm - GROUND_MM, high = baseMm + style.letterMm() + GROUND_MM, half = width / 2 + GROUND_MM;
        pens.ground(List.of(
                at(centreMm - half, low),
                at(centreMm + half, low),
                at(centreMm + half, high),
                at(centreMm - half, high)));
    }

    /** What a running string says of a point. @param origin the position it counts from */
    static List<String> fromOrigin(Held point, double origin, FigureWords words) {
        List<String> lines = new ArrayList<>();
        for (LengthPrinter l : words.lengths())
            lines.add(l.print(Math.abs(l.rounded(point.position()) - l.rounded(origin))));
        return lines;
    }

    /** Along the line of each point, from the string on, with what it is from the origin. @param origin its position */
    void running(double origin) {
        double angle = Lettering.readable(string.direction().left().angle());
        Vec base = Vec.ofAngle(angle), up = base.left();
        double last = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < points.size(); i++) {
            double position = points.get(i).position();
            List<String> lines = fromOrigin(points.get(i), origin, words);
            double at = Math.max(position / scale, last + pitch() * lines.size());
            last = at;
            for (int k = 0; k < lines.size(); k++) {
                double beside = (lines.size() - 1 - k) * pitch() + CLEAR_MM / 2;
                Vec foot = at(at, 0).along(base, CLEAR_MM * 2 * scale).along(up, beside * scale);
                pens.add(lettering.set(lines.get(k), foot, angle, style.letterMm(), Lettering.Align.LEFT, false));
            }
        }
    }
}
