package org.leanlintel.core.geometry;

import java.util.ArrayList;
import java.util.List;

/** Cuts rings off along straight lines (Sutherland and Hodgman 1974). */
public final class Clip {

    /** Rise per run of what counts as level: 1 mm over 1 km. */
    private static final double LEVEL = 1e-9;

    private Clip() {}

    /**
     * What of an open ring lies between two lines square to a direction; empty where nothing does. A ring that a line cuts
     * into several parts stays one, its parts joined along that line.
     *
     * @param direction one long
     * @param from how far along it from {@code origin} the first line lies, millimetres
     * @param to as {@code from}, of the second
     */
    public static List<Vec> between(List<Vec> ring, Vec origin, Vec direction, double from, double to) {
        List<Vec> after = inFront(ring, origin.along(direction, from), direction);
        return inFront(after, origin.along(direction, to), direction.times(-1));
    }

    /** What of an open ring lies where a plane is not under nought; empty where nothing does. */
    public static List<Vec> over(List<Vec> ring, Plane plane) {
        double steep = plane.slope().length();
        if (steep < LEVEL) return plane.z() >= 0 ? ring : List.of();
        Vec ahead = plane.slope().times(1 / steep);
        return inFront(ring, ahead.times(-plane.z() / steep), ahead);
    }

    private static List<Vec> inFront(List<Vec> ring, Vec at, Vec ahead) {
        List<Vec> kept = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Vec p = ring.get(i), q = ring.get((i + 1) % ring.size());
            double dp = p.minus(at).dot(ahead), dq = q.minus(at).dot(ahead);
            if (dp >= 0) add(p, kept);
            if (dp > 0 && dq < 0 || dp < 0 && dq > 0) add(p.plus(q.minus(p).times(dp / (dp - dq))), kept);
        }
        if (kept.size() > 1 && kept.getFirst().distanceTo(kept.getLast()) < Tolerance.SAME_MM) kept.removeLast();
        return kept.size() < 3 ? List.of() : kept;
    }

    private static void add(Vec p, List<Vec> kept) {
        if (kept.isEmpty() || kept.getLast().distanceTo(p) >= Tolerance.SAME_MM) kept.add(p);
    }
}
