package org.leanlintel.core.picture;

import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;

/** One drawing of one revision. */
public sealed interface DrawingPicture permits Plan, BuildUpSchedule, WholePicture {

    /** @throws org.leanlintel.core.model.MissingElement if the drawing is not in the building's model */
    static DrawingPicture of(Building building, ElementId drawing, Lettering lettering) {
        return switch (building.model().get(drawing, Drawing.class).kind()) {
            case PLAN -> Plan.of(building, drawing, lettering);
            case SECTION -> new SectionPicture(building, drawing, lettering);
            case STAIR -> new StairPicture(building, drawing, lettering);
            case BUILD_UPS -> BuildUpSchedule.of(building, drawing, lettering);
            case DOORS, WINDOWS, ROOMS, FITTINGS -> new TableSchedule(building, drawing, lettering);
        };
    }

    Picture picture();

    /** What differs from {@code other}, by element. */
    default Picture.Difference since(DrawingPicture other) {
        return picture().since(other.picture());
    }
}
