package org.leanlintel.core.edit.opening;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Puts the mark of a door or a window at a place on its plans; it keeps that place beside the opening when the opening moves. */
public record PutOpeningMark(ElementId opening, Vec at) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(opening);
    }

    @Override
    public Outcome on(Building building) {
        Opening marked = building.model().get(opening, Opening.class);
        WallSolid solid = building.solid(marked.wall());
        if (solid == null || !(solid.opening(opening) instanceof PlacedOpening placed))
            return Refusal.because("%s has no place in its wall.".formatted(Naming.of(marked)), opening);
        double middle = (placed.from() + placed.to()) / 2;
        Vec along = solid.strip().axis().directionAt(middle);
        Vec off = at.minus(solid.strip().at(middle, 0));
        Opening put = marked.marked(new Opening.PutBeside(off.dot(along), off.dot(along.left())));
        return Change.to(building.model(), "move mark " + marked.mark(), List.of(put), List.of());
    }
}
