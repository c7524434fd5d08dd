package org.leanlintel.core.edit.carry;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Unusable;

/** Turns things about a point, or copies of them. @param radians counter-clockwise */
public record Turn(List<ElementId> elements, Vec centre, double radians, boolean copy) implements Edit {

    public Turn {
        elements = List.copyOf(elements);
        if (!Double.isFinite(radians)) throw new Unusable("An angle must be a number.");
    }

    @Override
    public Set<ElementId> reads() {
        return Set.copyOf(elements);
    }

    @Override
    public Outcome on(Building building) {
        return Rearranged.of(building, elements, Rigid.turn(centre, radians), copy, "turn");
    }
}
