package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.dimension.Measured;
import org.leanlintel.core.dimension.TypedFigures;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Measuring;

/** Dimensions that hold to what is there no more, or no longer shows what they measure. */
final class StringCheck {

    private final Building building;
    private final ElementId storey;

    StringCheck(Building building, ElementId storey) {
        this.building = building;
        this.storey = storey;
    }

    /** Told with the storey of its drawing. */
    List<Finding> findings(DimensionString string) {
        Drawing drawing = building.model().get(string.drawing(), Drawing.class);
        List<Finding> findings = new ArrayList<>();
        if (!drawing.storey().equals(storey)) return findings;
        List<Hold> lost =
                string.holds().stream().filter(Hold.Lost.class::isInstance).toList();
        List<Hold> unmet = string.holds().stream()
                .filter(h -> HeldPoints.of(h, string, building) == null)
                .toList();
        if (!lost.isEmpty())
            findings.add(finding(
                    string,
                    "A dimension string of %s has %s where what it held to was deleted."
                            .formatted(drawing.name(), points(lost)),
                    "Take the point out of it, and pick what it is to hold to."));
        if (!unmet.isEmpty())
            findings.add(finding(
                    string,
                    "A dimension string of %s does not show %s: its line no longer meets what it holds to."
                            .formatted(drawing.name(), points(unmet)),
                    "Move the string, or draw it anew."));
        for (TypedFigures.Contradiction c : TypedFigures.of(string, building))
            findings.add(finding(
                    string,
                    "A dimension string of %s says \"%s\" where it measures %s."
                            .formatted(drawing.name(), c.says(), c.measured()),
                    "Let it say what it measures, or move what it measures."));
        return findings;
    }

    List<Finding> findings(Dimension dimension) {
        Drawing drawing = building.model().get(dimension.drawing(), Drawing.class);
        if (!drawing.storey().equals(storey) || Measured.of(dimension, building) != null) return List.of();
        String what =
                switch (dimension.of()) {
                    case Dimension.Angle a -> "An angle";
                    case Dimension.Radius r -> "The measure of an arc";
                    case Dimension.ArcLength l -> "The measure of an arc";
                    case Dimension.Slope s -> "A slope";
                    case Dimension.Surface s -> "An area";
                };
        return List.of(finding(
                dimension,
                dimension.at(),
                "%s of %s is not shown: what it holds to has none any more.".formatted(what, drawing.name()),
                "Delete it, or draw it anew."));
    }

    private Finding finding(DimensionString string, String sentence, String remedy) {
        return finding(string, string.at(), sentence, remedy);
    }

    private Finding finding(Measuring of, Vec at, String sentence, String remedy) {
        return new Finding(Finding.Kind.STRING, sentence, remedy, List.of(of.id()), storey, at, "");
    }

    private static String points(List<Hold> holds) {
        return holds.size() == 1 ? "a point" : holds.size() + " points";
    }
}
