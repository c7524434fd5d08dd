package org.leanlintel.core.model;

/** A trimmed sheet, landscape. ISO 216 sizes, and the North American architectural and letter sizes (whole inches). */
public enum PaperSize {
    A4("A4", 297, 210, false),
    A3("A3", 420, 297, false),
    A2("A2", 594, 420, false),
    A1("A1", 841, 594, false),
    LETTER("Letter", 11 * 25.4, 8.5 * 25.4, true),
    ARCH_B("ARCH B", 18 * 25.4, 12 * 25.4, true),
    ARCH_C("ARCH C", 24 * 25.4, 18 * 25.4, true),
    ARCH_D("ARCH D", 36 * 25.4, 24 * 25.4, true);

    private final String label;
    private final double widthMm;
    private final double heightMm;
    private final boolean inInches;

    PaperSize(String label, double widthMm, double heightMm, boolean inInches) {
        this.label = label;
        this.widthMm = widthMm;
        this.heightMm = heightMm;
        this.inInches = inInches;
    }

    public String label() {
        return label;
    }

    public double widthMm() {
        return widthMm;
    }

    public double heightMm() {
        return heightMm;
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
