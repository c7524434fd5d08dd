package org.leanlintel.core.model;

/**
 * How a material is hatched where it is cut.
 *
 * @param pitchMm between lines, on paper; unused where the pattern fits itself to the ply's thickness
 */
public record Hatch(Pattern pattern, double pitchMm) {

    public Hatch {
        pitchMm = Checks.between("A hatch's pitch", pitchMm, 0.5, 20);
    }

    public enum Pattern {
        NONE,
        /** Even lines at 45 degrees (ISO 128-3), as for brickwork. */
        DIAGONAL,
        /** Two families of lines at 45 and 135 degrees, as for blockwork. */
        CROSSED,
        /** A wave from face to face, as for mineral wool. */
        WAVE,
        /** A zigzag from face to face at 60 degrees, as for rigid board. */
        ZIGZAG
    }
}
