package org.leanlintel.core.model;

/**
 * A hole through a wall and what stands in it.
 *
 * @param mark what people call it: D3, N4
 * @param widthMm of the structural (rough) opening
 * @param sillMm its lower edge above the storey's level
 */
public record Opening(
        ElementId id,
        ElementId layer,
        String mark,
        ElementId wall,
        Placing placing,
        double widthMm,
        double heightMm,
        double sillMm,
        Kind kind)
        implements Element {

    public Opening {
        mark = Checks.name("An opening's mark", mark);
        widthMm = Checks.between("An opening's width", widthMm, 100, 20_000);
        heightMm = Checks.between("An opening's height", heightMm, 100, 10_000);
        sillMm = Checks.between("A sill", sillMm, 0, 10_000);
    }

    public Opening placed(ElementId inWall, Placing at) {
        return new Opening(id, layer, mark, inWall, at, widthMm, heightMm, sillMm, kind);
    }

    public Opening named(ElementId otherId, String otherMark) {
        return new Opening(otherId, layer, otherMark, wall, placing, widthMm, heightMm, sillMm, kind);
    }

    public Opening onLayer(ElementId other) {
        return new Opening(id, other, mark, wall, placing, widthMm, heightMm, sillMm, kind);
    }

    public Opening of(Kind other) {
        return new Opening(id, layer, mark, wall, placing, widthMm, heightMm, sillMm, other);
    }

    public double headMm() {
        return sillMm + heightMm;
    }

    public String noun() {
        return kind instanceof Window ? "window" : "door";
    }

    /** What stands in the opening. */
    public sealed interface Kind {

        /** The same in a wall that is drawn the other way: nothing moves. */
        default Kind turnedAbout() {
            return this;
        }

        /** The same in a wall that is mirrored: what is left of the run comes to lie right of it. */
        default Kind mirrored() {
            return this;
        }
    }

    /** One side-hung leaf. @param hinge the edge it hangs on; @param swing the side of the wall it opens to */
    public record SwingDoor(End hinge, Side swing) implements Kind {

        @Override
        public SwingDoor turnedAbout() {
            return new SwingDoor(hinge.other(), swing.other());
        }

        @Override
        public SwingDoor mirrored() {
            return new SwingDoor(hinge, swing.other());
        }
    }

    /** A door that lifts overhead, as to a garage. */
    public record LiftingDoor() implements Kind {}

    /** A framed window. @param lights panes side by side; @param setbackMm from the wall's outer face to the frame */
    public record Window(int lights, double setbackMm) implements Kind {
        public Window {
            if (lights < 1 || lights > 12)
                throw new IllegalArgumentException("A window has 1 to 12 lights, not " + lights + ".");
            setbackMm = Checks.between("A frame's set-back", setbackMm, 0, 1000);
        }
    }
}
