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
        double enters = 0, leaves = 1;
        double[] start = {from.x(), from.y()}, way = {to.x() - from.x(), to.y() - from.y()};
        double[] low = {minX, minY}, high = {maxX, maxY};
        for (int i = 0; i < 2; i++) {
            if (way[i] == 0) {
                if (start[i] < low[i] || start[i] > high[i]) return false;
                continue;
            }
            double one = (low[i] - start[i]) / way[i], two = (high[i] - start[i]) / way[i];
            enters = Math.max(enters, Math.min(one, two));
            leaves = Math.min(leaves, Math.max(one, two));
        }
        return enters <= leaves;
    }

    public boolean covers(Vec point) {
        return point.x() >= minX && point.x() <= maxX && point.y() >= minY && point.y() <= maxY;
    }

    public boolean covers(Bounds other) {
        return minX <= other.minX && minY <= other.minY && maxX >= other.maxX && maxY >= other.maxY;
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
        return new Bounds(minX - mm, minY - mm, maxX + mm, maxY + mm);
    }
}
