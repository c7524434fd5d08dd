package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Vec;

/** A sign on a drawing that says what the project knows. @param at its middle; of a level mark, its tip */
public record Sign(ElementId id, ElementId layer, ElementId drawing, Vec at, Says says, boolean throughLens)
        implements Annotation {

    public Sign {
        at = Checks.near(at);
    }

    public enum Says {
        /** Where north is. */
        NORTH,
        /** Of a plan, the level of the finished floor there; of a drawing that shows heights, that of the place itself. */
        LEVEL,
        /** How long lengths are. */
        SCALE,
        /** Of a plan, the elevation of the side of the house it stands on, and on which sheet that is. */
        ELEVATION
    }

    public Sign moved(Vec by) {
        return new Sign(id, layer, drawing, at.plus(by), says, throughLens);
    }

    public Sign in(ElementId otherId, ElementId otherLayer, ElementId otherDrawing, Vec there) {
        return new Sign(otherId, otherLayer, otherDrawing, there, says, throughLens);
    }

    @Override
    public Sign onLayer(ElementId other) {
        return in(id, other, drawing, at);
    }
}
