package org.leanlintel.core.picture.seen;

import java.util.List;
import java.util.Objects;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;

/**
 * Flat faces of one element in one plane, as they are seen from before an upright plane.
 *
 * @param shape in the picture
 * @param depth how far beyond the picture it lies, over the picture
 * @param lies how it lies in the house
 */
public record SeenFace(
        ElementId element, Material material, Area shape, Plane depth, Lies lies, double near, double far) {

    /** How a face lies. */
    sealed interface Lies {}

    /** @param turned the cosine of the angle between it and the picture */
    record Upright(double turned) implements Lies {}

    /** On a slope. @param plane over the plan */
    record Sloping(Plane plane) implements Lies {}

    /** Faces of one element seldom begin equally far away; what tells them apart further is long to read. */
    @Override
    public int hashCode() {
        return Objects.hash(element, near);
    }

    static SeenFace of(ElementId element, Material material, Area shape, Plane depth, Lies lies) {
        double near = Double.POSITIVE_INFINITY, far = Double.NEGATIVE_INFINITY;
        for (List<Vec> ring : shape.rings())
            for (Vec p : ring) {
                near = Math.min(near, depth.at(p));
                far = Math.max(far, depth.at(p));
            }
        return new SeenFace(element, material, shape, depth, lies, near, far);
    }
}
