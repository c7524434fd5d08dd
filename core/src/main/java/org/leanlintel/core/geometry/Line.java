package org.leanlintel.core.geometry;

import org.jspecify.annotations.Nullable;

/** An endless line through a point along a unit direction. */
public record Line(Vec through, Vec direction) implements Track {

    public Line {
        if (Math.abs(direction.length() - 1) > 1e-9)
            throw new IllegalArgumentException("direction must be one long: " + direction);
    }

    public static Line between(Vec from, Vec to) {
        return new Line(from, to.minus(from).unit());
    }

    @Override
    public Vec at(double along, double left) {
        return through.along(direction, along).along(direction.left(), left);
    }

    @Override
    public Vec directionAt(double along) {
        return direction;
    }

    @Override
    public Line shiftedLeft(double offset) {
        return new Line(through.along(direction.left(), offset), direction);
    }

    @Override
    public double along(Vec point) {
        return point.minus(through).dot(direction);
    }

    public Vec at(double along) {
        return through.along(direction, along);
    }

    /**
     * How far along this line it meets {@code other}; null where the sine of the angle between them is below
     * {@link Tolerance#PARALLEL_SINE}.
     */
    public @Nullable Double meets(Line other) {
        double sine = direction.cross(other.direction);
        if (Math.abs(sine) < Tolerance.PARALLEL_SINE) return null;
        return other.through.minus(through).cross(other.direction) / sine;
    }
}
