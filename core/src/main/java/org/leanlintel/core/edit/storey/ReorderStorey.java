package org.leanlintel.core.edit.storey;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;

/** Changes places of a storey with the one above or below, each with all that stands on it. The lowest level stays. */
public record ReorderStorey(ElementId storey, boolean up) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Storey moved = model.get(storey, Storey.class);
        List<Storey> stack = new ArrayList<>(StoreySpace.stack(model));
        int at = stack.indexOf(moved), to = up ? at + 1 : at - 1;
        if (to < 0 || to >= stack.size())
            return Refusal.because(
                    "%s is the %s storey already.".formatted(moved.name(), up ? "topmost" : "lowest"), storey);
        double level = stack.getFirst().levelMm();
        Collections.swap(stack, at, to);
        List<Element> put = new ArrayList<>();
        for (Storey s : stack) {
            put.add(s.at(level));
            level += s.heightMm();
        }
        return Change.to(model, "move storey %s %s".formatted(moved.name(), up ? "up" : "down"), put, List.of());
    }
}
