package org.leanlintel.core.edit.drawing;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Steps;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Unusable;

/** Adds several drawings to the register at once, as a building plan and a furniture plan of every storey. */
public record AddDrawings(List<AddDrawing> drawings) implements Edit {

    private static final int MOST = 200;

    public AddDrawings {
        drawings = List.copyOf(drawings);
        if (drawings.size() > MOST) throw new Unusable("At most %d drawings are added at once.".formatted(MOST));
    }

    @Override
    public Set<ElementId> reads() {
        Set<ElementId> reads = new LinkedHashSet<>();
        for (AddDrawing d : drawings) reads.addAll(d.reads());
        return reads;
    }

    @Override
    public Outcome on(Building building) {
        Steps steps = new Steps(building);
        for (AddDrawing d : drawings) if (steps.then(d) instanceof Refusal refusal) return refusal;
        return steps.as(drawings.size() == 1 ? "add a drawing" : "add %d drawings".formatted(drawings.size()));
    }
}
