package org.leanlintel.core.edit;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Outcome;

/** Writes a note or a name on a drawing. */
public record PlaceNote(ElementId drawing, ElementId layer, Vec at, String text, Note.Style style) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, layer);
    }

    @Override
    public Outcome on(Building building) {
        Note note = new Note(new NewIds(building.model()).next(), layer, drawing, at, text, style, false);
        return Change.to(building.model(), "write " + Naming.of(note), List.of(note), List.of());
    }
}
