package org.leanlintel.core.model;

/**
 * How much of a build-up is drawn, by scale.
 *
 * @param everythingTo at this scale and larger ones every ply is drawn: 50 for 1:50
 * @param outlineFrom at this scale and smaller ones walls are outlines; between the two, structure and linings
 */
public record Detail(double everythingTo, double outlineFrom) {

    public enum Amount {
        /** One area from face to face. */
        OUTLINE,
        /** Structure, facings and linings; what lies between is left blank. */
        STRUCTURE,
        /** Every ply that is not too thin to print. */
        EVERYTHING
    }

    public Detail {
        everythingTo = Checks.number("The scale to which everything is drawn", everythingTo, 0, 100_000, "");
        outlineFrom = Checks.number("The scale from which outlines are drawn", outlineFrom, 0, 1_000_000, "");
    }

    public Amount at(double scale) {
        if (scale <= everythingTo) return Amount.EVERYTHING;
        return scale >= outlineFrom ? Amount.OUTLINE : Amount.STRUCTURE;
    }
}
