package org.leanlintel.core.model;

import java.util.List;
import org.leanlintel.core.geometry.Vec;

/**
 * A post that stands free, from floor to head of its storey.
 *
 * @param mark what people call it: P3
 * @param at its middle
 * @param angle of its width, radians counter-clockwise from the x axis
 * @param widthMm with its lining, as the depth of its make is
 */
public record Post(
        ElementId id,
        ElementId storey,
        ElementId layer,
        String mark,
        Vec at,
        double angle,
        double widthMm,
        WallPiece.Mass make,
        WorkState state)
        implements InWork, OnStorey, Marked {

    public Post {
        mark = Checks.name("A post's mark", mark);
        at = Checks.near(at);
        angle = Checks.number("A post's angle", angle, -Math.TAU, Math.TAU, "radians");
        widthMm = Checks.between("A post's width", widthMm, 10, 5000);
    }

    public Post moved(Vec by) {
        return new Post(id, storey, layer, mark, at.plus(by), angle, widthMm, make, state);
    }

    public double depthMm() {
        return make.depthMm();
    }

    /** Counter-clockwise. */
    public List<Vec> corners() {
        return ring(0, widthMm, 0, depthMm());
    }

    /** A part of it, counter-clockwise: x along its width and y along its depth, from its first corner. */
    public List<Vec> ring(double x0, double x1, double y0, double y1) {
        return List.of(point(x0, y0), point(x1, y0), point(x1, y1), point(x0, y1));
    }

    /** Round its middle, as wide both ways, counter-clockwise. */
    public List<Vec> square(double side) {
        double x = (widthMm - side) / 2, y = (depthMm() - side) / 2;
        return ring(x, x + side, y, y + side);
    }

    private Vec point(double x, double y) {
        Vec along = Vec.ofAngle(angle);
        return at.along(along, x - widthMm / 2).along(along.left(), y - depthMm() / 2);
    }

    @Override
    public Post in(WorkState other) {
        return new Post(id, storey, layer, mark, at, angle, widthMm, make, other);
    }

    @Override
    public Post onLayer(ElementId other) {
        return new Post(id, storey, other, mark, at, angle, widthMm, make, state);
    }
}
