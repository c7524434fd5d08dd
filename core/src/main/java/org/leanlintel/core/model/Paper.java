package org.leanlintel.core.model;

/**
 * A trimmed sheet of paper as it is read.
 *
 * @param size what it is; of one that is cut to a size of its own, whose margins it has
 * @param upright whether its longer side runs up
 * @param ownLongMm its longer side where that is its own, else 0
 * @param ownShortMm its shorter side where that is its own, else 0
 */
public record Paper(PaperSize size, boolean upright, double ownLongMm, double ownShortMm) {

    private static final double LEAST_MM = 150, MOST_MM = 3000;

    public Paper {
        if (ownLongMm != 0 || ownShortMm != 0) {
            double one = side(ownLongMm), other = side(ownShortMm);
            ownLongMm = Math.max(one, other);
            ownShortMm = Math.min(one, other);
        }
    }

    private static double side(double mm) {
        return Checks.between("A side of paper", mm, LEAST_MM, MOST_MM);
    }

    /** Of a size that has a name. */
    public Paper(PaperSize size, boolean upright) {
        this(size, upright, 0, 0);
    }

    public static Paper across(PaperSize size) {
        return new Paper(size, false);
    }

    public boolean isOfItsOwn() {
        return ownLongMm > 0;
    }

    public double longMm() {
        return isOfItsOwn() ? ownLongMm : size.longMm();
    }

    public double shortMm() {
        return isOfItsOwn() ? ownShortMm : size.shortMm();
    }

    public double widthMm() {
        return upright ? shortMm() : longMm();
    }

    public double heightMm() {
        return upright ? longMm() : shortMm();
    }

    /** Its name; of one without a name its sides, in inches where its margins are. */
    public String label() {
        if (!isOfItsOwn()) return size.label();
        return size.isOfIso()
                ? "%s x %s".formatted(Checks.plain(ownLongMm), Checks.plain(ownShortMm))
                : "%s x %s in".formatted(inches(ownLongMm), inches(ownShortMm));
    }

    private static String inches(double mm) {
        return Checks.plain(Math.round(mm / 25.4 * 100) / 100.0);
    }

    /** Whether it is of the series A (ISO 216), and folds as that does. */
    public boolean isOfIso() {
        return size.isOfIso() && !isOfItsOwn();
    }
}
