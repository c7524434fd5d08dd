package org.leanlintel.core.geometry;

/**
 * A plane over the plan that is nowhere upright.
 *
 * @param z its height at the plan's origin, millimetres
 * @param slope how much it rises in each direction, per millimetre
 */
public record Plane(double z, Vec slope) {

    private static final Vec NONE = new Vec(0, 0);

    public static Plane level(double z) {
        return new Plane(z, NONE);
    }

    /** Through a height at {@code at}, rising by {@code rate} along a direction of unit length. */
    public static Plane rising(Vec at, double z, Vec direction, double rate) {
        Vec slope = direction.times(rate);
        return new Plane(z - slope.dot(at), slope);
    }

    public double at(Vec p) {
        return z + slope.dot(p);
    }

    public boolean isLevel() {
        return slope.x() == 0 && slope.y() == 0;
    }

    /** How far it lies over another, everywhere. */
    public Plane minus(Plane other) {
        return new Plane(z - other.z, slope.minus(other.slope));
    }

    /** Upright, how high something is that measures so much square to it. */
    public double upright(double mm) {
        return mm * Math.hypot(1, slope.length());
    }

    public Plane raised(double by) {
        return new Plane(z + by, slope);
    }
}
