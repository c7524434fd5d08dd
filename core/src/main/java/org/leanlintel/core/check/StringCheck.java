package org.leanlintel.core.check;

import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;

/** Dimension strings with points that hold to what is there no more. */
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
        List<Hold.Lost> lost = string.holds().stream()
                .filter(Hold.Lost.class::isInstance)
                .map(Hold.Lost.class::cast)
                .toList();
        if (!drawing.storey().equals(storey) || lost.isEmpty()) return List.of();
        String points = lost.size() == 1 ? "a point" : lost.size() + " points";
        return List.of(new Finding(
                Finding.Kind.STRING,
                "A dimension string of %s has %s where what it held to was deleted.".formatted(drawing.name(), points),
                "Take the point out of it, and pick what it is to hold to.",
                List.of(string.id()),
                storey,
                lost.getFirst().at(),
                ""));
    }
}
