package org.leanlintel.core.picture;

import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Lens;

/** Draws a drawing whole. */
abstract class Painting {

    final Building building;
    final Drawing drawing;
    final Lettering lettering;

    Painting(Building building, Drawing drawing, Lettering lettering) {
        this.building = building;
        this.drawing = drawing;
        this.lettering = lettering;
    }

    abstract Picture draw();

    final Lens lens() {
        return building.model().get(drawing.lens(), Lens.class);
    }
}
