package org.leanlintel.core.model;

/**
 * What a door or window is made as, from its structural (rough) opening inwards. The unit is the opening less its fixing
 * allowances; the leaf is the unit less frame and gaps. All in millimetres.
 *
 * @param fixWidthMm allowed at both sides together, between structure and frame
 * @param fixHeightMm allowed in all, over and under
 * @param frameMm face width of the frame or lining
 * @param gapMm between a door's leaf and its frame, on each side it is hung in; 0 for windows
 * @param underMm between a door's leaf and the floor
 * @param leafMm a door leaf's thickness
 * @param threshold whether a door has a threshold
 * @param barsAcross horizontal glazing bars of each light
 * @param barsUp upright ones
 */
public record OpeningMake(
        double fixWidthMm,
        double fixHeightMm,
        double frameMm,
        double gapMm,
        double underMm,
        double leafMm,
        boolean threshold,
        int barsAcross,
        int barsUp) {

    /** UK practice: 27 to 32 mm lining, 3 mm gaps, 5 mm fixing all round (trade). */
    public static final OpeningMake DOOR = new OpeningMake(10, 5, 32, 3, 8, 40, false, 0, 0);
    /** UK practice: 5 mm all round (trade). */
    public static final OpeningMake WINDOW = new OpeningMake(10, 10, 32, 0, 0, 0, false, 0, 0);

    private static final int MOST_BARS = 12;

    public OpeningMake {
        fixWidthMm = Checks.between("The allowance at the sides", fixWidthMm, 0, 300);
        fixHeightMm = Checks.between("The allowance in height", fixHeightMm, 0, 300);
        frameMm = Checks.between("A frame's face", frameMm, 5, 300);
        gapMm = Checks.between("The gap round a leaf", gapMm, 0, 50);
        underMm = Checks.between("The gap under a leaf", underMm, 0, 200);
        leafMm = Checks.between("A leaf's thickness", leafMm, 0, 200);
        if (Math.min(barsAcross, barsUp) < 0 || Math.max(barsAcross, barsUp) > MOST_BARS)
            throw new Unusable("A light has 0 to %d glazing bars each way.".formatted(MOST_BARS));
    }

    /** The structural opening that a single leaf of a width asks for. */
    public double openingWidthMm(double leafWidthMm) {
        return leafWidthMm + 2 * gapMm + 2 * frameMm + fixWidthMm;
    }

    /** The structural opening that a leaf of a height asks for, above the floor. */
    public double openingHeightMm(double leafHeightMm) {
        return leafHeightMm + underMm + gapMm + frameMm + fixHeightMm;
    }

    public static OpeningMake usual(Opening.Kind kind) {
        return kind instanceof Opening.Window ? WINDOW : DOOR;
    }
}
