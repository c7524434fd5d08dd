package org.leanlintel.core.edit.drawing;

import java.util.List;
import java.util.Set;
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

/** Lets a table that is too long run on in a drawing of its own. @param after the last row that stays, counted from 1 */
public record ContinueTable(ElementId drawing, int after) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Drawing table = model.get(drawing, Drawing.class);
        if (!table.kind().isTable()) return Refusal.because("Only a table can run on in another drawing.", drawing);
        Drawing.Rows rows = table.frame() instanceof Drawing.Rows r ? r : new Drawing.Rows(1, 0);
        if (after < rows.from() || !rows.isLast() && after >= rows.to())
            return Refusal.because(
                    "Say after which of its rows it runs on: from %d%s."
                            .formatted(rows.from(), rows.isLast() ? " on" : " to " + (rows.to() - 1)),
                    drawing);
        Drawing more = new Drawing(
                new NewIds(model).next(),
                DrawElevations.freeName(
                        model, List.of(), table.name().replaceAll(", continued( \\d+)?$", "") + ", continued"),
                table.kind(),
                table.storey(),
                table.lens(),
                table.scale(),
                table.sortBy(),
                table.subject(),
                Drawing.lastOrder(model),
                new Drawing.Rows(after + 1, rows.to()),
                List.of());
        Drawing here = table.framed(new Drawing.Rows(rows.from(), after));
        return Change.to(model, "run on " + Naming.of(table), List.of(here, more), List.of());
    }
}
