package org.leanlintel.core.edit;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Refusal;

/** Adds a build-up to the project. Plies run from outside to inside. */
public record AddBuildUp(String name, List<Ply> plies, String source) implements Edit {

    public AddBuildUp {
        plies = List.copyOf(plies);
    }

    @Override
    public Set<ElementId> reads() {
        return plies.stream().map(Ply::material).collect(Collectors.toSet());
    }

    @Override
    public Outcome on(Building building) {
        for (BuildUp known : building.model().all(BuildUp.class)) {
            if (known.name().equalsIgnoreCase(name.strip())) {
                return Refusal.because("There is a build-up \"%s\" already.".formatted(known.name()), known.id());
            }
        }
        BuildUp made = new BuildUp(new NewIds(building.model()).next(), name, plies, source);
        return Change.to(building.model(), "add " + Naming.of(made), List.of(made), List.of());
    }
}
