package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.List;

/**
 * What the frame of a window holds, as seen from outside.
 *
 * @param row side by side, from left to right
 * @param over what stands over that row, beyond a transom
 * @param inwards whether what is hung opens to the inside
 */
public record Lights(List<Light> row, Over over, boolean inwards) {

    private static final int MOST = 12;

    /**
     * One of them.
     *
     * @param side the edge it hangs on or slides towards, where it does
     * @param part how much of the width it takes, counted with those of the others beside it
     */
    public record Light(Opens opens, Side side, double part) {
        public Light {
            part = Checks.number("A light's part of the width", part, 0.1, 20, "");
        }

        Light mirrored() {
            return new Light(opens, side.other(), part);
        }
    }

    public enum Opens {
        FIXED,
        SIDE_HUNG,
        TOP_HUNG,
        BOTTOM_HUNG,
        /** Side hung, and hung at the bottom as well. */
        TILT_AND_TURN,
        /** Two sashes, one above the other. */
        VERTICAL_SLIDING,
        /** In two planes with those beside it. */
        HORIZONTAL_SLIDING;

        /** Whether it is a sash on hinges. */
        public boolean isHung() {
            return isHungAtSide() || this == TOP_HUNG || this == BOTTOM_HUNG;
        }

        public boolean isHungAtSide() {
            return this == SIDE_HUNG || this == TILT_AND_TURN;
        }
    }

    /** What stands over the row. */
    public sealed interface Over {}

    public record NothingOver() implements Over {}

    /** A second row. @param heightMm from the middle of the transom to the top of the unit */
    public record Toplights(List<Light> row, double heightMm) implements Over {
        public Toplights {
            row = counted(row);
            heightMm = Checks.between("The height of toplights", heightMm, 100, 5000);
        }
    }

    public Lights {
        row = counted(row);
    }

    /** All alike; what is hung at a side hangs on the nearer edge of the frame, what slides does so to its middle. */
    public static Lights equal(int count, Opens opens) {
        List<Light> row = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Side nearer = 2 * i < count ? Side.LEFT : Side.RIGHT;
            row.add(new Light(opens, opens == Opens.HORIZONTAL_SLIDING ? nearer.other() : nearer, 1));
        }
        return new Lights(row, new NothingOver(), false);
    }

    /** From the bottom up. */
    public List<List<Light>> rows() {
        return over instanceof Toplights above ? List.of(row, above.row()) : List.of(row);
    }

    /** What lies left comes to lie right. */
    public Lights mirrored() {
        Over above = over instanceof Toplights t ? new Toplights(mirrored(t.row()), t.heightMm()) : over;
        return new Lights(mirrored(row), above, inwards);
    }

    private static List<Light> mirrored(List<Light> row) {
        return row.reversed().stream().map(Light::mirrored).toList();
    }

    private static List<Light> counted(List<Light> row) {
        if (row.isEmpty() || row.size() > MOST)
            throw new Unusable("A window has 1 to %d lights, not %d.".formatted(MOST, row.size()));
        return List.copyOf(row);
    }
}
