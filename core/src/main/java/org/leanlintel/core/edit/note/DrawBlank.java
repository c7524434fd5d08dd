package org.leanlintel.core.edit.note;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Blank;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;

/** Lays a blank over a drawing. @param ring its outline, not repeating the first point */
public record DrawBlank(ElementId drawing, ElementId layer, List<Vec> ring) implements Edit {

    public DrawBlank {
        ring = List.copyOf(ring);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, layer);
    }

    @Override
    public Outcome on(Building building) {
        Blank made = new Blank(new NewIds(building.model()).next(), layer, drawing, ring);
        return Change.to(building.model(), "lay a blank", List.of(made), List.of());
    }
}
