package org.leanlintel.core.edit.note;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;

/** Draws a revision cloud. @param ring its outline, not repeating the first point; @param issue the number in its triangle */
public record DrawCloud(ElementId drawing, ElementId layer, List<Vec> ring, String issue) implements Edit {

    public DrawCloud {
        ring = List.copyOf(ring);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, layer);
    }

    @Override
    public Outcome on(Building building) {
        Cloud made = new Cloud(new NewIds(building.model()).next(), layer, drawing, ring, issue);
        return Change.to(building.model(), "draw a revision cloud", List.of(made), List.of());
    }
}
