package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints.Held;
import org.leanlintel.core.dimension.FigureWords;
import org.leanlintel.core.dimension.OwnParts;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Picture;

/** What the dimension strings of a drawing measure, part by part, for writers whose readers know dimensions. */
public final class ToldParts {

    /**
     * A part of a string, in the drawing's own millimetres.
     *
     * @param from its ends on the string's line, and {@code to}
     * @param measuredFrom what is measured there, and {@code measuredTo}
     * @param says its figure, one line for each unit
     */
    public record Part(Vec from, Vec to, Vec measuredFrom, Vec measuredTo, List<String> says) {}

    private ToldParts() {}

    /** Those of the chained strings that a picture shows, by string, in the order they run. */
    public static Map<ElementId, List<Part>> of(Picture picture, Building building) {
        Map<ElementId, List<Part>> all = new LinkedHashMap<>();
        for (Group g : picture.groups())
            if (building.model().find(g.element()) instanceof DimensionString s
                    && s.kind() == DimensionString.Kind.CHAINED) {
                List<Part> parts = parts(s, building);
                if (!parts.isEmpty()) all.put(s.id(), parts);
            }
        return all;
    }

    private static List<Part> parts(DimensionString string, Building building) {
        Line line = new Line(string.at(), string.direction());
        Vec across = string.direction().left();
        double start = string.at().dot(string.direction()), here = string.at().dot(across);
        List<Held> points =
                building.get(new StringReach.Of(string.drawing(), string.id())).points();
        FigureWords words = FigureWords.of(
                string.style(building.model()), building.model().settings().units());
        List<PartWords> says = PartWords.of(points, string.direction(), words, new OwnParts(string, building));
        List<Part> parts = new ArrayList<>();
        for (int i = 1; i < points.size(); i++) {
            Held one = points.get(i - 1), two = points.get(i);
            Vec from = line.at(one.position() - start), to = line.at(two.position() - start);
            parts.add(new Part(
                    from,
                    to,
                    from.along(across, one.reachTo() - here),
                    to.along(across, two.reachTo() - here),
                    says.get(i - 1).lines()));
        }
        return parts;
    }
}
