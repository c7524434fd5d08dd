package org.leanlintel.core.truss;

import org.leanlintel.core.model.Truss;

/**
 * What the shape of a truss follows from. Heights are over the plates, millimetres, slopes rise per run.
 *
 * @param spanMm from the outer edge of one plate to that of the other
 * @param leftTan slope of the left top chord; @param rightTan of the right one; 0 where it stands under one slope, which is
 *     high at its right end
 * @param buttMm from the plate's outer edge up to the underside of the top chord; less than nothing where a gable's truss is lowered
 * @param leftOverMm how far the left top chord runs out, to its plumb tail; @param rightOverMm likewise
 */
public record TrussSum(
        Truss.Form form,
        double spanMm,
        double leftTan,
        double rightTan,
        double buttMm,
        double leftOverMm,
        double rightOverMm,
        double topMm,
        double bottomMm,
        double webMm) {

    /** Whether it stands under the left slope alone. */
    public boolean hasOneSlope() {
        return rightTan == 0;
    }

    /** Where the top chords meet, from the left; its end where there is one. */
    public double peakMm() {
        return hasOneSlope() ? spanMm : spanMm * rightTan / (leftTan + rightTan);
    }

    /** How high the top of a top chord is over the plate's outer edge. */
    public double heelMm() {
        return buttMm + topMm * Math.hypot(1, leftTan);
    }
}
