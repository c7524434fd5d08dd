package org.leanlintel.core.model;

/** A trimmed sheet of paper as it is read. @param upright whether its longer side runs up */
public record Paper(PaperSize size, boolean upright) {

    public static Paper across(PaperSize size) {
        return new Paper(size, false);
    }

    public double widthMm() {
        return upright ? size.shortMm() : size.longMm();
    }

    public double heightMm() {
        return upright ? size.longMm() : size.shortMm();
    }
}
