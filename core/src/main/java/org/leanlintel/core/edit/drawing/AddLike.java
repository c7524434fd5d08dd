package org.leanlintel.core.edit.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Worded;
import org.leanlintel.core.model.WordsAt;

/**
 * Adds a drawing like another through a lens: of the same part, with the same in front, and labels and marks where they were put by
 * hand in the other.
 */
public record AddLike(ElementId drawing, String name, ElementId lens) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, lens);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Drawing like = model.get(drawing, Drawing.class);
        if (AddDrawing.taken(name, model) instanceof Refusal refusal) return refusal;
        Drawing made = like.through(lens)
                .as(new NewIds(model).next(), name)
                .ordered(Drawing.lastOrder(model))
                .leftOut(false);
        List<Element> put = new ArrayList<>(List.of(made));
        for (Element e : model.elements())
            if (e instanceof Worded w)
                for (WordsAt.InDrawing in : w.words().own())
                    if (in.drawing().equals(drawing)) put.add(w.worded(w.words().put(made.id(), in.at())));
        return Change.to(model, "add " + Naming.of(made), put, List.of());
    }
}
