package org.leanlintel.core.edit.wall;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WorkState;

/** Stands a post on a storey. @param at its middle; @param angle of its width, radians counter-clockwise */
public record PlacePost(ElementId storey, ElementId layer, Vec at, double angle, double widthMm, WallPiece.Mass make)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, layer);
    }

    @Override
    public Outcome on(Building building) {
        String mark = Naming.nextMark(building.model(), "P", 1);
        Post post = new Post(
                new NewIds(building.model()).next(), storey, layer, mark, at, angle, widthMm, make, WorkState.NEW);
        return Change.to(building.model(), "place " + Naming.of(post), List.of(post), List.of());
    }
}
