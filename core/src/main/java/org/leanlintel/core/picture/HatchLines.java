package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import org.leanlintel.core.geometry.Vec;

/** Lines of a hatch inside a convex ring. Parallel families are anchored at the origin, so neighbours run on. */
final class HatchLines {

    private HatchLines() {}

    /** Parallel lines at {@code angle}, {@code pitch} apart, clipped to the ring. */
    static List<List<Vec>> parallel(List<Vec> ring, double angle, double pitch) {
        Vec along = Vec.ofAngle(angle), across = along.left();
        double low = Double.POSITIVE_INFINITY, high = Double.NEGATIVE_INFINITY;
        for (Vec p : ring) {
            low = Math.min(low, p.dot(across));
            high = Math.max(high, p.dot(across));
        }
        List<List<Vec>> lines = new ArrayList<>();
        for (long k = (long) Math.ceil(low / pitch); k * pitch <= high; k++) {
            List<Vec> line = clip(ring, along, across, k * pitch);
            if (!line.isEmpty()) lines.add(line);
        }
        return lines;
    }

    /** The part of the line at distance {@code level} across that lies in the convex ring. */
    private static List<Vec> clip(List<Vec> ring, Vec along, Vec across, double level) {
        double from = Double.POSITIVE_INFINITY, to = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < ring.size(); i++) {
            Vec p = ring.get(i), q = ring.get((i + 1) % ring.size());
            double dp = p.dot(across) - level, dq = q.dot(across) - level;
            if (dp * dq > 0 || dp == dq) continue;
            Vec crossing = p.along(q.minus(p), dp / (dp - dq));
            from = Math.min(from, crossing.dot(along));
            to = Math.max(to, crossing.dot(along));
        }
        if (!(to - from > 1e-6)) return List.of();
        Vec foot = across.times(level);
        return List.of(foot.along(along, from), foot.along(along, to));
    }

    /**
     * A wave that touches both faces.
     *
     * @param heightMm on paper, which decides how finely the wave is stepped
     * @param place the point at s along and t across, from 0 to 1
     */
    static List<Vec> wave(
            double from, double to, double thickness, double heightMm, BiFunction<Double, Double, Vec> place) {
        int halves = Math.max(1, (int) Math.round((to - from) / (thickness * 0.5)));
        int steps = halves * (int) Math.clamp(Math.round(heightMm), 5, 16);
        List<Vec> points = new ArrayList<>(steps + 1);
        for (int i = 0; i <= steps; i++) {
            double part = (double) i / steps;
            points.add(place.apply(from + (to - from) * part, 0.5 - 0.5 * Math.cos(Math.PI * halves * part)));
        }
        return points;
    }

    /** A zigzag from face to face at about 60 degrees. */
    static List<Vec> zigzag(double from, double to, double thickness, BiFunction<Double, Double, Vec> place) {
        int halves = Math.max(1, (int) Math.round((to - from) / (thickness / Math.tan(Math.PI / 3))));
        List<Vec> points = new ArrayList<>(halves + 1);
        for (int i = 0; i <= halves; i++) points.add(place.apply(from + (to - from) * i / halves, (double) (i % 2)));
        return points;
    }
}
