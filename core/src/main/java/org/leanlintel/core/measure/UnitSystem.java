package org.leanlintel.core.measure;

/** The unit a project is typed and printed in. Inside the product every length is millimetres. */
public enum UnitSystem {
    /** A bare number is millimetres. */
    METRIC(1.0),
    /** A bare number is inches. */
    FEET_INCHES(25.4);

    /** One inch, exactly (international inch, 1959). */
    public static final double MM_PER_INCH = 25.4;

    private final double mmPerBareUnit;

    UnitSystem(double mmPerBareUnit) {
        this.mmPerBareUnit = mmPerBareUnit;
    }

    /** Millimetres in one of the unit a bare number is read in. */
    public double mmPerBareUnit() {
        return mmPerBareUnit;
    }
}
