package org.leanlintel.core.picture;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;

/** A drawing that is drawn whole whenever its model changes, and not before it is asked for. */
abstract sealed class WholePicture implements DrawingPicture permits SectionPicture, StairPicture, TableSchedule {

    final Building building;
    final Drawing drawing;
    final Lettering lettering;
    private @Nullable Picture picture;

    WholePicture(Building building, ElementId drawing, Lettering lettering) {
        this.building = building;
        this.drawing = building.model().get(drawing, Drawing.class);
        this.lettering = lettering;
    }

    @Override
    public final Picture picture() {
        Picture known = picture;
        return known == null ? picture = draw() : known;
    }

    abstract Picture draw();

    final Lens lens() {
        return building.model().get(drawing.lens(), Lens.class);
    }
}
