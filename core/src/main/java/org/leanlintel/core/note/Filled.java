package org.leanlintel.core.note;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Settings;

/**
 * The words of a note with its fields filled from the first thing it points at, and from what the project says of itself; words on a
 * sheet from that.
 *
 * @param text as it is set; a field that nothing fills stands as it was typed
 * @param unknown the fields that nothing fills
 */
public record Filled(String text, List<String> unknown) {

    private static final Pattern FIELD = Pattern.compile("\\{([^{}\\n]{1,60})}");
    /** What looks like the name of one: other words in braces are not missed. */
    private static final Pattern NAME = Pattern.compile("[A-Za-z][A-Za-z -]{0,38}");

    public Filled {
        unknown = List.copyOf(unknown);
    }

    public static Filled of(Note note, Building building) {
        if (note.text().indexOf('{') < 0) return new Filled(note.text(), List.of());
        Map<String, String> facts = new LinkedHashMap<>();
        if (!note.leaders().targets().isEmpty())
            facts.putAll(Facts.of(note.leaders().targets().getFirst(), building));
        building.model().settings().fields().forEach(facts::putIfAbsent);
        return of(note.text(), facts);
    }

    /** Words on a sheet. */
    public static Filled of(String words, Settings project) {
        return of(words, project.fields());
    }

    private static Filled of(String words, Map<String, String> facts) {
        List<String> unknown = new ArrayList<>();
        String text = FIELD.matcher(words).replaceAll(found -> {
            String name = found.group(1).strip(), value = value(name, facts);
            if (value == null && NAME.matcher(name).matches()) unknown.add(found.group());
            return Matcher.quoteReplacement(value == null ? found.group() : value);
        });
        return new Filled(text, unknown);
    }

    /** What nobody has stated fills nothing. */
    private static @Nullable String value(String name, Map<String, String> facts) {
        String value = facts.getOrDefault(name, facts.getOrDefault(name.toLowerCase(Locale.ROOT), ""));
        return value.isBlank() ? null : value;
    }
}
