package org.leanlintel.core.note;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.model.Clause;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.sheet.SheetOrder;

/**
 * Keyed notes with their numbers, which count through the whole set or from 1 on each sheet: one for each clause, and one for each
 * way its blanks are filled, in the order of the library.
 */
public record KeyedNotes(List<Entry> entries) {

    /** @param text with its blanks filled */
    public record Entry(int number, Clause clause, List<String> fills, String text) {}

    /**
     * Those that a drawing shows or lists: of all the set, or of the first sheet that it stands on, as the project says. One that
     * stands on no sheet goes by the set.
     */
    public record In(ElementId drawing) implements Key<KeyedNotes> {
        @Override
        public KeyedNotes from(Reads reads) {
            Model model = reads.model();
            return model.settings().clauses() == Settings.ClauseNumbering.BY_SHEET
                            && firstSheet(drawing, model) instanceof Sheet sheet
                    ? reads.get(new On(sheet.id()))
                    : reads.get(new All());
        }
    }

    /** Those of a model. */
    record All() implements Key<KeyedNotes> {
        @Override
        public KeyedNotes from(Reads reads) {
            return of(reads.model().all(KeyMark.class), reads.model());
        }
    }

    /** Those that drawings show of which a sheet is the first they stand on. */
    record On(ElementId sheet) implements Key<KeyedNotes> {
        @Override
        public KeyedNotes from(Reads reads) {
            Model model = reads.model();
            List<Drawing> drawings = model.get(sheet, Sheet.class).drawings().stream()
                    .map(p -> model.get(p.drawing(), Drawing.class))
                    .filter(d -> firstSheet(d.id(), model) instanceof Sheet first
                            && first.id().equals(sheet))
                    .toList();
            List<KeyMark> shown = new ArrayList<>();
            for (KeyMark m : model.all(KeyMark.class))
                if (drawings.stream().anyMatch(d -> d.shows(m, model))) shown.add(m);
            return of(shown, model);
        }
    }

    private static @Nullable Sheet firstSheet(ElementId drawing, Model model) {
        for (Sheet s : SheetOrder.of(model))
            for (Sheet.Placed p : s.drawings()) if (p.drawing().equals(drawing)) return s;
        return null;
    }

    private static final Comparator<Clause> IN_LIBRARY =
            Comparator.comparingDouble(Clause::order).thenComparing(Clause::id);

    public KeyedNotes {
        entries = List.copyOf(entries);
    }

    private static KeyedNotes of(Iterable<KeyMark> marks, Model model) {
        Map<Clause, TreeMap<String, List<String>>> used = new TreeMap<>(IN_LIBRARY);
        for (KeyMark m : marks)
            if (model.find(m.clause()) instanceof Clause c)
                used.computeIfAbsent(c, k -> new TreeMap<>()).putIfAbsent(c.filled(m.fills()), m.fills());
        List<Entry> entries = new ArrayList<>();
        used.forEach((clause, texts) ->
                texts.forEach((text, fills) -> entries.add(new Entry(entries.size() + 1, clause, fills, text))));
        return new KeyedNotes(entries);
    }

    /** The number of a mark; 0 where its clause is not there. */
    public int number(KeyMark mark) {
        for (Entry e : entries)
            if (e.clause().id().equals(mark.clause())
                    && e.text().equals(e.clause().filled(mark.fills()))) return e.number();
        return 0;
    }
}
