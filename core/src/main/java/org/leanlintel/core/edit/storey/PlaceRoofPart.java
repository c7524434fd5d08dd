package org.leanlintel.core.edit.storey;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.JoinedRoof;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.WorkState;

/** Lets a light or a chimney into the highest roof at a point. @param at its middle, in plan */
public record PlaceRoofPart(ElementId layer, Vec at, double widthMm, double lengthMm, RoofPart.Make make)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(layer);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        BuiltRoof highest = null;
        double most = Double.NEGATIVE_INFINITY;
        for (Roof r : model.all(Roof.class))
            if (building.get(new JoinedRoof.Of(r.id())) instanceof JoinedRoof joined)
                for (var face : joined.faces())
                    if (face.plan().covers(at) && face.plane().at(at) > most) {
                        most = face.plane().at(at);
                        highest = joined.built();
                    }
        if (highest == null) return Refusal.because("There is no roof there.");
        RoofPart draft = new RoofPart(
                new NewIds(model).next(),
                highest.roof().id(),
                layer,
                "draft",
                at,
                widthMm,
                lengthMm,
                make,
                WorkState.NEW);
        RoofPart made = draft.on(draft.id(), draft.roof(), layer, Naming.nextMark(model, draft.letters(), 1), make);
        return Change.to(model, "place " + Naming.of(made), List.of(made), List.of());
    }
}
