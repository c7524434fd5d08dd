package org.leanlintel.core.geometry;

import org.jspecify.annotations.Nullable;

/** An endless line through a point along a unit direction. */
public record Line(Vec through, Vec direction) {

    public Line {
        if (Math.abs(direction.length() - 1) > 1e-9)
            throw new IllegalArgumentException("direction must be one long: " + direction);
    }

    public static Line between(Vec from, Vec to) {
        return new Line(from, to.minus(from).unit());
    }

    /** The same line moved {@code offset} to its left. */
    public Line shiftedLeft(double offset) {
        return new Line(through.along(direction.left(), offset), direction);
    }

    /** How far along this line, from {@code through}, the foot of {@code point} lies. */
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
