package org.leanlintel.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Prints areas and volumes with their unit: {@code 12.34 m²}, {@code 132.8 sq ft}, {@code 30.9 m³}. */
public final class AreaPrinter {

    private static final double MM2_PER_M2 = 1e6, MM3_PER_M3 = 1e9;
    private static final double MM2_PER_SQ_FT = Math.pow(12 * UnitSystem.MM_PER_INCH, 2);

    private AreaPrinter() {}

    public static String print(double mm2, UnitSystem units) {
        return units == UnitSystem.METRIC
                ? rounded(mm2 / MM2_PER_M2, 2) + " m\u00B2"
                : rounded(mm2 / MM2_PER_SQ_FT, 1) + " sq ft";
    }

    public static String printVolume(double mm3, UnitSystem units) {
        return units == UnitSystem.METRIC
                ? rounded(mm3 / MM3_PER_M3, 1) + " m\u00B3"
                : rounded(mm3 / Math.pow(MM2_PER_SQ_FT, 1.5), 0) + " cu ft";
    }

    private static String rounded(double value, int decimals) {
        return BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .toPlainString();
    }
}
