package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.note.Block;
import org.leanlintel.core.picture.BrokenLines;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;

/**
 * Words line by line: broken to its width between words, entries of lists hung after their bullet or number. All in paper
 * millimetres from where the first line begins.
 */
public final class NoteLines {

    private static final Pattern ENTRY = Pattern.compile("(-|\\d{1,3}[.)])\\s+(.*)");
    private static final String BULLET = "\u2022";
    /** How far entries hang in at least, what is free before their words, and how much lower the lines under a name stand. */
    private static final double HANG_MM = 4, AFTER_MARK_MM = 1, UNDER_NAME_MM = 0.8;

    /** Words on one base line. @param down below the first */
    public record Line(String words, double right, double down, double heightMm, boolean strong) {}

    private final LetterStyle style;
    private final double widthMm;
    private final Lettering lettering;
    private final List<Line> lines = new ArrayList<>();
    private double hangMm = HANG_MM;
    private int baseLines;
    private double down;

    private NoteLines(double widthMm, LetterStyle style, Lettering lettering) {
        this.style = style;
        this.widthMm = widthMm;
        this.lettering = lettering;
    }

    /** @param widthMm on paper, at which lines break; 0 where they run on */
    public static List<Line> of(String text, double widthMm, LetterStyle style, Lettering lettering) {
        NoteLines all = new NoteLines(widthMm, style, lettering);
        List<String> paragraphs = List.of(text.split("\\R"));
        paragraphs.forEach(all::makeRoom);
        paragraphs.forEach(all::paragraph);
        return all.lines;
    }

    /** All entries hang in as far as the widest mark needs. */
    private void makeRoom(String paragraph) {
        Matcher entry = ENTRY.matcher(paragraph);
        if (entry.matches())
            hangMm = Math.max(hangMm, lettering.width(mark(entry), height(), strong()) + AFTER_MARK_MM);
    }

    private void paragraph(String paragraph) {
        Matcher entry = ENTRY.matcher(paragraph);
        if (style.centred() || !entry.matches()) {
            broken(paragraph, 0);
            return;
        }
        lines.add(new Line(mark(entry), 0, down, height(), strong()));
        broken(entry.group(2), hangMm);
    }

    private static String mark(Matcher entry) {
        return entry.group(1).equals("-") ? BULLET : entry.group(1);
    }

    private void broken(String words, double right) {
        double room = widthMm == 0 ? Double.POSITIVE_INFINITY : widthMm - right;
        double height = height();
        boolean strong = strong();
        for (String line : BrokenLines.of(words, room, l -> lettering.width(l, height, strong))) add(line, right);
    }

    private void add(String words, double right) {
        lines.add(new Line(words, right, down, height(), strong()));
        boolean name = style.isOfNames() && baseLines == 0;
        baseLines++;
        down += Block.PITCH * style.nextMm() + (name ? UNDER_NAME_MM : 0);
    }

    private double height() {
        return style.heightMm(baseLines);
    }

    private boolean strong() {
        return style.isStrong(baseLines);
    }

    public static Align align(LetterStyle style) {
        return style.centred() ? Align.CENTRE : Align.LEFT;
    }
}
