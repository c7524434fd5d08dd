package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Words broken into lines between them. */
public final class BrokenLines {

    private BrokenLines() {}

    /** As many words to a line as fit; a word that is wider than that stands by itself. @param widthOf a line */
    public static List<String> of(String words, double widthMm, ToDoubleFunction<String> widthOf) {
        List<String> lines = new ArrayList<>();
        String line = "";
        for (String word : words.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            boolean fits = line.isEmpty() || widthOf.applyAsDouble(longer) <= widthMm;
            if (!fits) lines.add(line);
            line = fits ? longer : word;
        }
        lines.add(line);
        return lines;
    }
}
