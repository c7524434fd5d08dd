package org.leanlintel.core.model;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** What the marks of walls, doors and windows begin with: the W of W3. One to three capital letters each, all different. */
public record MarkLetters(String walls, String doors, String windows) {

    private static final Pattern LETTERS = Pattern.compile("\\p{Lu}{1,3}");

    /** Those of projects that were begun before they could be chosen. */
    public static final MarkLetters PLAIN = new MarkLetters("W", "D", "G");

    public MarkLetters {
        walls = letters("walls", walls);
        doors = letters("doors", doors);
        windows = letters("windows", windows);
        if (List.of(walls, doors, windows).stream().distinct().count() < 3)
            throw new Unusable("The marks of walls, doors and windows begin with different letters.");
    }

    private static String letters(String of, String typed) {
        String letters = typed.strip().toUpperCase(Locale.ROOT);
        if (!LETTERS.matcher(letters).matches())
            throw new Unusable("The marks of %s begin with one to three letters, not with \"%s\"."
                    .formatted(of, Checks.text("The letters of marks", typed, 20)));
        return letters;
    }
}
