package org.leanlintel.core.edit.storey;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.WorkState;

/** Lays a floor: inside a shell, or as drawn. */
public record DrawFloor(
        ElementId storey,
        ElementId layer,
        ElementId buildUp,
        Floor.Outline outline,
        double stepMm,
        double span,
        Floor.Fall fall)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, layer, buildUp);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        if (outline instanceof Floor.InsideShell shell && filledBy(building, shell) instanceof Floor floor)
            return Refusal.because(
                    "%s fills this shell already: change it, or draw the outline of a part of it."
                            .formatted(floor.mark()),
                    floor.id());
        Floor made = new Floor(
                new NewIds(model).next(),
                storey,
                layer,
                Naming.nextMark(model, "FL", 1),
                buildUp,
                outline,
                stepMm,
                span,
                fall,
                WorkState.NEW);
        return Change.to(model, "lay " + Naming.of(made), List.of(made), List.of());
    }

    private @Nullable Floor filledBy(Building building, Floor.InsideShell shell) {
        return building.model().all(Floor.class).stream()
                .filter(f -> f.storey().equals(storey) && f.outline() instanceof Floor.InsideShell)
                .filter(f -> FloorAreas.of(f, building).filled().covers(shell.seed()))
                .findFirst()
                .orElse(null);
    }
}
