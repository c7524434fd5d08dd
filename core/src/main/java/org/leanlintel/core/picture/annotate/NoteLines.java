package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.note.Block;
import org.leanlintel.core.picture.BrokenLines;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;

/**
 * A note line by line: broken to its width between words, entries of lists hung after their bullet or number. All in paper
 * millimetres from where the note stands.
 */
final class NoteLines {

    private static final Pattern ENTRY = Pattern.compile("(-|\\d{1,3}[.)])\\s+(.*)");
    private static final String BULLET = "\u2022";
    /** How far entries hang in, and how much lower the lines under a name stand. */
    private static final double HANG_MM = 4, UNDER_NAME_MM = 0.8;

    /** Words on one base line. @param down below the first */
    record Line(String words, double right, double down, double heightMm, boolean strong) {}

    private final Note.Style style;
    private final double widthMm;
    private final Lettering lettering;
    private final List<Line> lines = new ArrayList<>();
    private double down;

    private NoteLines(Note note, Lettering lettering) {
        style = note.style();
        widthMm = note.widthMm();
        this.lettering = lettering;
    }

    static List<Line> of(Note note, String text, Lettering lettering) {
        NoteLines all = new NoteLines(note, lettering);
        for (String paragraph : text.split("\\R")) all.paragraph(paragraph);
        return all.lines;
    }

    private void paragraph(String paragraph) {
        Matcher entry = ENTRY.matcher(paragraph);
        if (style.isCentred() || !entry.matches()) {
            broken(paragraph, 0);
            return;
        }
        String mark = entry.group(1).equals("-") ? BULLET : entry.group(1);
        double at = down;
        broken(entry.group(2), HANG_MM);
        lines.add(new Line(mark, 0, at, height(), strong()));
    }

    private void broken(String words, double right) {
        double room = widthMm == 0 ? Double.POSITIVE_INFINITY : widthMm - right;
        double height = height();
        boolean strong = strong();
        for (String line : BrokenLines.of(words, room, l -> lettering.width(l, height, strong))) add(line, right);
    }

    private void add(String words, double right) {
        lines.add(new Line(words, right, down, height(), strong()));
        boolean name = style.isCentred() && lines.size() == 1;
        down += pitch() + (name ? UNDER_NAME_MM : 0);
    }

    private double pitch() {
        double height = style.isCentred() ? Lettering.NOTE_MM : style.heightMm();
        return Block.PITCH * height;
    }

    /** Of a name only the first line is one. */
    private double height() {
        return style.isCentred() && !lines.isEmpty() ? Lettering.NOTE_MM : style.heightMm();
    }

    private boolean strong() {
        return style == Note.Style.HEADING || style.isCentred() && lines.isEmpty();
    }

    static Align align(Note.Style style) {
        return style.isCentred() ? Align.CENTRE : Align.LEFT;
    }
}
