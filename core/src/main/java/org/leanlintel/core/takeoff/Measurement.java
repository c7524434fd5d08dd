package org.leanlintel.core.takeoff;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Unusable;

/**
 * What was measured with the pointer, and leaves nothing behind.
 *
 * @param legsMm from each point to the next
 * @param totalMm of all legs
 * @param areaMm2 inside the points, joined back to the first; null for fewer than three
 * @param perimeterMm round it; null likewise
 * @param degrees between the last two legs, 0 to 180; null for fewer than two legs
 */
public record Measurement(
        List<Double> legsMm,
        double totalMm,
        @Nullable Double areaMm2,
        @Nullable Double perimeterMm,
        @Nullable Double degrees) {

    /** Of points in their order; two at least. */
    public static Measurement of(List<Vec> points) {
        if (points.size() < 2) throw new Unusable("Measuring needs two points.");
        List<Double> legs = new ArrayList<>();
        double total = 0, twice = 0;
        for (int i = 1; i < points.size(); i++) {
            legs.add(points.get(i).distanceTo(points.get(i - 1)));
            total += legs.getLast();
        }
        for (int i = 0; i < points.size(); i++) twice += points.get(i).cross(points.get((i + 1) % points.size()));
        boolean encloses = points.size() > 2;
        double back = points.getLast().distanceTo(points.getFirst());
        return new Measurement(
                List.copyOf(legs),
                total,
                encloses ? (Double) (Math.abs(twice) / 2) : null,
                encloses ? (Double) (total + back) : null,
                encloses ? angle(points.reversed()) : null);
    }

    private static @Nullable Double angle(List<Vec> lastFirst) {
        Vec one = lastFirst.get(0).minus(lastFirst.get(1)),
                two = lastFirst.get(2).minus(lastFirst.get(1));
        boolean none = one.length() == 0 || two.length() == 0;
        return none ? null : (Double) Math.toDegrees(Math.abs(Math.atan2(one.cross(two), one.dot(two))));
    }
}
