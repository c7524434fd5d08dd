package org.leanlintel.core.measure;

import java.util.Locale;

/** Prints levels with their sign: metres to three places, or feet and inches. */
public record LevelPrinter(UnitSystem units) {

    /** @param mm above the datum */
    public String print(double mm) {
        String sign = mm > -0.5 && mm < 0.5 ? "\u00b1" : mm < 0 ? "\u2212" : "+";
        double size = Math.abs(mm);
        return units == UnitSystem.METRIC
                ? sign + String.format(Locale.ROOT, "%.3f", Math.round(size) / 1000.0)
                : sign + LengthPrinter.ofDrawings(units).print(size);
    }
}
