package org.leanlintel.core.picture;

import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;

/**
 * A plan: which drawing, of which storey, in what letters.
 *
 * @param also drawings whose strings and notes show in it too
 * @param alike other plans of the storey through the same lens, whose strings and notes show in it where they say so
 */
public record PlanOf(
        ElementId drawing, ElementId storey, Lettering lettering, List<ElementId> also, List<ElementId> alike) {

    public static PlanOf of(Drawing drawing, Lettering lettering, Model model) {
        List<ElementId> alike = model.all(Drawing.class).stream()
                .filter(drawing::isAlike)
                .map(Drawing::id)
                .toList();
        return new PlanOf(drawing.id(), drawing.storey(), lettering, drawing.also(), alike);
    }

    /** Whether what is written in a drawing shows in this one. */
    public boolean shows(Annotation annotation) {
        ElementId written = annotation.drawing();
        return written.equals(drawing) || also.contains(written) || annotation.throughLens() && alike.contains(written);
    }

    public Look look(Building building) {
        return building.get(new Look.Of(drawing));
    }

    @Override
    public int hashCode() {
        return drawing.hashCode();
    }
}
