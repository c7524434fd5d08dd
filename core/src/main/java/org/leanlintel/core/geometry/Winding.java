package org.leanlintel.core.geometry;

import java.util.List;

/** Which way rings run, whether or not they repeat their first point. */
public final class Winding {

    private Winding() {}

    /** The same ring, counter-clockwise. */
    public static List<Vec> counterClockwise(List<Vec> ring) {
        return twiceArea(ring) < 0 ? ring.reversed() : ring;
    }

    public static boolean isCounterClockwise(List<Vec> ring) {
        return twiceArea(ring) > 0;
    }

    /** Above 0 where a ring runs counter-clockwise. */
    private static double twiceArea(List<Vec> ring) {
        double sum = 0;
        for (int i = 0; i < ring.size(); i++) sum += ring.get(i).cross(ring.get((i + 1) % ring.size()));
        return sum;
    }
}
