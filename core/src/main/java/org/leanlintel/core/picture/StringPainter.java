package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.HeldPoints.Held;
import org.leanlintel.core.dimension.StringParts;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.PenRole;

/**
 * A dimension string as ISO 129-1 draws it on building drawings: an unbroken line, oblique strokes, figures above the
 * line, readable from the bottom or the right. Positions are rounded, not parts, so the parts add up to the overall.
 */
final class StringPainter {

    /** On paper, millimetres. ISO 129-1 and trade practice. */
    private static final double GAP_AT_FEATURE = 1.5, OVERSHOOT = 1.5, STROKE = 3.0, CLEAR_OF_LINE = 0.8;
    /** On paper: half as wide as the ring round a point whose thing has gone. */
    private static final double LOST = 2;
    /** On paper: a part so short may have its figure a row up; how far along a string such a figure may reach. */
    private static final double CROWDED_MM = 9, BESIDE_MM = 10;
    /** On paper: how far past a string's ends its figures may stand. */
    private static final double BEYOND = 30;

    private final DimensionString string;
    private final LengthPrinter lengths;
    private final Lettering lettering;
    private final double scale;
    private final Pens pens;
    private final Line line;
    private final List<Held> points;
    private final List<FigureRow.Band> crossing;

    StringPainter(DimensionString string, Building building, Lettering lettering, Look look) {
        this.string = string;
        this.lettering = lettering;
        scale = look.drawing().scale();
        pens = new Pens(look.lens());
        lengths = LengthPrinter.ofDrawings(look.units());
        line = new Line(string.at(), string.direction());
        StringReach reach = building.get(new StringReach.Of(string.drawing(), string.id()));
        points = reach.points();
        crossing = crossing(building);
    }

    /** Where lines of the other strings of the drawing run across this one's figures: extension lines, and those square to it. */
    private List<FigureRow.Band> crossing(Building building) {
        List<FigureRow.Band> crossing = new ArrayList<>();
        if (points.size() < 2) return crossing;
        Bounds figures = Bounds.of(List.of(
                        at(points.getFirst().position()), at(points.getLast().position())))
                .grown(BEYOND * scale);
        Vec across = line.direction().left();
        double here = string.at().dot(across);
        for (StringReach.Of there : building.lying(new StringReach.Strings(string.drawing()), figures)) {
            if (there.string().equals(string.id())) continue;
            StringReach other = building.get(there);
            if (Math.abs(other.direction().cross(line.direction())) <= Tolerance.PARALLEL_SINE)
                for (Held h : other.points())
                    if (other.crosses(h, here, across)) crossing.add(band(h.position(), 0, 0));
            if (Math.abs(other.direction().dot(line.direction())) <= Tolerance.PARALLEL_SINE
                    && other.spans(string.at())) crossing.add(withFigures(other));
        }
        return crossing;
    }

    /** A string square to this one, and its figures over it. */
    private FigureRow.Band withFigures(StringReach other) {
        Vec up = Vec.ofAngle(Lettering.readable(other.direction().angle())).left();
        boolean crowded = other.isCrowded(string.at(), CROWDED_MM * scale, BESIDE_MM * scale);
        double rows = CLEAR_OF_LINE + Lettering.NOTE_MM + (crowded ? FigureRow.PITCH_MM : 0);
        double over = up.dot(line.direction()) * rows;
        return band(other.at().dot(line.direction()), Math.min(0, over), Math.max(0, over));
    }

    private FigureRow.Band band(double position, double below, double above) {
        return new FigureRow.Band(position / scale + below, position / scale + above);
    }

    Group paint() {
        if (points.size() >= 2) draw();
        return new Group(string.id(), string.layer(), pens.items(), List.of());
    }

    private void draw() {
        double over = OVERSHOOT * scale;
        pens.line(
                PenRole.DIMENSION,
                at(points.getFirst().position() - over),
                at(points.getLast().position() + over));
        for (Held h : points) {
            extension(h);
            stroke(at(h.position()));
        }
        figures();
        for (Hold hold : string.holds()) if (hold instanceof Hold.Lost lost) lost(lost);
    }

    /** Round the stroke of a point whose thing has gone, in a warning ink. */
    private void lost(Hold.Lost lost) {
        Vec at = at(lost.at().dot(string.direction()));
        pens.add(new Item.Arc(
                PenRole.DIMENSION, pens.pen(PenRole.DIMENSION).inked(Inks.WARNING), at, LOST * scale, 0, Math.TAU));
    }

    private Vec at(double position) {
        return line.at(position - string.at().dot(string.direction()));
    }

    private void extension(Held held) {
        Vec across = line.direction().left();
        double here = string.at().dot(across);
        if (here >= held.reachFrom() && here <= held.reachTo()) return;
        double away = here > held.reachTo() ? 1 : -1;
        double feature = away > 0 ? held.reachTo() : held.reachFrom();
        double length = Math.abs(here - feature) - GAP_AT_FEATURE * scale;
        if (length <= 0) return;
        Vec foot = at(held.position());
        pens.line(PenRole.DIMENSION, foot.along(across, -away * length), foot.along(across, away * OVERSHOOT * scale));
    }

    /** Rising left to right as the string is read. */
    private void stroke(Vec at) {
        Vec slant = Vec.ofAngle(readingAngle() + Math.PI / 4).times(STROKE * scale / 2);
        pens.line(PenRole.TICK, at.minus(slant), at.plus(slant));
    }

    /** Upright from the bottom or the right: above -90 and up to 90 degrees. */
    private double readingAngle() {
        return Lettering.readable(string.direction().angle());
    }

    private void figures() {
        List<FigureRow.Figure> figures = new ArrayList<>();
        for (StringParts.Part part : StringParts.of(points, string.direction(), lengths)) {
            String text = lengths.print(part.saidMm());
            figures.add(new FigureRow.Figure(
                    text,
                    part.middle() / scale,
                    part.lengthMm() / scale,
                    lettering.width(text, Lettering.NOTE_MM, false)));
        }
        Vec up = Vec.ofAngle(readingAngle()).left();
        for (FigureRow.Set set : FigureRow.place(figures, crossing)) {
            double lift = (CLEAR_OF_LINE + set.row() * FigureRow.PITCH_MM) * scale;
            Vec base = at(set.centreMm() * scale).along(up, lift);
            if (set.needsLeader())
                pens.line(
                        PenRole.DIMENSION,
                        base.along(up, -CLEAR_OF_LINE / 2 * scale),
                        at(set.figure().centreMm() * scale));
            pens.add(lettering.set(
                    set.figure().text(), base, readingAngle(), Lettering.NOTE_MM, Lettering.Align.CENTRE, false));
        }
    }
}
