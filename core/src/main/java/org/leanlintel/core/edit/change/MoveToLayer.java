package org.leanlintel.core.edit.change;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.OnLayer;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Moves things to another layer; nothing else about them changes. */
public record MoveToLayer(List<ElementId> elements, ElementId layer) implements Edit {

    public MoveToLayer {
        elements = List.copyOf(elements);
    }

    @Override
    public Set<ElementId> reads() {
        Set<ElementId> read = new LinkedHashSet<>(elements);
        read.add(layer);
        return read;
    }

    @Override
    public Outcome on(Building building) {
        if (elements.isEmpty()) return Refusal.because("Nothing is selected.");
        Layer to = building.model().get(layer, Layer.class);
        List<Element> put = new ArrayList<>();
        for (ElementId id : elements) {
            Element e = building.model().get(id, Element.class);
            if (!(e instanceof OnLayer on))
                return Refusal.because("%s lies on no layer.".formatted(Naming.of(e)), e.id());
            put.add(on.onLayer(layer));
        }
        String name = "move %s to %s".formatted(Naming.of(put), Naming.of(to));
        return Change.to(building.model(), name, put, List.of());
    }
}
