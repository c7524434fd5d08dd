package org.leanlintel.core.picture;

import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.ElementId;

/** A plan: which drawing, of which storey, in what letters. @param also drawings whose strings and notes show in it too */
record PlanOf(ElementId drawing, ElementId storey, Lettering lettering, List<ElementId> also) {

    /** Whether what is written in a drawing shows in this one. */
    boolean shows(Annotation annotation) {
        return annotation.drawing().equals(drawing) || also.contains(annotation.drawing());
    }

    Look look(Building building) {
        return building.get(new Look.Of(drawing));
    }

    @Override
    public int hashCode() {
        return drawing.hashCode();
    }
}
