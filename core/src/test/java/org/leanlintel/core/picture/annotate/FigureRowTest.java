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
        List<Set> placed = FigureRow.place(figures, List.of(), row -> false);
        assertThat(placed).hasSize(figures.size());
        for (Set a : placed)
            for (Set b : placed)
                assertThat(a != b && a.touches(b)).as(a + " " + b).isFalse();
    }

    @Test
    void aFigureStandsClearOfALineThroughItsPart() {
        Set set = FigureRow.place(
                        List.of(new Figure("1900", 20, 38, 7)), List.of(new FigureRow.Band(20.5, 20.5)), row -> false)
                .getFirst();
        assertThat(Math.abs(set.centreMm() - 20.5)).isGreaterThan(3.5);
        assertThat(set.centreMm()).isBetween(4.0, 36.0);
    }

    @Test
    void aFigureWithNoRoomGoesOneRowUp() {
        List<Set> placed = FigureRow.place(
                List.of(new Figure("3000", 30, 60, 7), new Figure("100", 61, 2, 5)), List.of(), row -> false);
        assertThat(placed.getFirst().row()).isZero();
        assertThat(placed.getLast().row()).isEqualTo(1);
    }

    /** Along every row above the line something is drawn. */
    @Test
    void aFigureWithNoRowFreeAboveTheLineGoesUnderIt() {
        List<Figure> figures = List.of(new Figure("3000", 30, 60, 7), new Figure("100", 61, 2, 5));
        assertThat(FigureRow.place(figures, List.of(), row -> row > 0).getLast().row())
                .isEqualTo(-1);
        assertThat(FigureRow.place(figures, List.of(), row -> row == 1)
                        .getLast()
                        .row())
                .isEqualTo(2);
    }

    @Test
    void aFigureThatMovesAsideKeepsClearOfALineThereToo() {
        List<FigureRow.Band> across = List.of(new FigureRow.Band(57, 62));
        Set set = FigureRow.place(List.of(new Figure("140", 60, 2.8, 5)), across, row -> false)
                .getFirst();
        assertThat(set.row()).isEqualTo(1);
        assertThat(set.centreMm() - 2.5 >= 62 || set.centreMm() + 2.5 <= 57).isTrue();
        assertThat(set.needsLeader()).as("its part is told by a leader").isTrue();
    }
}
