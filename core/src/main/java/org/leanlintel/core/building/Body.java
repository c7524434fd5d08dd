package org.leanlintel.core.building;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;

/**
 * A piece of building: a plan outline between two level planes.
 *
 * @param ply the index in the wall's build-up; {@link Content#NO_PLY} where it is none of its plies
 * @param outline counter-clockwise
 */
public record Body(ElementId element, int ply, Material material, List<Vec> outline, double lowMm, double highMm) {

    public Body {
        outline = List.copyOf(outline);
    }
}
