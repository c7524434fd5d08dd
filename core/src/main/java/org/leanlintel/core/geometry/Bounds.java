package org.leanlintel.core.geometry;

import java.util.Collection;
import java.util.List;

/** An upright rectangle in millimetres. */
public record Bounds(double minX, double minY, double maxX, double maxY) {

    public Bounds {
        if (!(minX <= maxX && minY <= maxY)) {
            throw new IllegalArgumentException(
                    "Bounds the wrong way round: %s..%s, %s..%s".formatted(minX, maxX, minY, maxY));
        }
    }

    /** The bounds of {@code points}. @throws IllegalArgumentException if there are none */
    public static Bounds of(Collection<Vec> points) {
        double minX = Double.POSITIVE_INFINITY, minY = minX, maxX = -minX, maxY = -minX;
        for (Vec p : points) {
            minX = Math.min(minX, p.x());
            minY = Math.min(minY, p.y());
            maxX = Math.max(maxX, p.x());
            maxY = Math.max(maxY, p.y());
        }
        return new Bounds(minX, minY, maxX, maxY);
    }

    public Bounds with(Bounds other) {
        return new Bounds(
                Math.min(minX, other.minX), Math.min(minY, other.minY),
                Math.max(maxX, other.maxX), Math.max(maxY, other.maxY));
    }

    /** Whether they share a point. */
    public boolean meets(Bounds other) {
        return minX <= other.maxX && other.minX <= maxX && minY <= other.maxY && other.minY <= maxY;
    }

    /** Whether a straight line between two points passes through it. */
    public boolean isCrossedBy(Vec from, Vec to) {
        return isCrossedBy(from.x(), from.y(), to.x(), to.y());
    }

    boolean isCrossedBy(double fromX, double fromY, double toX, double toY) {
        if (Math.max(fromX, toX) < minX || Math.min(fromX, toX) > maxX) return false;
        if (Math.max(fromY, toY) < minY || Math.min(fromY, toY) > maxY) return false;
        double byX = toX - fromX, byY = toY - fromY;
        double one = byX * (minY - fromY) - byY * (minX - fromX), two = byX * (minY - fromY) - byY * (maxX - fromX);
        double three = byX * (maxY - fromY) - byY * (minX - fromX), four = byX * (maxY - fromY) - byY * (maxX - fromX);
        boolean left = one > 0 && two > 0 && three > 0 && four > 0, right = one < 0 && two < 0 && three < 0 && four < 0;
        return !left && !right;
    }

    public boolean covers(Vec point) {
        return point.x() >= minX && point.x() <= maxX && point.y() >= minY && point.y() <= maxY;
    }

    public boolean covers(Bounds other) {
        return minX <= other.minX && minY <= other.minY && maxX >= other.maxX && maxY >= other.maxY;
    }

    /** How far outside it a point lies, squared; nought within. */
    public double squaredTo(Vec point) {
        double x = Math.max(0, Math.max(minX - point.x(), point.x() - maxX));
        double y = Math.max(0, Math.max(minY - point.y(), point.y() - maxY));
        return x * x + y * y;
    }

    /** Between the two where they are nearest; nought where they meet. */
    public double distanceTo(Bounds other) {
        double x = Math.max(0, Math.max(other.minX - maxX, minX - other.maxX));
        double y = Math.max(0, Math.max(other.minY - maxY, minY - other.maxY));
        return Math.hypot(x, y);
    }

    /** Counter-clockwise from the lower left. */
    public List<Vec> corners() {
        return List.of(new Vec(minX, minY), new Vec(maxX, minY), new Vec(maxX, maxY), new Vec(minX, maxY));
    }

    public double width() {
        return maxX - minX;
    }

    public double height() {
        return maxY - minY;
    }

    public Vec centre() {
        return new Vec((minX + maxX) / 2, (minY + maxY) / 2);
    }

    public Bounds grown(double mm) {
        return grown(mm, mm);
    }

    /** @param across to the left and to the right @param up and down */
    public Bounds grown(double across, double up) {
        return new Bounds(minX - across, minY - up, maxX + across, maxY + up);
    }
}
