package org.leanlintel.core.picture;

import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
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

    /** That of a drawing. As long as it says the same it is the same one, so that keys are told alike at a glance. */
    public record Of(ElementId drawing, Lettering lettering) implements Key<PlanOf> {
        @Override
        public PlanOf from(Reads reads) {
            Model model = Building.in(reads).model();
            Drawing of = model.get(drawing, Drawing.class);
            List<ElementId> alike = model.all(Drawing.class).stream()
                    .filter(of::isAlike)
                    .map(Drawing::id)
                    .toList();
            return new PlanOf(drawing, of.storey(), lettering, of.also(), alike);
        }

        @Override
        public int hashCode() {
            return drawing.hashCode();
        }
    }

    /** @throws org.leanlintel.core.model.MissingElement if the drawing is not in the building's model */
    public static PlanOf of(ElementId drawing, Lettering lettering, Building building) {
        return building.get(new Of(drawing, lettering));
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
