package org.leanlintel.core.building;

import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.join.WallAxis;
import org.leanlintel.core.derive.Cell;
import org.leanlintel.core.derive.Member;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.derive.Spread;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Wall;

/** A wall before its ends are joined; null where it is not there or has no length. */
record StripOf(ElementId wall) implements Member<@Nullable Strip>, Comparable<StripOf> {

    @Override
    public @Nullable Strip from(Reads reads) {
        Model model = reads.model();
        Wall found = model.find(wall, Wall.class);
        WallAxis axis = found == null ? null : WallAxis.of(model, found);
        return found == null || axis == null ? null : Strip.of(model, found, axis);
    }

    @Override
    public Spread<?> spread() {
        return Walls.ALL;
    }

    @Override
    public Collection<Cell> cells(@Nullable Strip strip) {
        return strip == null ? List.of() : Walls.cells(strip);
    }

    @Override
    public int compareTo(StripOf other) {
        return wall.compareTo(other.wall);
    }
}
