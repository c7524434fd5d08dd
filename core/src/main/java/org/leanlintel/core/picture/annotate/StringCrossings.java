package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints.Held;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.dimension.FigureWords;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.GridLine;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.picture.Lettering;

/**
 * Where lines run across a string's figures: extension lines of other strings, strings square to it, grid lines.
 *
 * @param shownOn the drawing whose scale it is shown at; its own, or one that shows the strings of that too
 */
record StringCrossings(ElementId string, ElementId shownOn) implements Key<List<FigureRow.Box>> {

    /** On paper: a part so short may have its figure a row up; how far along a string such a figure may reach. */
    private static final double CROWDED_MM = 9, BESIDE_MM = 10;
    /** On paper: how far past a string's ends its figures may stand. */
    private static final double BEYOND = 30;

    private static final FigureRow.Band EVERYWHERE =
            new FigureRow.Band(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);

    @Override
    public List<FigureRow.Box> from(Reads reads) {
        Building building = Building.in(reads);
        DimensionString of = reads.model().get(string, DimensionString.class);
        List<Held> points = reads.get(new StringReach.Of(of.drawing(), string)).points();
        return points.size() < 2
                ? List.of()
                : List.copyOf(new Search(of, reads.model().get(shownOn, Drawing.class), building).along(points));
    }

    private static final class Search {

        private final DimensionString string;
        private final Building building;
        private final Line line;
        private final double scale;
        private final StringStyle style;
        private final FigureWords words;

        Search(DimensionString string, Drawing shownOn, Building building) {
            this.string = string;
            this.building = building;
            line = new Line(string.at(), string.direction());
            scale = shownOn.scale();
            style = string.style(building.model());
            words = FigureWords.of(style, building.model().settings().units());
        }

        private List<FigureRow.Box> along(List<Held> points) {
            List<FigureRow.Box> crossing = new ArrayList<>();
            Bounds figures = Bounds.of(List.of(
                            at(points.getFirst().position()),
                            at(points.getLast().position())))
                    .grown(BEYOND * scale);
            for (StringReach.Of there : building.lying(new StringReach.Strings(string.drawing()), figures)) {
                if (there.string().equals(string.id())) continue;
                StringReach other = building.get(there);
                if (other.points().isEmpty()) continue;
                if (Math.abs(other.direction().cross(line.direction())) <= Tolerance.PARALLEL_SINE)
                    alongside(other, crossing);
                if (Math.abs(other.direction().dot(line.direction())) <= Tolerance.PARALLEL_SINE) {
                    crossing.add(withFigures(other));
                    for (Held h : other.points()) crossing.add(extension(other, h));
                }
            }
            for (GridLine g : building.model().all(GridLine.class)) {
                Line grid = Line.between(g.from(), g.to());
                boolean square = Math.abs(grid.direction().dot(line.direction())) <= Tolerance.PARALLEL_SINE;
                double along = grid.along(string.at());
                if (square && along > 0 && along < g.from().distanceTo(g.to()))
                    crossing.add(box(g.from().dot(line.direction()), 0, 0, EVERYWHERE));
            }
            return crossing;
        }

        /** The extension lines of a string that runs the same way, its line and the figures over that. */
        private void alongside(StringReach other, List<FigureRow.Box> crossing) {
            Vec across = line.direction().left();
            double here = string.at().dot(across), there = other.at().dot(across) - here;
            for (Held h : other.points()) crossing.add(box(h.position(), 0, 0, up(there, h.reachTo() - here)));
            FigureRow.Band row = up(there, there);
            crossing.add(new FigureRow.Box(
                    new FigureRow.Band(
                            other.points().getFirst().position() / scale,
                            other.points().getLast().position() / scale),
                    new FigureRow.Band(row.fromMm(), row.toMm() + StringFigures.CLEAR_MM + lettersMm()),
                    true));
        }

        /** A string square to this one, and its figures over it. */
        private FigureRow.Box withFigures(StringReach other) {
            Vec up = Vec.ofAngle(Lettering.readable(other.direction().angle())).left();
            boolean crowded = other.isCrowded(string.at(), CROWDED_MM * scale, BESIDE_MM * scale);
            double rows = StringFigures.CLEAR_MM + lettersMm() + (crowded ? StringFigures.rowMm(style, words) : 0);
            double over = up.dot(line.direction()) * rows;
            double one = along(other, other.points().getFirst()),
                    two = along(other, other.points().getLast());
            return box(other.at().dot(line.direction()), Math.min(0, over), Math.max(0, over), up(one, two));
        }

        /** The extension line of a point of a string square to this one: it runs the same way as ours. */
        private FigureRow.Box extension(StringReach other, Held point) {
            Vec across = other.direction().left();
            double from = other.at().dot(line.direction());
            double to = from + (point.reachTo() - other.at().dot(across)) * across.dot(line.direction());
            double up = along(other, point);
            return new FigureRow.Box(
                    new FigureRow.Band(Math.min(from, to) / scale, Math.max(from, to) / scale), up(up, up), true);
        }

        /** How far to the left of our line a point of a string square to it lies, model millimetres. */
        private double along(StringReach other, Held point) {
            double on = point.position() - other.at().dot(other.direction());
            return other.at()
                    .along(other.direction(), on)
                    .minus(string.at())
                    .dot(line.direction().left());
        }

        /** From what is told to the left of our line, in model millimetres, to what is over it as it is read, on paper. */
        private FigureRow.Band up(double one, double other) {
            double side = string.up().dot(line.direction().left());
            return new FigureRow.Band(
                    Math.min(one * side, other * side) / scale, Math.max(one * side, other * side) / scale);
        }

        private double lettersMm() {
            return StringFigures.rowMm(style, words)
                            * (words.lengths().size() - 1)
                            / words.lengths().size()
                    + style.letterMm();
        }

        private FigureRow.Box box(double position, double below, double above, FigureRow.Band up) {
            return new FigureRow.Box(new FigureRow.Band(position / scale + below, position / scale + above), up, true);
        }

        private Vec at(double position) {
            return line.at(position - string.at().dot(string.direction()));
        }
    }
}
