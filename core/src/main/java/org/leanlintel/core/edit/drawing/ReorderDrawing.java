package org.leanlintel.core.edit.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Moves a drawing before another in the register. */
public record ReorderDrawing(ElementId drawing, ElementId before) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, before);
    }

    @Override
    public Outcome on(Building building) {
        Drawing moved = building.model().get(drawing, Drawing.class);
        Drawing next = building.model().get(before, Drawing.class);
        if (moved.equals(next)) return Refusal.because("A drawing cannot stand before itself.", drawing);
        List<Drawing> register = new ArrayList<>(Drawing.register(building.model()));
        register.remove(moved);
        register.add(register.indexOf(next), moved);
        List<Element> put = new ArrayList<>();
        for (int i = 0; i < register.size(); i++)
            if (register.get(i).order() != i) put.add(register.get(i).ordered(i));
        return Change.to(building.model(), "reorder " + Naming.of(moved), put, List.of());
    }
}
