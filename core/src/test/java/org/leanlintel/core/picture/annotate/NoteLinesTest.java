package org.leanlintel.core.picture.annotate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.picture.Lettering;

/** Letters that are half as wide as the type is high, so that a note's letter is 1.786 mm wide. */
class NoteLinesTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private static List<NoteLines.Line> lines(String text, double widthMm) {
        return lines(text, widthMm, Sketch.letters().getFirst());
    }

    private static List<NoteLines.Line> lines(String text, double widthMm, LetterStyle style) {
        return NoteLines.of(text, widthMm, style, LETTERING);
    }

    /** 20 mm hold 11 letters. */
    @Test
    void linesBreakBetweenWords() {
        assertThat(lines("seal all joints of the membrane", 20))
                .extracting(NoteLines.Line::words)
                .containsExactly("seal all", "joints of", "the", "membrane");
        assertThat(lines("seal all joints\nof the membrane", 0))
                .extracting(NoteLines.Line::words)
                .containsExactly("seal all joints", "of the membrane");
    }

    @Test
    void noLineIsWiderThanItMayBeUnlessItIsOneWord() {
        Random random = new Random(3);
        for (int round = 0; round < 200; round++) {
            StringBuilder text = new StringBuilder("a");
            for (int i = 0; i < 30; i++) text.append(' ').append("w".repeat(1 + random.nextInt(14)));
            double width = 10 + random.nextInt(40);
            List<NoteLines.Line> lines = lines(text.toString(), width);
            for (NoteLines.Line l : lines)
                if (l.words().contains(" "))
                    assertThat(LETTERING.width(l.words(), 2.5, false)).isLessThanOrEqualTo(width);
            assertThat(String.join(
                            " ", lines.stream().map(NoteLines.Line::words).toList()))
                    .isEqualTo(text.toString());
        }
    }

    /** The bullet or number stands at the edge before its words; all entries hang in as far as the widest needs, and a millimetre. */
    @Test
    void entriesOfListsHang() {
        List<NoteLines.Line> lines = lines("- seal all joints\n12. fix", 24);
        assertThat(lines)
                .extracting(NoteLines.Line::words)
                .containsExactly("\u2022", "seal all", "joints", "12.", "fix");
        double hung = LETTERING.width("12.", 2.5, false) + 1;
        assertThat(lines).extracting(NoteLines.Line::right).containsExactly(0.0, hung, hung, 0.0, hung);
        assertThat(lines.get(0).down()).isEqualTo(lines.get(1).down());
        assertThat(lines.get(3).down()).isEqualTo(lines.get(4).down());
    }

    /** Names of an office's own: 7 mm over 3 mm, 0.8 mm of air under the first line; base lines lie 1.7 letters apart. */
    @Test
    void aStyleSaysHowLargeAndStrongItsLinesAre() {
        LetterStyle tall = new LetterStyle(Sketch.id("t"), "Tall", 7, 3, LetterStyle.Strong.FIRST_LINE, true);
        assertThat(lines("HALL\nstone\nwarm", 0, tall))
                .extracting(NoteLines.Line::heightMm, NoteLines.Line::strong, l -> Math.round(l.down() * 10))
                .containsExactly(tuple(7.0, true, 0L), tuple(3.0, false, 59L), tuple(3.0, false, 110L));
        LetterStyle loud = new LetterStyle(Sketch.id("l"), "Loud", 3, 3, LetterStyle.Strong.ALL, false);
        assertThat(lines("- one\ntwo", 0, loud)).allMatch(NoteLines.Line::strong);
    }
}
