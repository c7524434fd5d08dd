package org.leanlintel.core.picture;

import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.ElementId;

/** A plan: which drawing, of which storey, in what letters. */
record PlanOf(ElementId drawing, ElementId storey, Lettering lettering) {

    Look look(Building building) {
        return building.get(new Look.Of(drawing));
    }

    @Override
    public int hashCode() {
        return drawing.hashCode();
    }
}
