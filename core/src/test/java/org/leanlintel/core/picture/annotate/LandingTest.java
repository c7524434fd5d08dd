package org.leanlintel.core.picture.annotate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.picture.Lettering;

/** Words in three lines from the origin down: 20, 40 and 30 wide, 2 high, 4 apart. Leaders are straight. */
class LandingTest {

    private static final List<Bounds> ROWS =
            List.of(new Bounds(0, 0, 20, 2), new Bounds(0, -4, 40, -2), new Bounds(0, -8, 30, -6));

    private static Landing to(Vec tip) {
        return Landing.of(ROWS, tip, 1, l -> List.of(List.of(l.from(), tip)));
    }

    @Test
    void leadersBeginBesideTheFirstLineOnTheSideOfWhatTheyPointAt() {
        assertThat(to(new Vec(50, 20))).isEqualTo(new Landing(new Vec(21, 1), 1));
        assertThat(to(new Vec(-50, 20))).isEqualTo(new Landing(new Vec(-1, 1), -1));
        assertThat(to(new Vec(60, -20)))
                .as("beside the longest, to go down past it")
                .isEqualTo(new Landing(new Vec(41, 1), 1));
    }

    /** Straight below their middle: from the first line a leader would run through the others. */
    @Test
    void theyBeginBesideTheLastLineWhereTheyWouldRunThroughTheWords() {
        assertThat(to(new Vec(25, -30))).isEqualTo(new Landing(new Vec(31, -7), 1));
        assertThat(to(new Vec(5, -30))).isEqualTo(new Landing(new Vec(-1, -7), -1));
    }

    @Test
    void noLeaderToWhatLiesOutsideRunsThroughItsOwnWords() {
        Random random = new Random(15);
        for (int i = 0; i < 2000; i++) {
            Vec tip = new Vec(random.nextDouble(-100, 100), random.nextDouble(-100, 100));
            if (new Bounds(-1, -9, 42, 3).covers(tip)) continue;
            Landing landing = to(tip);
            for (Bounds row : ROWS)
                assertThat(row.isCrossedBy(landing.from(), tip)).as("to " + tip).isFalse();
            assertThat(new Bounds(0, -4, 40.4, -2).isCrossedBy(landing.from(), tip))
                    .as("clear of its longest line, to " + tip)
                    .isFalse();
        }
    }

    /** The number of an entry and its words are one line. */
    @Test
    void anEntryIsOneLineWithItsNumber() {
        Lettering lettering = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
        LetterStyle style = Sketch.letters().getFirst();
        List<NoteLines.Line> lines = NoteLines.of("1. First\n2. Second", 0, style, lettering);
        assertThat(Landing.rows(lines, l -> new Bounds(l.right(), -l.down(), l.right() + 10, 2.5 - l.down())))
                .hasSize(2)
                .allMatch(row -> row.minX() == 0 && row.maxX() > 12);
    }
}
