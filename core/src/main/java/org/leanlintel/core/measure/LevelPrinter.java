package org.leanlintel.core.measure;

import java.util.Locale;

/**
 * Prints levels with their sign: metres to three places, or feet and inches.
 *
 * @param zeroMm the project's zero above the datum levels are counted from
 */
public record LevelPrinter(UnitSystem units, double zeroMm) {

    /** @param aboveZeroMm above the project's zero */
    public String print(double aboveZeroMm) {
        double mm = aboveZeroMm + zeroMm;
        String sign = mm > -0.5 && mm < 0.5 ? "\u00b1" : mm < 0 ? "\u2212" : "+";
        double size = Math.abs(mm);
        return units == UnitSystem.METRIC
                ? sign + String.format(Locale.ROOT, "%.3f", Math.round(size) / 1000.0)
                : sign + LengthPrinter.ofDrawings(units).print(size);
    }
}
