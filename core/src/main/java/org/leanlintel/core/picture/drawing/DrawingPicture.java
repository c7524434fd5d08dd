package org.leanlintel.core.picture.drawing;

import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;

/** One drawing of one revision. */
public sealed interface DrawingPicture permits Plan, WholePicture {

    /** @throws org.leanlintel.core.model.MissingElement if the drawing is not in the building's model */
    static DrawingPicture of(Building building, ElementId drawing, Lettering lettering) {
        return building.model().get(drawing, Drawing.class).kind() == Drawing.Kind.PLAN
                ? Plan.of(building, drawing, lettering)
                : new WholePicture(building, drawing, lettering);
    }

    Picture picture();

    /** What differs from {@code other}, by element. */
    default Picture.Difference since(DrawingPicture other) {
        return picture().since(other.picture());
    }
}
