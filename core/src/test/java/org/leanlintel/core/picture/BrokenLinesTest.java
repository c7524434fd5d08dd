package org.leanlintel.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Words set in lines, a letter one wide. */
class BrokenLinesTest {

    private static List<String> broken(String words, double wide) {
        return BrokenLines.of(words, wide, String::length);
    }

    @Test
    void asManyWordsStandInALineAsFit() {
        assertThat(broken("one two three", 7)).containsExactly("one two", "three");
        assertThat(broken("immeasurable", 4)).as("a long word by itself").containsExactly("immeasurable");
        assertThat(broken("", 4)).containsExactly("");
    }

    @Test
    void aFigureStaysWithItsUnit() {
        assertThat(broken("Timber floor, 481 mm", 17)).containsExactly("Timber floor,", "481 mm");
        assertThat(broken("about 12 m2 of it", 8)).as("no unit that is known").containsExactly("about 12", "m2 of it");
        assertThat(broken("12 mortar joints", 10)).as("m is not its unit").containsExactly("12 mortar", "joints");
        assertThat(broken("area 12 m\u00b2 net", 8)).containsExactly("area", "12 m\u00b2", "net");
    }
}
