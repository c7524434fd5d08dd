package org.leanlintel.core.dimension;

import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Pitch;

/** A slope in words: gentle ones as one in so many, steeper ones in degrees, or so many in 12 where lengths are in inches. */
public final class SlopeWords {

    /** Slopes up to this are told as one in so many: ramps, falls and ground. */
    private static final double GENTLE = 0.2;

    /** The gentlest that is told; what is less is level. */
    private static final double LEAST = 1 / 1000.0;

    private SlopeWords() {}

    /** @param tan fall over run, not less than 0 */
    public static String of(double tan, UnitSystem units) {
        if (tan < LEAST) return "level";
        if (tan == Double.POSITIVE_INFINITY) return "upright";
        if (tan <= GENTLE) return "1:" + plain(tan > 0.05 ? round(1 / tan, 10) : Math.round(1 / tan));
        return units == UnitSystem.METRIC
                ? plain(round(Math.toDegrees(Math.atan(tan)), 10)) + "\u00b0"
                : new Pitch(Pitch.Said.IN_TWELVE, Math.min(round(tan * 12, 4), 144)).words();
    }

    private static double round(double value, double parts) {
        return Math.round(value * parts) / parts;
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
}
