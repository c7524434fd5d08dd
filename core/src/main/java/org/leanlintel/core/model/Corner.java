package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/** A point that ends of walls share; moved once, they all follow. With one wall at it, it is that wall's free end. */
public record Corner(ElementId id, ElementId storey, Vec at) implements Element {

    public Corner {
        at = Checks.near(at);
    }
}
