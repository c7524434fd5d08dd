package org.leanlintel.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * Prints millimetres as a drafter reads them: {@code 7200} or {@code 12'-6 1/2"}. What is printed reads back as the
 * same length.
 *
 * @param units the unit of the project
 * @param stepMm what lengths are rounded to, in millimetres (1 mm, 1/16 in); positive and finite
 */
public record LengthPrinter(UnitSystem units, double stepMm) {

    public LengthPrinter {
        if (!(stepMm > 0 && Double.isFinite(stepMm)))
            throw new IllegalArgumentException("stepMm must be positive: " + stepMm);
    }

    /** The usual step of dimension strings: 1 mm, or 1/16 in. */
    public static LengthPrinter ofDrawings(UnitSystem units) {
        return new LengthPrinter(units, units == UnitSystem.METRIC ? 1 : UnitSystem.MM_PER_INCH / 16);
    }

    /** The usual step on screen: 0.1 mm, or 1/64 in. */
    public static LengthPrinter ofScreen(UnitSystem units) {
        return new LengthPrinter(units, units == UnitSystem.METRIC ? 0.1 : UnitSystem.MM_PER_INCH / 64);
    }

    /** {@code mm} rounded to the step, half away from zero, in millimetres. */
    public double rounded(double mm) {
        return Math.signum(mm) * Math.floor(Math.abs(mm) / stepMm + 0.5 + 1e-9) * stepMm + 0.0;
    }

    /** {@code mm} rounded to the step, as text. */
    public String print(double mm) {
        double value = rounded(mm);
        return units == UnitSystem.METRIC ? metric(value) : feetAndInches(value);
    }

    private static String metric(double mm) {
        return BigDecimal.valueOf(mm)
                .setScale(3, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    private String feetAndInches(double mm) {
        long perInch = Math.max(1, Math.round(UnitSystem.MM_PER_INCH / stepMm));
        long parts = Math.round(Math.abs(mm) / UnitSystem.MM_PER_INCH * perInch);
        long feet = parts / (12 * perInch);
        long inches = parts / perInch % 12;
        long over = parts % perInch;
        String sign = mm < 0 && parts > 0 ? "-" : "";
        String inchText = inchText(inches, over, perInch, feet > 0);
        return sign + (feet > 0 ? feet + "'-" : "") + inchText + "\"";
    }

    private static String inchText(long inches, long over, long perInch, boolean afterFeet) {
        if (over == 0) return Long.toString(inches);
        long shared = greatestCommonDivisor(over, perInch);
        String fraction = over / shared + "/" + perInch / shared;
        return inches > 0 || afterFeet ? inches + " " + fraction : fraction;
    }

    private static long greatestCommonDivisor(long a, long b) {
        return b == 0 ? a : greatestCommonDivisor(b, a % b);
    }
}
