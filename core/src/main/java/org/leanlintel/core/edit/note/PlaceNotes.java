package org.leanlintel.core.edit.note;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Steps;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Several notes at once, as they name the materials of an elevation. */
public record PlaceNotes(List<PlaceNote> notes) implements Edit {

    private static final int MOST = 50;

    public PlaceNotes {
        notes = List.copyOf(notes);
    }

    @Override
    public Set<ElementId> reads() {
        Set<ElementId> reads = new LinkedHashSet<>();
        for (PlaceNote n : notes) reads.addAll(n.reads());
        return reads;
    }

    @Override
    public Outcome on(Building building) {
        if (notes.size() > MOST) return Refusal.because("So many notes are not placed at once.");
        Steps steps = new Steps(building);
        for (PlaceNote n : notes) if (steps.then(n) instanceof Refusal refusal) return refusal;
        return steps.as(notes.size() == 1 ? "place a note" : "place %d notes".formatted(notes.size()));
    }
}
