package org.leanlintel.core.edit;

import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Hold;

/** A point picked on the board. @param hold what it caught there, or the bare point itself */
public record Pick(Vec at, Hold hold) {

    public static Pick bare(double x, double y) {
        return new Pick(new Vec(x, y), new Hold.AtPoint(new Vec(x, y)));
    }
}
