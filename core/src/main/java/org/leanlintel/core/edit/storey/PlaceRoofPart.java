package org.leanlintel.core.edit.storey;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.BuiltRoof;
import org.leanlintel.core.building.roof.Gutter;
import org.leanlintel.core.building.roof.JoinedRoof;
import org.leanlintel.core.building.roof.PlacedRoofPart;
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
        if (make instanceof RoofPart.Downpipe) return downpipe(building);
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
        return placed(model, highest.roof().id(), at);
    }

    /** Before the wall under the nearest gutter. */
    private Outcome downpipe(Building building) {
        Gutter.Spot nearest = null;
        double least = PlacedRoofPart.FROM_WALL_MM;
        for (Roof r : building.model().all(Roof.class))
            if (building.get(new JoinedRoof.Of(r.id())) instanceof JoinedRoof built
                    && Gutter.nearest(built, at, least) instanceof Gutter.Spot spot) {
                nearest = spot;
                least = Math.min(least, spot.at(lengthMm).distanceTo(at));
            }
        if (nearest == null) return Refusal.because("There are no eaves with a gutter near.");
        return placed(building.model(), nearest.roof().roof().id(), nearest.at(lengthMm));
    }

    private Change placed(Model model, ElementId roof, Vec there) {
        RoofPart draft = new RoofPart(
                new NewIds(model).next(), roof, layer, "draft", there, widthMm, lengthMm, make, WorkState.NEW);
        RoofPart made = draft.on(draft.id(), draft.roof(), layer, Naming.nextMark(model, draft.letters(), 1), make);
        return Change.to(model, "place " + Naming.of(made), List.of(made), List.of());
    }
}
