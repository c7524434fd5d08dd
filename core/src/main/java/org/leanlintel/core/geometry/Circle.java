package org.leanlintel.core.geometry;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A circle followed from angle {@code from} one way round.
 *
 * @param radius millimetres
 * @param from radians, where distances along it begin
 * @param turn +1 counter-clockwise, -1 clockwise
 */
public record Circle(Vec centre, double radius, double from, int turn) implements Track {

    public Circle {
        if (!(radius > 0 && Double.isFinite(radius)))
            throw new IllegalArgumentException("A circle's radius must be positive: " + radius);
        if (Math.abs(turn) != 1) throw new IllegalArgumentException("A circle turns by +1 or -1, not " + turn);
    }

    /**
     * The arc from one point to another.
     *
     * @param bulge the tangent of a quarter of the angle it turns through, positive counter-clockwise; not zero
     */
    public static Circle through(Vec start, Vec end, double bulge) {
        Vec chord = end.minus(start);
        double half = 2 * Math.atan(bulge);
        Vec centre = start.along(chord, 0.5).along(chord.left(), 0.5 / Math.tan(half));
        return new Circle(centre, centre.distanceTo(start), start.minus(centre).angle(), bulge > 0 ? 1 : -1);
    }

    @Override
    public Vec at(double along, double left) {
        return centre.along(Vec.ofAngle(from + turn * along / radius), radius - turn * left);
    }

    @Override
    public Vec directionAt(double along) {
        return Vec.ofAngle(from + turn * along / radius).left().times(turn);
    }

    @Override
    public double along(Vec point) {
        double angle = turn * (point.minus(centre).angle() - from);
        return radius * Math.IEEEremainder(angle, Math.TAU);
    }

    @Override
    public @Nullable Circle shiftedLeft(double offset) {
        double shifted = radius - turn * offset;
        return shifted > Tolerance.SAME_MM ? new Circle(centre, shifted, from, turn) : null;
    }

    List<Vec> meets(Line line) {
        double foot = line.along(centre);
        double off = line.at(foot).distanceTo(centre);
        if (off > radius) return List.of();
        double half = Math.sqrt(radius * radius - off * off);
        return List.of(line.at(foot - half), line.at(foot + half));
    }

    List<Vec> meets(Circle other) {
        double apart = centre.distanceTo(other.centre);
        boolean apartOrWithin = apart > radius + other.radius || apart < Math.abs(radius - other.radius);
        if (apart < Tolerance.SAME_MM || apartOrWithin) return List.of();
        double along = (apart * apart + radius * radius - other.radius * other.radius) / (2 * apart);
        double half = Math.sqrt(Math.max(0, radius * radius - along * along));
        Vec towards = other.centre.minus(centre).unit();
        Vec foot = centre.along(towards, along);
        return List.of(foot.along(towards.left(), half), foot.along(towards.left(), -half));
    }
}
