package org.leanlintel.core.model;

/**
 * How steep a roof is, as it was said.
 *
 * @param value degrees, the rise in 12, or the run to a rise of one
 */
public record Pitch(Said said, double value) {

    /** Rise per run of the flattest roof and of the steepest slope there is. */
    private static final double FLATTEST = 0.01, STEEPEST = 12;

    public Pitch {
        value = Checks.number("A pitch", value, 0, 1000, "");
        double tan = tan(said, value);
        if (!(tan >= FLATTEST && tan <= STEEPEST))
            throw new Unusable("A roof's pitch lies between 1:100 and 85 degrees, not at " + words(said, value) + ".");
    }

    public enum Said {
        DEGREES,
        /** So many in 12, as 4:12. */
        IN_TWELVE,
        /** One in so many, as 1:60. */
        ONE_IN
    }

    public static Pitch degrees(double degrees) {
        return new Pitch(Said.DEGREES, degrees);
    }

    /** Rise per run. */
    public double tan() {
        return tan(said, value);
    }

    private static double tan(Said said, double value) {
        return switch (said) {
            case DEGREES -> Math.tan(Math.toRadians(Math.min(value, 89.9)));
            case IN_TWELVE -> value / 12;
            case ONE_IN -> value == 0 ? 0 : 1 / value;
        };
    }

    /** 35°, 4:12, 1:60. */
    public String words() {
        return words(said, value);
    }

    private static String words(Said said, double value) {
        String plain = Checks.plain(value);
        return switch (said) {
            case DEGREES -> plain + "°";
            case IN_TWELVE -> plain + ":12";
            case ONE_IN -> "1:" + plain;
        };
    }
}
