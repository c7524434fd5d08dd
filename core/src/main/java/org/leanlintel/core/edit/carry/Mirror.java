package org.leanlintel.core.edit.carry;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Mirrors things in a line, or copies of them. @param from and {@code to} two points of the line */
public record Mirror(List<ElementId> elements, Vec from, Vec to, boolean copy) implements Edit {

    public Mirror {
        elements = List.copyOf(elements);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.copyOf(elements);
    }

    @Override
    public Outcome on(Building building) {
        if (Tolerance.same(from, to)) return Refusal.because("A line to mirror in needs two points apart.");
        return Rearranged.of(building, elements, Rigid.mirror(Line.between(from, to)), copy, "mirror");
    }
}
