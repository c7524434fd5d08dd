package org.leanlintel.core.edit.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BoundaryLine;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Draws sides of the plot from corner to corner. @param closed whether one leads from the last back to the first */
public record DrawBoundary(ElementId layer, List<Vec> corners, boolean closed) implements Edit {

    private static final int MOST = 200;

    public DrawBoundary {
        corners = List.copyOf(corners);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(layer);
    }

    @Override
    public Outcome on(Building building) {
        if (corners.size() < 2) return Refusal.because("The side of a plot has two ends.");
        if (corners.size() > MOST) return Refusal.because("A plot is drawn with %d corners at most.".formatted(MOST));
        NewIds ids = new NewIds(building.model());
        List<Element> put = new ArrayList<>();
        int sides = closed && corners.size() > 2 ? corners.size() : corners.size() - 1;
        for (int i = 0; i < sides; i++) {
            Vec from = corners.get(i), to = corners.get((i + 1) % corners.size());
            if (Tolerance.same(from, to)) return Refusal.because("Two corners of the plot lie in one place.");
            put.add(new BoundaryLine(ids.next(), layer, from, to));
        }
        String words = sides == 1 ? "draw a side of the plot" : "draw %d sides of the plot".formatted(sides);
        return Change.to(building.model(), words, put, List.of());
    }
}
