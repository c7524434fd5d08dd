package org.leanlintel.core.note;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.model.Clause;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Model;

/**
 * The keyed notes of a project with their numbers, which count through the whole set: one for each clause, and one for each way
 * its blanks are filled, in the order of the library.
 */
public record KeyedNotes(List<Entry> entries) {

    /** @param text with its blanks filled */
    public record Entry(int number, Clause clause, List<String> fills, String text) {}

    /** Those of a model. */
    public record All() implements Key<KeyedNotes> {
        @Override
        public KeyedNotes from(Reads reads) {
            return of(reads.model());
        }
    }

    private static final Comparator<Clause> IN_LIBRARY =
            Comparator.comparingDouble(Clause::order).thenComparing(Clause::id);

    public KeyedNotes {
        entries = List.copyOf(entries);
    }

    private static KeyedNotes of(Model model) {
        Map<Clause, TreeMap<String, List<String>>> used = new TreeMap<>(IN_LIBRARY);
        for (KeyMark m : model.all(KeyMark.class))
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
