package org.leanlintel.core.edit.note;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.note.Column;

/** Sets notes of one drawing in a column, so that no leader crosses another. */
public record TidyNotes(List<ElementId> notes) implements Edit {

    public TidyNotes {
        notes = List.copyOf(notes);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.copyOf(notes);
    }

    @Override
    public Outcome on(Building building) {
        List<Note> all = notes.stream()
                .distinct()
                .map(id -> building.model().get(id, Note.class))
                .toList();
        if (all.size() < 2) return Refusal.because("Select two notes or more to set them in a column.");
        ElementId drawing = all.getFirst().drawing();
        for (Note n : all)
            if (!n.drawing().equals(drawing))
                return Refusal.because("These notes stand in different drawings; choose those of one.", n.id());
        List<Vec> places = new Column(all, building.model().get(drawing, Drawing.class), building).places();
        List<Element> put = new ArrayList<>();
        for (int i = 0; i < all.size(); i++)
            put.add(all.get(i).with(places.get(i), all.get(i).leaders()));
        return Change.to(building.model(), "set %d notes in a column".formatted(all.size()), put, List.of());
    }
}
