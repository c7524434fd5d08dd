package org.leanlintel.core.model;

import java.util.List;
import org.leanlintel.core.geometry.Vec;

/**
 * A post that stands free, from floor to head of its storey.
 *
 * @param mark what people call it: P3
 * @param at its middle
 * @param angle of its width, radians counter-clockwise from the x axis
 */
public record Post(
        ElementId id,
        ElementId storey,
        ElementId layer,
        String mark,
        Vec at,
        double angle,
        double widthMm,
        double depthMm,
        ElementId material)
        implements Element {

    public Post {
        mark = Checks.name("A post's mark", mark);
        at = Checks.near(at);
        angle = Checks.number("A post's angle", angle, -Math.TAU, Math.TAU, "radians");
        widthMm = Checks.between("A post's width", widthMm, 10, 5000);
        depthMm = Checks.between("A post's depth", depthMm, 10, 5000);
    }

    public Post moved(Vec by) {
        return new Post(id, storey, layer, mark, at.plus(by), angle, widthMm, depthMm, material);
    }

    /** Counter-clockwise. */
    public List<Vec> corners() {
        Vec along = Vec.ofAngle(angle).times(widthMm / 2),
                up = Vec.ofAngle(angle).left().times(depthMm / 2);
        return List.of(
                at.minus(along).minus(up),
                at.plus(along).minus(up),
                at.plus(along).plus(up),
                at.minus(along).plus(up));
    }
}
