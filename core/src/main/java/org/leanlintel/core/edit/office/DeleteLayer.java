package org.leanlintel.core.edit.office;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.Steps;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.ReviseAll;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.OnLayer;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Deletes a layer, and says what becomes of what lies on it. Kinds that were drawn on it are drawn on the other layer from then on. */
public record DeleteLayer(ElementId layer, Leaves leaves) implements Edit {

    /** What becomes of what lies on a layer that goes. */
    public sealed interface Leaves {}

    /** It moves to another layer: the two are merged. */
    public record ToLayer(ElementId layer) implements Leaves {}

    /** It goes too. */
    public record Nothing() implements Leaves {}

    @Override
    public Set<ElementId> reads() {
        Set<ElementId> read = new LinkedHashSet<>(List.of(layer));
        if (leaves instanceof ToLayer to) read.add(to.layer());
        return read;
    }

    @Override
    public Outcome on(Building building) {
        Layer gone = building.model().get(layer, Layer.class);
        List<OnLayer> there = new ArrayList<>();
        for (Element e : building.model().elements())
            if (e instanceof OnLayer on && on.layer().equals(layer)) there.add(on);
        Steps steps = new Steps(building);
        List<ElementId> deleted = new ArrayList<>(List.of(layer));
        switch (leaves) {
            case ToLayer to -> {
                Layer other = building.model().get(to.layer(), Layer.class);
                if (other.equals(gone)) return Refusal.because("A layer cannot be merged with itself.", layer);
                List<Element> put = new ArrayList<>();
                there.forEach(on -> put.add(on.onLayer(other.id())));
                List<String> takes = new ArrayList<>(other.takes());
                takes.addAll(gone.takes());
                put.add(other.taking(takes));
                if (steps.then(new ReviseAll(put)) instanceof Refusal refusal) return refusal;
            }
            case Nothing n -> there.forEach(on -> deleted.add(on.id()));
        }
        if (steps.then(new Delete(deleted)) instanceof Refusal refusal) return refusal;
        return steps.as("delete " + Naming.of(gone));
    }
}
