package org.leanlintel.core.geometry;

/**
 * A movement of the plan that keeps every distance: a shift, a turn, a mirroring, or these one after another.
 *
 * @param toX where the x axis comes to point, one long
 * @param mirrors whether left and right change sides
 * @param origin where the origin comes to lie
 */
public record Rigid(Vec toX, boolean mirrors, Vec origin) {

    public static Rigid shift(Vec by) {
        return new Rigid(new Vec(1, 0), false, by);
    }

    /** @param radians counter-clockwise */
    public static Rigid turn(Vec centre, double radians) {
        return about(centre, new Vec(exact(Math.cos(radians)), exact(Math.sin(radians))), false);
    }

    /** Quarter turns are exact, so that what is turned round comes back to where it was. */
    private static double exact(double part) {
        return Math.abs(part - Math.rint(part)) < 1e-15 ? Math.rint(part) : part;
    }

    /** Mirrors in a line. */
    public static Rigid mirror(Line line) {
        double x = line.direction().x(), y = line.direction().y();
        return about(line.through(), new Vec(x * x - y * y, 2 * x * y), true);
    }

    private static Rigid about(Vec fixed, Vec toX, boolean mirrors) {
        Rigid still = new Rigid(toX, mirrors, Vec.ORIGIN);
        return new Rigid(toX, mirrors, fixed.minus(still.direction(fixed)));
    }

    public Vec point(Vec p) {
        return origin.plus(direction(p));
    }

    /** A displacement. */
    public Vec direction(Vec d) {
        Vec toY = mirrors ? toX.left().times(-1) : toX.left();
        return toX.times(d.x()).plus(toY.times(d.y()));
    }

    /** Radians counter-clockwise from the x axis. */
    public double angle(double radians) {
        return direction(Vec.ofAngle(radians)).angle();
    }

    public boolean isShift() {
        return !mirrors && Math.abs(toX.y()) < 1e-12 && toX.x() > 0;
    }
}
