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
        double bottom =
                switch (sum.form()) {
                    case Truss.Scissor s -> s.bottom().tan();
                    case Truss.Parallel p -> tan;
                    case Truss.Level l -> 0;
                    case Truss.Attic a -> 0;
                    case Truss.RaisedTie r -> 0;
                    case Truss.Gable g -> 0;
                };
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
        return meet(up + bottomDeep());
    }

    /** Where the bottom chord's underside begins: 0 unless it is raised over the top chord's underside. */
    double begin() {
        return meet(up);
    }

    /** Where a line of the bottom chord, so high over the plate's outer edge, meets the underside of the top chord; 0 where it is under it. */
    private double meet(double high) {
        double over = high - sum.buttMm();
        return over <= 0 ? 0 : over / (tan - bottom);
    }
}
