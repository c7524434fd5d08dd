package org.leanlintel.core.edit.drawing;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Tracing;

/** Lays a picture behind a storey's plan. Its facts are those of {@link Tracing}. */
public record LayTracing(ElementId storey, String name, String file, int page, Vec at, double widthMm, double heightMm)
        implements Edit {

    /** So that what is drawn stands out against it. */
    private static final double USUAL_STRENGTH = 0.5;

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey);
    }

    @Override
    public Outcome on(Building building) {
        ElementId id = new NewIds(building.model()).next();
        Tracing made = new Tracing(id, storey, name, file, page, at, widthMm, heightMm, 0, USUAL_STRENGTH);
        return Change.to(building.model(), "lay " + Naming.of(made), List.of(made), List.of());
    }
}
