package org.leanlintel.core.note;

import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Note;

/**
 * How much a note takes on paper, about: letters have no widths here.
 *
 * @param widthMm of its longest line
 * @param heightMm from the top of its first line to the bottom of its last
 */
public record Block(double widthMm, double heightMm) {

    /** From one base line to the next, in heights of capitals (ISO 3098-1: 15/10 of the lettering height, and a little air). */
    public static final double PITCH = 1.7;

    /** The width of a letter as a part of the height of capitals, about. */
    private static final double LETTER = 0.62;

    /** @param text as it is set, with its fields filled */
    public static Block of(Note note, LetterStyle style, String text) {
        double letter = style.heightMm() * LETTER, longest = 0;
        int lines = 0;
        for (String line : text.split("\\R")) {
            double width = line.length() * letter;
            boolean broken = note.widthMm() > 0 && width > note.widthMm();
            lines += broken ? (int) Math.ceil(width / note.widthMm()) : 1;
            longest = Math.max(longest, broken ? note.widthMm() : width);
        }
        return new Block(longest, style.heightMm() + (lines - 1) * PITCH * style.nextMm());
    }
}
