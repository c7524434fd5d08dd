package org.leanlintel.core.geometry;

import org.jspecify.annotations.Nullable;

/**
 * A point or a displacement in plan, in millimetres. Always finite: making one of NaN or an infinite coordinate throws
 * IllegalArgumentException; {@code -0.0} is stored as {@code 0.0}.
 */
public record Vec(double x, double y) {

    public static final Vec ORIGIN = new Vec(0, 0);

    /** Square millimetres between two pieces that run alongside each other. */
    private static final double PARALLEL = 1e-9;

    /** By how much the length of what was made one long may differ from it. */
    private static final double ROUNDING = 1e-14;

    public Vec {
        if (!Double.isFinite(x) || !Double.isFinite(y)) {
            throw new IllegalArgumentException("A point must have finite coordinates: " + x + ", " + y);
        }
        x += 0.0;
        y += 0.0;
    }

    public static Vec ofAngle(double radians) {
        return new Vec(Math.cos(radians), Math.sin(radians));
    }

    public Vec plus(Vec other) {
        return new Vec(x + other.x, y + other.y);
    }

    public Vec minus(Vec other) {
        return new Vec(x - other.x, y - other.y);
    }

    public Vec times(double factor) {
        return new Vec(x * factor, y * factor);
    }

    /** This point moved {@code distance} along {@code direction}. */
    public Vec along(Vec direction, double distance) {
        return new Vec(x + direction.x * distance, y + direction.y * distance);
    }

    public double dot(Vec other) {
        return x * other.x + y * other.y;
    }

    /** Positive where {@code other} lies counter-clockwise of this. */
    public double cross(Vec other) {
        return x * other.y - y * other.x;
    }

    public double length() {
        return Math.sqrt(x * x + y * y);
    }

    /** Whether the straight pieces from {@code a} to {@code b} and from {@code c} to {@code d} share a point; never where they run alongside. */
    public static boolean cross(Vec a, Vec b, Vec c, Vec d) {
        return crossing(a, b, c, d) != null;
    }

    /** Where two straight pieces cross, from {@code a} to {@code b} and from {@code c} to {@code d}; null where they do not, or run alongside. */
    public static @Nullable Vec crossing(Vec a, Vec b, Vec c, Vec d) {
        Vec one = b.minus(a), other = d.minus(c), between = c.minus(a);
        double square = one.cross(other);
        if (Math.abs(square) < PARALLEL) return null;
        double s = between.cross(other) / square, t = between.cross(one) / square;
        return s < 0 || s > 1 || t < 0 || t > 1 ? null : a.plus(one.times(s));
    }

    public double distanceTo(Vec other) {
        double across = x - other.x, up = y - other.y;
        return Math.sqrt(across * across + up * up);
    }

    /** Turned by so many quarters of a turn about the origin, counter-clockwise. */
    public Vec quarterTurned(int quarters) {
        return switch (Math.floorMod(quarters, 4)) {
            case 1 -> new Vec(-y, x);
            case 2 -> new Vec(-x, -y);
            case 3 -> new Vec(y, -x);
            default -> this;
        };
    }

    /** A quarter turn counter-clockwise. */
    public Vec left() {
        return new Vec(-y, x);
    }

    public double angle() {
        return Math.atan2(y, x);
    }

    /** The same direction, one long; itself where it is that already. @throws IllegalArgumentException for a zero displacement */
    public Vec unit() {
        double length = length();
        if (!(length > 0)) throw new IllegalArgumentException("A zero displacement has no direction");
        if (Math.abs(length - 1) < ROUNDING) return this;
        return new Vec(x / length, y / length);
    }
}
