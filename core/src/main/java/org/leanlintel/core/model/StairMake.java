package org.leanlintel.core.model;

/**
 * What a stair is made of, millimetres.
 *
 * @param treadMm how thick its treads are
 * @param riserMm how thick its risers are; nothing where they are open
 * @param nosingMm how far a tread stands out before the riser under it
 * @param stringMm how thick its strings are
 * @param stringDepthMm how deep they are, square to the pitch
 * @param newelMm the side of its newels; nothing where it has none
 * @param railMm the height of its handrail above the nosings
 */
public record StairMake(
        double treadMm,
        double riserMm,
        double nosingMm,
        Strings strings,
        double stringMm,
        double stringDepthMm,
        double newelMm,
        Rails rails,
        double railMm,
        ElementId material) {

    public StairMake {
        treadMm = Checks.between("A tread's thickness", treadMm, 5, 300);
        riserMm = Checks.between("A riser's thickness", riserMm, 0, 100);
        nosingMm = Checks.between("A nosing", nosingMm, 0, 100);
        stringMm = Checks.between("A string's thickness", stringMm, 0, 200);
        stringDepthMm = Checks.between("A string's depth", stringDepthMm, 0, 600);
        newelMm = Checks.between("A newel", newelMm, 0, 300);
        railMm = Checks.between("The height of a handrail", railMm, 0, 1500);
    }

    public enum Strings {
        /** Treads and risers are housed in them. */
        CLOSED,
        /** Cut to the treads, which lie on them. */
        CUT
    }

    /** On which sides a handrail runs, as seen going up. */
    public enum Rails {
        NONE,
        LEFT,
        RIGHT,
        BOTH;

        /** At how many sides. */
        public int sides() {
            return this == NONE ? 0 : this == BOTH ? 2 : 1;
        }
    }

    public StairMake withRails(Rails other) {
        return new StairMake(
                treadMm, riserMm, nosingMm, strings, stringMm, stringDepthMm, newelMm, other, railMm, material);
    }

    public boolean hasOpenRisers() {
        return riserMm == 0;
    }
}
