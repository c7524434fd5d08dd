package org.leanlintel.core.edit.carry;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/**
 * Puts copies of things into a drawing: from this project or another, in place or shifted. Build-ups and materials that
 * this project has alike are shared; others come along under names and marks that are free.
 *
 * @param elements what was copied, with all that it refers to
 * @param things those of them that were selected
 * @param drawing the plan they go into
 */
public record Paste(List<Element> elements, List<ElementId> things, ElementId drawing, Vec by) implements Edit {

    public Paste {
        elements = List.copyOf(elements);
        things = List.copyOf(things);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing);
    }

    @Override
    public Outcome on(Building building) {
        if (things.isEmpty()) return Refusal.because("Nothing was copied.");
        Model model = building.model();
        Drawing shown = model.get(drawing, Drawing.class);
        if (shown.kind() != Drawing.Kind.PLAN) return Refusal.because("Things can be pasted into plans.", drawing);
        Model copied = Model.of(model.revision(), elements);
        NewIds ids = new NewIds(model);
        Sharing sharing = new Sharing(model, copied, shown, ids);
        sharing.share();
        Carrying carrying = new Carrying(
                Building.of(copied), building, sharing::there, Rigid.shift(by), true, ids, new Marks(model));
        List<Element> asked =
                things.stream().map(id -> copied.get(id, Element.class)).toList();
        Refusal refusal = carrying.carry(asked);
        if (refusal != null) return refusal;
        List<Element> put = new ArrayList<>(sharing.needed(carrying.put()));
        put.addAll(carrying.put());
        return Change.to(model, "paste " + Naming.of(asked), put, List.of());
    }
}
