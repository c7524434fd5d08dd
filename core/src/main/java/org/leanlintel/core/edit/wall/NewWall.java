package org.leanlintel.core.edit.wall;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WorkState;

/**
 * What walls to draw are to be.
 *
 * @param outside the side of the run on which the build-up's outer face lies
 * @param reach how far ends go into the walls they stand on
 */
public record NewWall(
        ElementId storey,
        ElementId layer,
        ElementId buildUp,
        SetOut setOut,
        Side outside,
        WallEnd.Reach reach,
        Rise rise,
        WorkState state) {

    /** A new wall from floor to head. */
    public static NewWall of(
            ElementId storey, ElementId layer, ElementId buildUp, SetOut setOut, Side outside, WallEnd.Reach reach) {
        return new NewWall(storey, layer, buildUp, setOut, outside, reach, Rise.FULL, WorkState.NEW);
    }

    NewWall outside(Side other) {
        return new NewWall(storey, layer, buildUp, setOut, other, reach, rise, state);
    }

    Wall between(ElementId id, String mark, WallEnd start, WallEnd end) {
        return new Wall(id, storey, layer, mark, buildUp, setOut, outside, start, end, 0, rise, state);
    }

    Set<ElementId> reads() {
        return new LinkedHashSet<>(List.of(storey, layer, buildUp));
    }
}
