package org.leanlintel.core.model;

import java.util.List;

/**
 * The lines from a note to what it speaks of.
 *
 * @param tip how each ends (ISO 128-22: an arrowhead on an outline, a dot within one)
 * @param targets none where a note stands by itself
 */
public record Leaders(Shape shape, Tip tip, List<Target> targets) {

    public static final Leaders NONE = new Leaders(Shape.ELBOWED, Tip.DOT, List.of());

    public Leaders {
        targets = List.copyOf(targets);
        if (targets.size() > 20) throw new Unusable("A note may have 20 leaders at most.");
    }

    public Leaders to(List<Target> others) {
        return new Leaders(shape, tip, others);
    }

    public enum Shape {
        STRAIGHT,
        /** Level at the words, then straight. */
        ELBOWED,
        CURVED
    }

    public enum Tip {
        DOT,
        ARROW,
        NONE
    }
}
