package org.leanlintel.core.edit.storey;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;

/**
 * Changes a storey's name, level, height, floor or ceiling. Another height moves everything above; another level gives
 * the storey below another height, or, of the lowest, moves the whole house.
 */
public record ReviseStorey(Storey storey) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey.id());
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Storey was = model.get(storey.id(), Storey.class);
        List<Storey> stack = StoreySpace.stack(model);
        int at = stack.indexOf(was);
        for (Storey s : stack)
            if (s != was && s.name().equalsIgnoreCase(storey.name()))
                return Refusal.because("There is a storey \"%s\" already.".formatted(s.name()), s.id());
        double lifted = storey.levelMm() - was.levelMm();
        double moved = lifted + storey.heightMm() - was.heightMm();
        List<Element> put = new ArrayList<>(List.of(storey));
        if (!Tolerance.same(lifted, 0) && at > 0) {
            Storey below = stack.get(at - 1);
            put.add(below.high(below.heightMm() + lifted));
        }
        for (Storey s : stack.subList(at + 1, stack.size())) put.add(s.at(s.levelMm() + moved));
        return Change.to(model, "change storey " + was.name(), put, List.of());
    }
}
