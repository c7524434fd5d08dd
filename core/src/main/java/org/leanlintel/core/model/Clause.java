package org.leanlintel.core.model;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A sentence of the office's library that keyed notes say.
 *
 * @param heading what it is listed under
 * @param text with blanks, three underscores or more, that are filled where it is used
 * @param order its place in lists
 */
public record Clause(ElementId id, String heading, String text, double order) implements Element.Stock {

    private static final Pattern BLANK = Pattern.compile("_{3,}");
    private static final int MOST_BLANKS = 10;

    public Clause {
        heading = Checks.name("A clause's heading", heading);
        if (text.isBlank()) throw new Unusable("A clause must not be empty.");
        text = Checks.text("A clause", text.strip(), 1000);
        order = Checks.number("A clause's place", order, -1e9, 1e9, "");
        if (blanks(text) > MOST_BLANKS) throw new Unusable("A clause has %d blanks at most.".formatted(MOST_BLANKS));
    }

    /** How many blanks it has. */
    public int blanks() {
        return blanks(text);
    }

    private static int blanks(String text) {
        return (int) BLANK.matcher(text).results().count();
    }

    /** Its text with its blanks filled, in their order; one that nothing fills stays one. */
    public String filled(List<String> fills) {
        int[] at = {0};
        return BLANK.matcher(text).replaceAll(found -> {
            String fill = at[0] < fills.size() ? fills.get(at[0]) : "";
            at[0]++;
            return Matcher.quoteReplacement(fill.isBlank() ? found.group() : fill);
        });
    }

    public Clause saying(String words) {
        return new Clause(id, heading, words, order);
    }

    public Clause called(ElementId other) {
        return new Clause(other, heading, text, order);
    }
}
