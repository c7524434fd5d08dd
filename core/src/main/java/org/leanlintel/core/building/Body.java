package org.leanlintel.core.building;

import java.util.List;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;

/**
 * A piece of building: a plan outline between two planes, which may slope.
 *
 * @param ply the index in the build-up it is of; {@link Content#NO_PLY} where it is none of its plies
 * @param does what it does there
 * @param outline counter-clockwise
 */
public record Body(ElementId element, int ply, Material material, Does does, List<Vec> outline, Plane low, Plane high) {

    public Body {
        outline = List.copyOf(outline);
    }

    /** Its lowest place. */
    public double lowMm() {
        return outline.stream().mapToDouble(low::at).min().orElse(low.z());
    }

    /** Its highest place. */
    public double highMm() {
        return outline.stream().mapToDouble(high::at).max().orElse(high.z());
    }
}
