package org.leanlintel.core.edit.drawing;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Adds a drawing to the register. @param scale the number under the line: 50 for 1:50 */
public record AddDrawing(
        String name,
        Drawing.Kind kind,
        ElementId storey,
        ElementId lens,
        double scale,
        Drawing.Subject subject,
        Drawing.Frame frame,
        List<ElementId> also)
        implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(storey, lens);
    }

    @Override
    public Outcome on(Building building) {
        if (taken(name, building.model()) instanceof Refusal refusal) return refusal;
        Drawing made = new Drawing(
                new NewIds(building.model()).next(),
                name,
                kind,
                storey,
                lens,
                scale,
                "",
                subject,
                Drawing.lastOrder(building.model()),
                frame,
                also);
        return Change.to(building.model(), "add " + Naming.of(made), List.of(made), List.of());
    }

    /** Says that a drawing has a name already; null where none has. */
    static @Nullable Refusal taken(String name, Model model) {
        for (Drawing d : model.all(Drawing.class)) {
            if (d.name().equalsIgnoreCase(name.strip()))
                return Refusal.because("There is a drawing \"%s\" already.".formatted(d.name()), d.id());
        }
        return null;
    }
}
