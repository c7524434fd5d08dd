package org.leanlintel.core.edit.office;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Ply;

/**
 * Adds a build-up to the project.
 *
 * @param buildUp as it is to be; its id is given by the edit, and so is its mark where another has that already
 */
public record AddBuildUp(BuildUp buildUp) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return buildUp.plies().stream().map(Ply::material).collect(Collectors.toSet());
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        boolean taken = model.all(BuildUp.class).stream().anyMatch(b -> b.mark().equalsIgnoreCase(buildUp.mark()));
        String mark = taken ? Naming.nextBuildUpMark(model, buildUp.mark().replaceAll("\\d+$", ""), 1) : buildUp.mark();
        BuildUp made = buildUp.named(new NewIds(model).next(), mark, buildUp.name());
        return Change.to(model, "add " + Naming.of(made), List.of(made), List.of());
    }
}
