package org.leanlintel.core.measure;

import java.util.Map;
import java.util.TreeMap;

/** How a scale is written: {@code 1:50}, or {@code 1/4" = 1'-0"} for the usual scales in feet and inches. */
public final class ScaleLabel {

    private static final Map<Double, String> ARCHITECTURAL = new TreeMap<>(Map.ofEntries(
            Map.entry(4.0, "3"),
            Map.entry(8.0, "1 1/2"),
            Map.entry(12.0, "1"),
            Map.entry(16.0, "3/4"),
            Map.entry(24.0, "1/2"),
            Map.entry(32.0, "3/8"),
            Map.entry(48.0, "1/4"),
            Map.entry(64.0, "3/16"),
            Map.entry(96.0, "1/8"),
            Map.entry(128.0, "3/32"),
            Map.entry(192.0, "1/16")));

    private ScaleLabel() {}

    /** @param scale the number under the line, 50 for 1:50 */
    public static String of(double scale, UnitSystem units) {
        String inches = units == UnitSystem.FEET_INCHES ? ARCHITECTURAL.get(scale) : null;
        if (inches != null) return inches + "\" = 1'-0\"";
        return "1:" + (scale == Math.rint(scale) ? Long.toString((long) scale) : Double.toString(scale));
    }
}
