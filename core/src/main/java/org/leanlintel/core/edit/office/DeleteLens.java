package org.leanlintel.core.edit.office;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Deletes a lens; drawings that were seen through it are seen through another from then on. */
public record DeleteLens(ElementId lens, ElementId instead) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(lens, instead);
    }

    @Override
    public Outcome on(Building building) {
        Lens gone = building.model().get(lens, Lens.class);
        if (building.model().get(instead, Lens.class).equals(gone))
            return Refusal.because("Choose another lens for the drawings of the one that goes.", lens);
        List<Element> put = building.model().all(Drawing.class).stream()
                .filter(d -> d.lens().equals(lens))
                .map(d -> (Element) d.through(instead))
                .toList();
        return Change.to(building.model(), "delete " + Naming.of(gone), put, Set.of(lens));
    }
}
