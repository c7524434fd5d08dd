package org.leanlintel.core.truss;

import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Truss;

/**
 * One half of a truss, seen from its plate: x runs inwards.
 *
 * @param tan slope of its top chord; @param bottom that of its bottom chord
 * @param up of the bottom chord's underside over the plate's outer edge
 * @param run to the peak
 */
record Half(TrussSum sum, double tan, double bottom, double up, double run) {

    static Half of(TrussSum sum, double tan, double run) {
        double bottom = sum.form() instanceof Truss.Scissor s ? s.bottom().tan() : 0;
        double up = sum.form() instanceof Truss.RaisedTie r ? r.upMm() : 0;
        return new Half(sum, tan, bottom, up, run);
    }

    /** The underside of the top chord. */
    double under(double x) {
        return sum.buttMm() + x * tan;
    }

    double topDeep() {
        return sum.topMm() * Math.hypot(1, tan);
    }

    double bottomDeep() {
        return sum.bottomMm() * Math.hypot(1, bottom);
    }

    /** The underside of the bottom chord. */
    double low(double x) {
        return up + x * bottom;
    }

    /** The upper edge of the bottom chord. */
    double over(double x) {
        return low(x) + bottomDeep();
    }

    /** The node of the top chord there. */
    Vec top(double x) {
        return new Vec(x, under(x) + topDeep() / 2);
    }

    /** Where the top chord has a node at a height. */
    double topAt(double height) {
        return (height - sum.buttMm() - topDeep() / 2) / tan;
    }

    Vec bottom(double x) {
        return new Vec(x, low(x) + bottomDeep() / 2);
    }

    /** Up to where the bottom chord is cut along the top chord; 0 where it ends under it. */
    double scarf() {
        return Math.max(0, (up + bottomDeep() - sum.buttMm()) / (tan - bottom));
    }

    /** Where the bottom chord's underside begins: 0 unless it is raised over the top chord's underside. */
    double begin() {
        return Math.max(0, (up - sum.buttMm()) / (tan - bottom));
    }
}
