package org.leanlintel.core.edit.change;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Marked;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Worded;

/**
 * Puts the mark of a door, a window or a fitting at a place in one plan; it keeps that place beside the thing when the thing
 * moves.
 */
public record PutMark(ElementId thing, ElementId drawing, Vec at) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(thing, drawing);
    }

    @Override
    public Outcome on(Building building) {
        Element marked = building.model().get(thing, Element.class);
        Vec off =
                switch (marked) {
                    case Opening o -> off(o, building);
                    case Fitting f -> PlacedFitting.of(f, building) instanceof PlacedFitting p ? p.off(at) : null;
                    default -> null;
                };
        if (off == null || !(marked instanceof Worded worded))
            return Refusal.because(
                    "%s has no mark that could be put anywhere.".formatted(Naming.atStart(marked)), thing);
        Element put = worded.worded(worded.words().put(drawing, off));
        return Change.to(building.model(), "move mark " + ((Marked) marked).mark(), List.of(put), List.of());
    }

    private @Nullable Vec off(Opening opening, Building building) {
        WallSolid solid = building.solid(opening.wall());
        if (solid == null || !(solid.opening(opening.id()) instanceof PlacedOpening placed)) return null;
        double middle = (placed.from() + placed.to()) / 2;
        Vec along = solid.strip().axis().directionAt(middle);
        Vec off = at.minus(solid.strip().at(middle, 0));
        return new Vec(off.dot(along), off.dot(along.left()));
    }
}
