package org.leanlintel.core.model;

/** What else stands in a ply besides its material. */
public sealed interface Framing {

    /** Nothing: the ply is its material throughout. */
    record Solid() implements Framing {}

    /**
     * Timbers side by side, with the ply's material between them. The ply is as thick as they are deep.
     *
     * @param centresMm from the middle of one to the middle of the next; 0 where it is not said
     * @param part of the ply's face that is timber, plates and jambs included (BR 443)
     */
    record Timbers(TimberSize size, double centresMm, ElementId material, double part) implements Framing {
        public Timbers {
            centresMm = Checks.between("The centres of timbers", centresMm, 0, 5000);
            part = checkedPart(part);
        }
    }

    /** Joints or ties of another material, as mortar in blockwork. @param part of the ply's face that they are */
    record Joints(ElementId material, double part) implements Framing {
        public Joints {
            part = checkedPart(part);
        }
    }

    private static double checkedPart(double part) {
        return Checks.number("The part of a ply that is framing", part, 0, 0.9, "of its face");
    }
}
