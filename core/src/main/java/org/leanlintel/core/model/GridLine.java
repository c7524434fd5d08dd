package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/**
 * A line that the house is set out from, through all its storeys, with its mark in a bubble.
 *
 * @param mark on its bubbles: A, 1
 * @param bubbles at which ends they stand
 */
public record GridLine(ElementId id, ElementId layer, String mark, Vec from, Vec to, Bubbles bubbles)
        implements Ruled, Marked {

    public GridLine {
        mark = Checks.text("A grid line's mark", Checks.name("A grid line's mark", mark), 4);
        from = Checks.near(from);
        to = Checks.near(to);
        if (!(from.distanceTo(to) >= 100)) throw new Unusable("A grid line is at least 100 mm long.");
    }

    public GridLine between(Vec otherFrom, Vec otherTo) {
        return new GridLine(id, layer, mark, otherFrom, otherTo, bubbles);
    }

    @Override
    public GridLine onLayer(ElementId other) {
        return new GridLine(id, other, mark, from, to, bubbles);
    }

    public enum Bubbles {
        BOTH,
        START,
        END
    }

    /** Whether there is one at an end. */
    public boolean hasBubble(End end) {
        return bubbles == Bubbles.BOTH || (bubbles == Bubbles.START) == (end == End.START);
    }
}
