package org.leanlintel.core.edit.storey;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.WorkState;

/** Draws a stair from a storey to the one above. */
public record DrawStair(
        ElementId storey,
        ElementId layer,
        Vec at,
        double angle,
        double widthMm,
        Stair.Shape shape,
        Stair.Risers risers,
        Stair.Going going,
        StairMake make,
        Stair.Above above)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, layer);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Stair made = new Stair(
                new NewIds(model).next(),
                storey,
                layer,
                Naming.nextMark(model, "ST", 1),
                at,
                angle,
                widthMm,
                shape,
                risers,
                going,
                make,
                above,
                WorkState.NEW);
        return Change.to(model, "draw " + Naming.of(made), List.of(made), List.of());
    }
}
