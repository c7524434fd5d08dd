package org.leanlintel.core.picture.annotate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.leanlintel.core.picture.annotate.FigureRow.Band;
import org.leanlintel.core.picture.annotate.FigureRow.Box;
import org.leanlintel.core.picture.annotate.FigureRow.Figure;
import org.leanlintel.core.picture.annotate.FigureRow.Set;

class FigureRowTest {

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 30);
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void noFigureTouchesAnother(long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        List<Figure> figures = new ArrayList<>();
        double at = 0;
        for (int i = 0; i < 12; i++) {
            double part = random.nextInt(4) == 0 ? random.nextDouble(0.5, 4) : random.nextDouble(6, 40);
            figures.add(new Figure("n" + i, at + part / 2, part, random.nextDouble(3, 8)));
            at += part;
        }
        List<Set> placed = place(figures);
        assertThat(placed).hasSize(figures.size());
        for (Set a : placed)
            for (Set b : placed)
                assertThat(a != b && a.touches(b)).as(a + " " + b).isFalse();
    }

    @Test
    void aFigureStandsClearOfALineThroughItsPart() {
        Set set = place(List.of(new Figure("1900", 20, 38, 7)), across(20.5, 20.5))
                .getFirst();
        assertThat(Math.abs(set.centreMm() - 20.5)).isGreaterThan(3.5);
        assertThat(set.centreMm()).isBetween(4.0, 36.0);
        assertThat(set.row()).isZero();
    }

    @Test
    void aFigureWithNoRoomGoesOneRowUp() {
        List<Set> placed = place(List.of(new Figure("3000", 30, 60, 7), new Figure("100", 61, 2, 5)));
        assertThat(placed.getFirst().row()).isZero();
        assertThat(placed.getLast().row()).isEqualTo(1);
    }

    @Test
    void aFigureWithNoRowFreeAboveTheLineGoesUnderIt() {
        List<Figure> figures = List.of(new Figure("3000", 30, 60, 7), new Figure("100", 61, 2, 5));
        assertThat(place(figures, along(3, 99)).getLast().row()).isEqualTo(-1);
        assertThat(place(figures, along(-9, -1), along(4, 5)).getLast().row())
                .as("two rows up where under it is taken too")
                .isEqualTo(2);
    }

    @Test
    void aFigureThatMovesAsideKeepsClearOfALineThereToo() {
        Set set = place(List.of(new Figure("140", 60, 2.8, 5)), across(57, 62)).getFirst();
        assertThat(set.row()).isEqualTo(1);
        assertThat(set.centreMm() - 2.5 >= 62 || set.centreMm() + 2.5 <= 57).isTrue();
        assertThat(set.needsLeader()).as("its part is told by a leader").isTrue();
    }

    /** A figure over a part that is all cut stands under it; over lines it covers them, as few as may be. */
    @Test
    void aFigureIsNeverPutOverWhatIsCutWhereThereIsAnotherPlace() {
        Figure over = new Figure("900", 10, 9, 6);
        Set cut = place(List.of(over), along(0.5, 9)).getFirst();
        assertThat(cut.row()).isEqualTo(-1);
        assertThat(cut.covers()).isFalse();
        Box lines = new Box(new Band(5, 9.5), new Band(0, 9), false);
        Set light = place(List.of(over), lines).getFirst();
        assertThat(light.row()).isZero();
        assertThat(light.covers()).isTrue();
        Box more = new Box(new Band(12.9, 13), new Band(0, 9), false);
        assertThat(place(List.of(over), lines, more).getFirst().centreMm())
                .as("clear of the line at its right")
                .isLessThan(9.3);
    }

    /** The stroke at the left end of a part rises to where its figure begins: one that nearly fills its part stands clear of that. */
    @Test
    void aFigureStandsClearOfTheStrokeAtTheEndOfItsPart() {
        Figure tight = new Figure("1200", 5, 10, 8);
        Box stroke = new Box(new Band(0, 0.53), new Band(0.53, 1.06), true);
        assertThat(place(List.of(tight)).getFirst().centreMm()).isEqualTo(5);
        Set moved = place(List.of(tight), stroke).getFirst();
        assertThat(moved.row()).isZero();
        assertThat(moved.along().fromMm()).isGreaterThan(1.06);
    }

    /** One that moves aside has a leader to its part: no figure stands on it. */
    @Test
    void noFigureStandsOnTheLeaderOfAnother() {
        Figure wide = new Figure("1200", 10, 10, 7), narrow = new Figure("80", 16, 2, 5);
        Set led = place(List.of(wide, narrow), across(15, 17)).getLast();
        assertThat(led.needsLeader()).isTrue();
        assertThat(led.centreMm()).as("on the side away from the wide figure").isGreaterThan(16);
    }

    /** Letters are 2.5 high, rows 3.6; under the line they begin 2 from it. */
    private static List<Set> place(List<Figure> figures, Box... drawn) {
        return new FigureRow(List.of(drawn), row -> {
                    double base = row < 0 ? -4.5 + (row + 1) * 3.6 : 0.8 + row * 3.6;
                    return new Band(base, base + 2.5);
                })
                .place(figures);
    }

    private static Box across(double from, double to) {
        return new Box(new Band(from, to), new Band(-99, 99), true);
    }

    private static Box along(double low, double high) {
        return new Box(new Band(-99, 199), new Band(low, high), true);
    }
}
