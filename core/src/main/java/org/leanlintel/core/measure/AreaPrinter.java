package org.leanlintel.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Prints areas with their unit: {@code 12.34 m²}, {@code 132.8 sq ft}. */
public final class AreaPrinter {

    private static final double MM2_PER_M2 = 1e6;
    private static final double MM2_PER_SQ_FT = Math.pow(12 * UnitSystem.MM_PER_INCH, 2);

    private AreaPrinter() {}

    public static String print(double mm2, UnitSystem units) {
        return units == UnitSystem.METRIC
                ? rounded(mm2 / MM2_PER_M2, 2) + " m\u00B2"
                : rounded(mm2 / MM2_PER_SQ_FT, 1) + " sq ft";
    }

    private static String rounded(double value, int decimals) {
        return BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .toPlainString();
    }
}
