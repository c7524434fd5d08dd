package org.leanlintel.core.model;

/** One sheet or leaf of a build-up. @param thicknessMm actual, not nominal; 0 for a membrane */
public record Ply(ElementId material, double thicknessMm, Does does) {

    /** Thicker than any wall leaf a house is built of. */
    public static final double THICKEST_MM = 2000;

    public Ply {
        thicknessMm = does == Does.SHEET
                ? Checks.between("A membrane's thickness", thicknessMm, 0, 0)
                : Checks.between("A ply's thickness", thicknessMm, 0.5, THICKEST_MM);
    }
}
