package org.leanlintel.core.model;

import java.util.List;
import java.util.function.UnaryOperator;
import org.leanlintel.core.geometry.Vec;

/**
 * A titled page with drawings on it, each at its own scale.
 *
 * @param set the name of the set it is bound in; empty where the project has one set without a name
 */
public record Sheet(ElementId id, String number, String title, String set, Paper paper, List<Placed> drawings)
        implements Element.Apart {

    private static final int MOST = 200;

    /** Millimetres of paper. */
    private static final double FURTHEST_MM = 3_000;

    public Sheet {
        number = Checks.name("A sheet's number", number);
        title = Checks.name("A sheet's title", title);
        set = Checks.text("The name of a set", set.strip(), 60);
        drawings = List.copyOf(drawings);
        if (drawings.size() > MOST) throw new Unusable("A sheet has %d drawings at most.".formatted(MOST));
    }

    public Sheet numbered(String other) {
        return new Sheet(id, other, title, set, paper, drawings);
    }

    public Sheet with(List<Placed> others) {
        return new Sheet(id, number, title, set, paper, others);
    }

    public Sheet inSet(String other) {
        return new Sheet(id, number, title, other, paper, drawings);
    }

    /**
     * A drawing on the sheet: model point {@code anchor} lies at paper point {@code at} (mm from the lower left corner),
     * so what is added to the drawing does not shift it.
     *
     * @param quarters of a turn that it is turned by there, counter-clockwise; 0 to 3
     * @param crop how much of it stands there
     */
    public record Placed(ElementId drawing, Vec anchor, Vec at, int quarters, Drawing.Frame crop) {
        public Placed {
            Checks.near(anchor);
            Checks.of("A place on a sheet", at, FURTHEST_MM);
            if (quarters < 0 || quarters > 3) throw new Unusable("A drawing is turned by 0 to 3 quarters of a turn.");
            if (crop instanceof Drawing.Rows)
                throw new Unusable("On a sheet a table shows the rows that it shows by itself.");
        }

        /** As it is drawn. */
        public Placed(ElementId drawing, Vec anchor, Vec at) {
            this(drawing, anchor, at, 0, new Drawing.All());
        }

        /** As much of it with another point of it in another place. */
        public Placed lying(Vec otherAnchor, Vec there) {
            return new Placed(drawing, otherAnchor, there, quarters, crop);
        }

        /** The same where each of its points came to be elsewhere in the drawing. @param anchored where the anchor lies now */
        public Placed carried(Vec anchored, UnaryOperator<Vec> to) {
            Drawing.Frame carried = crop instanceof Drawing.Part part ? part.each(to) : crop;
            return new Placed(drawing, anchored, at, quarters, carried);
        }

        /** Where a point of the drawing lies on the sheet. @param scale of the drawing: the number under the line */
        public Vec onSheet(Vec point, double scale) {
            return at.plus(point.minus(anchor).times(1 / scale).quarterTurned(quarters));
        }
    }
}
