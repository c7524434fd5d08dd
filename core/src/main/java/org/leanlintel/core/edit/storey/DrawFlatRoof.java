package org.leanlintel.core.edit.storey;

import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.PlateEdge;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Roof;

/**
 * Roofs a shell, or what is drawn, with one slope: its water goes over one side.
 *
 * @param roof what its other sides are is usual in it
 * @param drains what that side is
 * @param at of the sides the nearest to this point
 */
public record DrawFlatRoof(DrawRoof roof, Roof.Edge drains, Vec at) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return roof.reads();
    }

    @Override
    public Outcome on(Building building) {
        Roof made = roof.made(building.model());
        List<PlateEdge> sides = BuiltRoof.of(made, building).plate();
        if (sides.isEmpty()) return roof.on(building);
        PlateEdge low = Collections.min(sides, Comparator.comparingDouble(s -> s.distanceTo(at)));
        List<Roof.OwnEdge> own =
                low.along().stream().map(a -> new Roof.OwnEdge(a, drains)).toList();
        return DrawRoof.drawn(made.over(made.over(), own), building.model());
    }
}
