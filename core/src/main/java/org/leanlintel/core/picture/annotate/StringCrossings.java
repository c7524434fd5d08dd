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
record StringCrossings(ElementId string, ElementId shownOn) implements Key<List<FigureRow.Band>> {

    /** On paper: a part so short may have its figure a row up; how far along a string such a figure may reach. */
    private static final double CROWDED_MM = 9, BESIDE_MM = 10;
    /** On paper: how far past a string's ends its figures may stand. */
    private static final double BEYOND = 30;

    @Override
    public List<FigureRow.Band> from(Reads reads) {
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

        Search(DimensionString string, Drawing shownOn, Building building) {
            this.string = string;
            this.building = building;
            line = new Line(string.at(), string.direction());
            scale = shownOn.scale();
        }

        private List<FigureRow.Band> along(List<Held> points) {
            List<FigureRow.Band> crossing = new ArrayList<>();
            Bounds figures = Bounds.of(List.of(
                            at(points.getFirst().position()),
                            at(points.getLast().position())))
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
            for (GridLine g : building.model().all(GridLine.class)) {
                Line grid = Line.between(g.from(), g.to());
                boolean square = Math.abs(grid.direction().dot(line.direction())) <= Tolerance.PARALLEL_SINE;
                double along = grid.along(string.at());
                if (square && along > 0 && along < g.from().distanceTo(g.to()))
                    crossing.add(band(g.from().dot(line.direction()), 0, 0));
            }
            return crossing;
        }

        /** A string square to this one, and its figures over it. */
        private FigureRow.Band withFigures(StringReach other) {
            Vec up = Vec.ofAngle(Lettering.readable(other.direction().angle())).left();
            boolean crowded = other.isCrowded(string.at(), CROWDED_MM * scale, BESIDE_MM * scale);
            StringStyle style = string.style(building.model());
            FigureWords words =
                    FigureWords.of(style, building.model().settings().units());
            double rows = StringFigures.CLEAR_MM + style.letterMm() + (crowded ? StringFigures.rowMm(style, words) : 0);
            double over = up.dot(line.direction()) * rows;
            return band(other.at().dot(line.direction()), Math.min(0, over), Math.max(0, over));
        }

        private FigureRow.Band band(double position, double below, double above) {
            return new FigureRow.Band(position / scale + below, position / scale + above);
        }

        private Vec at(double position) {
            return line.at(position - string.at().dot(string.direction()));
        }
    }
}
