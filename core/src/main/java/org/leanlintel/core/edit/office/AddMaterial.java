package org.leanlintel.core.edit.office;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Adds a material to the project. @param material as it is to be; its id is given by the edit */
public record AddMaterial(Material material) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of();
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        for (Material m : model.all(Material.class))
            if (m.name().equalsIgnoreCase(material.name()))
                return Refusal.because("There is a material \"%s\" already.".formatted(m.name()), m.id());
        Material made = material.called(new NewIds(model).next(), material.name());
        return Change.to(model, "add " + Naming.of(made), List.of(made), List.of());
    }
}
