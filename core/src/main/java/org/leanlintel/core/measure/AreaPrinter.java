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
                ? rounded(mm2 / MM2_PER_M2, 2).toPlainString() + " m\u00B2"
                : rounded(mm2 / MM2_PER_SQ_FT, 1).toPlainString() + " sq ft";
    }

    /** What is printed of an area, in square millimetres: sums are made of these, so that what is printed adds up. */
    public static double printedMm2(double mm2, UnitSystem units) {
        return units == UnitSystem.METRIC
                ? rounded(mm2 / MM2_PER_M2, 2).doubleValue() * MM2_PER_M2
                : rounded(mm2 / MM2_PER_SQ_FT, 1).doubleValue() * MM2_PER_SQ_FT;
    }

    /** The same of a volume, in cubic millimetres. */
    public static double printedMm3(double mm3, UnitSystem units) {
        double per = units == UnitSystem.METRIC ? MM3_PER_M3 : Math.pow(MM2_PER_SQ_FT, 1.5);
        return rounded(mm3 / per, units == UnitSystem.METRIC ? 1 : 0).doubleValue() * per;
    }

    public static String printVolume(double mm3, UnitSystem units) {
        return units == UnitSystem.METRIC
                ? rounded(mm3 / MM3_PER_M3, 1).toPlainString() + " m\u00B3"
                : rounded(mm3 / Math.pow(MM2_PER_SQ_FT, 1.5), 0).toPlainString() + " cu ft";
    }

    private static BigDecimal rounded(double value, int decimals) {
        return BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
    }
}
