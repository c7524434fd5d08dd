package org.leanlintel.core.roof;

import org.leanlintel.core.geometry.Vec;

/** An edge of a roof's outline, with the roof to its left. */
public record RoofEdge(Vec from, Vec to, Profile profile) {

    Vec along() {
        return to.minus(from).unit();
    }

    /** Inwards, one long. */
    public Vec inwards() {
        return along().left();
    }

    RoofEdge rising(Profile other) {
        return new RoofEdge(from, to, other);
    }
}
