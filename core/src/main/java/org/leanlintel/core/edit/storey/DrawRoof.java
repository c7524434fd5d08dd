package org.leanlintel.core.edit.storey;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.WorkState;

/** Roofs a shell, or what is drawn. */
public record DrawRoof(
        ElementId storey,
        ElementId layer,
        ElementId buildUp,
        Roof.Over over,
        Roof.Plate plate,
        Roof.Heel heel,
        Roof.Edge usual,
        List<Roof.OwnEdge> own,
        Roof.Trim trim,
        Roof.Under under)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, layer, buildUp);
    }

    @Override
    public Outcome on(Building building) {
        return drawn(made(building.model()), building.model());
    }

    static Outcome drawn(Roof made, Model model) {
        return Change.to(model, "draw " + Naming.of(made), List.of(made), List.of());
    }

    Roof made(Model model) {
        return new Roof(
                new NewIds(model).next(),
                storey,
                layer,
                Naming.nextMark(model, "R", 1),
                buildUp,
                over,
                plate,
                heel,
                usual,
                own,
                trim,
                under,
                WorkState.NEW);
    }
}
