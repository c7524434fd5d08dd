package org.leanlintel.core.model;

import java.util.List;
import org.leanlintel.core.geometry.Vec;

/** Hides what lies under it in one drawing, all but what is written there. @param ring its outline, not repeating the first point */
public record Blank(ElementId id, ElementId layer, ElementId drawing, List<Vec> ring) implements Annotation {

    public Blank {
        ring = Checks.cleanRing("A blank", ring);
    }

    public Blank within(List<Vec> other) {
        return new Blank(id, layer, drawing, other);
    }

    @Override
    public boolean throughLens() {
        return false;
    }

    @Override
    public Blank onLayer(ElementId other) {
        return new Blank(id, other, drawing, ring);
    }
}
