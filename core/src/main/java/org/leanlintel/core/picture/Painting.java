package org.leanlintel.core.picture;

import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Lens;

/** Draws a drawing whole. */
public abstract class Painting {

    protected final Building building;
    protected final Drawing drawing;
    protected final Lettering lettering;

    protected Painting(Building building, Drawing drawing, Lettering lettering) {
        this.building = building;
        this.drawing = drawing;
        this.lettering = lettering;
    }

    public abstract Picture draw();

    protected final Lens lens() {
        return building.model().get(drawing.lens(), Lens.class);
    }
}
