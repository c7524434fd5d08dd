package org.leanlintel.core.truss;

import org.leanlintel.core.model.Truss;

/**
 * What the shape of a truss follows from. Heights are over the plates, millimetres, slopes rise per run.
 *
 * @param spanMm from the outer edge of one plate to that of the other
 * @param leftTan slope of the left top chord; @param rightTan of the right one
 * @param buttMm from the plate's outer edge up to the underside of the top chord
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

    /** Where the top chords meet, from the left. */
    public double peakMm() {
        return spanMm * rightTan / (leftTan + rightTan);
    }

    /** How high the top of a top chord is over the plate's outer edge. */
    public double heelMm() {
        return buttMm + topMm * Math.hypot(1, leftTan);
    }
}
