package org.leanlintel.core.edit;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Placing;

/** Cuts a wall for a door or a window. Sizes in millimetres as in {@link Opening}. */
public record PlaceOpening(
        ElementId wall,
        ElementId layer,
        Placing placing,
        double widthMm,
        double heightMm,
        double sillMm,
        Opening.Kind kind)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(wall, layer);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        String mark = Naming.nextMark(model, kind instanceof Opening.Window ? "G" : "D", 1);
        Opening opening =
                new Opening(new NewIds(model).next(), layer, mark, wall, placing, widthMm, heightMm, sillMm, kind);
        return Change.to(model, "place " + Naming.of(opening), List.of(opening), List.of());
    }
}
