package org.leanlintel.core.edit.wall;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WorkState;

/** Builds something against a face of a wall, or a niche into it. @param lowMm above the storey's level */
public record PlacePiece(
        ElementId wall,
        ElementId layer,
        Side side,
        WallPiece.Stretch stretch,
        double lowMm,
        double heightMm,
        WallPiece.Make make)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(wall, layer);
    }

    @Override
    public Outcome on(Building building) {
        String mark = Naming.nextMark(building.model(), "P", 1);
        WallPiece piece = new WallPiece(
                new NewIds(building.model()).next(),
                layer,
                mark,
                wall,
                side,
                stretch,
                lowMm,
                heightMm,
                make,
                WorkState.NEW);
        return Change.to(building.model(), "place " + Naming.of(piece), List.of(piece), List.of());
    }
}
