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
import org.leanlintel.core.model.Truss;
import org.leanlintel.core.model.WorkState;

/** Sets up trusses in a roof. They are refused where they cannot stand in it. */
public record LayTrusses(
        ElementId roof,
        ElementId layer,
        Truss.Form form,
        double topMm,
        double bottomMm,
        double webMm,
        double thickMm,
        double spacingMm,
        Truss.Along along)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(roof, layer);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Truss made = new Truss(
                new NewIds(model).next(),
                roof,
                layer,
                Naming.nextMark(model, "T", 1),
                form,
                topMm,
                bottomMm,
                webMm,
                thickMm,
                1,
                spacingMm,
                along,
                WorkState.NEW);
        return Change.to(model, "lay trusses " + made.mark(), List.of(made), List.of());
    }
}
