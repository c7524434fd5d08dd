package org.leanlintel.core.edit.carry;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Unusable;

/**
 * Copies things, once or in a row.
 *
 * @param by from each copy to the next; where they are fitted between, to the last of them
 * @param fit whether all copies are spread evenly over {@code by}
 */
public record Copies(List<ElementId> elements, Vec by, int count, boolean fit) implements Edit {

    private static final int MOST = 200;

    public Copies {
        elements = List.copyOf(elements);
        if (count < 1 || count > MOST) throw new Unusable("Make 1 to %d copies, not %d.".formatted(MOST, count));
    }

    @Override
    public Set<ElementId> reads() {
        return Set.copyOf(elements);
    }

    @Override
    public Outcome on(Building building) {
        if (elements.isEmpty()) return Refusal.because("Nothing is selected.");
        Model model = building.model();
        List<Element> things =
                elements.stream().map(id -> model.get(id, Element.class)).toList();
        NewIds ids = new NewIds(model);
        Marks marks = new Marks(model);
        List<Element> put = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            Rigid shift = Rigid.shift(by.times(fit ? (double) i / count : i));
            Carrying carrying = new Carrying(building, building, UnaryOperator.identity(), shift, true, ids, marks);
            Refusal refusal = carrying.carry(things);
            if (refusal != null) return refusal;
            put.addAll(carrying.put());
        }
        String times = count == 1 ? "" : " %d times".formatted(count);
        return Change.to(model, "copy " + Naming.of(things) + times, put, List.of());
    }
}
