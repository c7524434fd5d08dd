package org.leanlintel.core.model;

/**
 * Trimmed sizes of sheets: ISO 216, and of North America the architectural (whole feet and halves, in inches) and the engineering
 * ones (ANSI/ASME Y14.1).
 */
public enum PaperSize {
    A4("A4", 297, 210, false),
    A3("A3", 420, 297, false),
    A2("A2", 594, 420, false),
    A1("A1", 841, 594, false),
    A0("A0", 1189, 841, false),
    LETTER("Letter (ANSI A)", 11 * 25.4, 8.5 * 25.4, true),
    ANSI_B("ANSI B", 17 * 25.4, 11 * 25.4, true),
    ANSI_C("ANSI C", 22 * 25.4, 17 * 25.4, true),
    ANSI_D("ANSI D", 34 * 25.4, 22 * 25.4, true),
    ANSI_E("ANSI E", 44 * 25.4, 34 * 25.4, true),
    ARCH_A("ARCH A", 12 * 25.4, 9 * 25.4, true),
    ARCH_B("ARCH B", 18 * 25.4, 12 * 25.4, true),
    ARCH_C("ARCH C", 24 * 25.4, 18 * 25.4, true),
    ARCH_D("ARCH D", 36 * 25.4, 24 * 25.4, true),
    ARCH_E("ARCH E", 48 * 25.4, 36 * 25.4, true);

    private final String label;
    private final double longMm;
    private final double shortMm;
    private final boolean inInches;

    PaperSize(String label, double longMm, double shortMm, boolean inInches) {
        this.label = label;
        this.longMm = longMm;
        this.shortMm = shortMm;
        this.inInches = inInches;
    }

    public String label() {
        return label;
    }

    public double longMm() {
        return longMm;
    }

    public double shortMm() {
        return shortMm;
    }

    /** Whether it is of the series A (ISO 216). */
    public boolean isOfIso() {
        return !inInches;
    }

    /** Binding margin at the left: 20 mm (ISO 5457) or 1 1/2 in (US practice). */
    public double leftMarginMm() {
        return inInches ? 38.1 : 20;
    }

    /** The other margins: 10 mm (ISO 5457) or 1/2 in (US practice). */
    public double marginMm() {
        return inInches ? 12.7 : 10;
    }
}
