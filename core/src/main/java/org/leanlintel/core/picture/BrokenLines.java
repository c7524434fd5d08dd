package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.regex.Pattern;

/** Words broken into lines between them. */
public final class BrokenLines {

    /** Between words; a figure stays with its unit. */
    private static final Pattern BETWEEN =
            Pattern.compile("(?<![0-9]) | (?!(?:mm|cm|m|m\u00b2|m\u00b3|kg|kN|in|ft|sq|%)(?:[ ,.;:)]|$))");

    private BrokenLines() {}

    /** As many words to a line as fit; a word that is wider than that stands by itself. @param widthOf a line */
    public static List<String> of(String words, double widthMm, ToDoubleFunction<String> widthOf) {
        List<String> lines = new ArrayList<>();
        String line = "";
        for (String word : BETWEEN.split(words, -1)) {
            String longer = line.isEmpty() ? word : line + " " + word;
            boolean fits = line.isEmpty() || widthOf.applyAsDouble(longer) <= widthMm;
            if (!fits) lines.add(line);
            line = fits ? longer : word;
        }
        lines.add(line);
        return lines;
    }
}
