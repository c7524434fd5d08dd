package org.leanlintel.core.edit.note;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Sign;

/** Puts a sign on a drawing. Parameters as in {@link Sign}. */
public record PlaceSign(ElementId drawing, ElementId layer, Vec at, Sign.Says says) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, layer);
    }

    @Override
    public Outcome on(Building building) {
        Drawing on = building.model().get(drawing, Drawing.class);
        if (says == Sign.Says.NORTH && on.kind() != Drawing.Kind.PLAN)
            return Refusal.because("Only plans show where north is.", drawing);
        if (says == Sign.Says.ELEVATION && on.kind() != Drawing.Kind.PLAN)
            return Refusal.because("Only plans show where elevations are seen from.", drawing);
        if (says == Sign.Says.ELEVATION
                && building.model().all(Drawing.class).stream().noneMatch(d -> d.kind() == Drawing.Kind.ELEVATION))
            return Refusal.because("No elevation is drawn yet.", drawing);
        if (says == Sign.Says.LEVEL
                && on.kind() != Drawing.Kind.PLAN
                && !on.kind().isUpright()) return Refusal.because("Only plans and sections show levels.", drawing);
        Sign sign = new Sign(new NewIds(building.model()).next(), layer, drawing, at, says, false);
        return Change.to(building.model(), "put " + Naming.of(sign), List.of(sign), List.of());
    }
}
