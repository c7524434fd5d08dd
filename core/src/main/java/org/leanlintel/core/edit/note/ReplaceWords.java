package org.leanlintel.core.edit.note;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Clause;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/**
 * Puts other words in place of some, wherever they stand in notes, words on sheets, clauses and the blanks of keyed notes; capitals count.
 *
 * @param find as it stands there; not empty
 */
public record ReplaceWords(String find, String with) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of();
    }

    @Override
    public Outcome on(Building building) {
        if (find.isEmpty()) return Refusal.because("Say which words to find.");
        Model model = building.model();
        List<Element> put = new ArrayList<>();
        for (Note n : model.all(Note.class)) if (n.text().contains(find)) put.add(n.saying(said(n.text())));
        for (Clause c : model.all(Clause.class)) if (c.text().contains(find)) put.add(c.saying(said(c.text())));
        for (KeyMark m : model.all(KeyMark.class))
            if (m.fills().stream().anyMatch(f -> f.contains(find)))
                put.add(m.filled(m.fills().stream().map(this::said).toList()));
        for (Drawing d : model.all(Drawing.class))
            if (d.subject() instanceof Drawing.Written w && w.text().contains(find))
                put.add(d.of(w.saying(said(w.text()))));
        if (put.isEmpty()) return Refusal.because("No note and no clause says \"%s\".".formatted(find));
        return Change.to(model, "replace words in %d places".formatted(put.size()), put, List.of());
    }

    private String said(String words) {
        return words.replace(find, with);
    }
}
