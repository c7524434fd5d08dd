package org.leanlintel.core.note;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Note;

/**
 * The words of a note with its fields filled from the first thing it points at.
 *
 * @param text as it is set; a field that nothing fills stands as it was typed
 * @param unknown the fields that nothing fills
 */
public record Filled(String text, List<String> unknown) {

    private static final Pattern FIELD = Pattern.compile("\\{([A-Za-z][A-Za-z -]{0,38})}");

    public Filled {
        unknown = List.copyOf(unknown);
    }

    public static Filled of(Note note, Building building) {
        if (note.text().indexOf('{') < 0) return new Filled(note.text(), List.of());
        Map<String, String> facts = note.leaders().targets().isEmpty()
                ? Map.of()
                : Facts.of(note.leaders().targets().getFirst(), building);
        List<String> unknown = new ArrayList<>();
        String text = FIELD.matcher(note.text()).replaceAll(found -> {
            String value = facts.get(found.group(1).strip());
            if (value == null) unknown.add(found.group());
            return Matcher.quoteReplacement(value == null ? found.group() : value);
        });
        return new Filled(text, unknown);
    }
}
