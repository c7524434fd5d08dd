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
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.WorkState;

/** Puts steps or a ramp before an outside door. */
public record PlaceSteps(
        ElementId opening, ElementId layer, double widthMm, double landingMm, OutsideSteps.Way way, ElementId material)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(opening, layer, material);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Opening door = model.get(opening, Opening.class);
        for (OutsideSteps s : model.all(OutsideSteps.class))
            if (s.opening().equals(opening))
                return Refusal.because(
                        "There are steps %s before %s already.".formatted(s.mark(), door.mark()), s.id());
        OutsideSteps made = new OutsideSteps(
                new NewIds(model).next(),
                layer,
                Naming.nextMark(model, "OS", 1),
                opening,
                widthMm,
                landingMm,
                way,
                material,
                WorkState.NEW);
        return Change.to(model, "place " + Naming.of(made), List.of(made), List.of());
    }
}
