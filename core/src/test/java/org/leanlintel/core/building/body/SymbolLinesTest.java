package org.leanlintel.core.building.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.WordsAt;
import org.leanlintel.core.model.WorkState;

/** Symbols stretched, mirrored and filled with units. */
class SymbolLinesTest {

    private static final List<Double> METRIC = List.of(300.0, 400.0, 500.0, 600.0, 800.0, 1000.0);

    private static SymbolLines lines(Symbol symbol, double width, boolean mirrored) {
        Fitting f = new Fitting(
                Sketch.id("f"),
                Sketch.STOREY,
                Sketch.LAYER,
                "F1",
                symbol.id(),
                new Fitting.Free(new Vec(width / 2, -250), 0),
                mirrored,
                width,
                500,
                WorkState.NEW,
                WordsAt.CLEAR);
        return SymbolLines.of(new PlacedFitting(f, symbol, Vec.ORIGIN, new Vec(1, 0), new Vec(0, -1)));
    }

    private static Symbol symbol(List<Double> stretchX, Symbol.Mark... marks) {
        return new Symbol(
                Sketch.id("s"),
                "Vanity",
                Symbol.Kind.BASIN,
                "Bath",
                true,
                new Vec(500, 0),
                new Symbol.Extent(600, 1000, 2000),
                Symbol.Extent.fixed(500),
                0,
                850,
                stretchX,
                List.of(),
                List.of(marks),
                List.of(),
                "");
    }

    /** Stretched by 400 at x = 800: the outline grows, the bowl left of the line stays. */
    @Test
    void whatLiesPastAStretchLineShifts() {
        Symbol vanity = symbol(
                List.of(800.0),
                new Symbol.Rounded(Vec.ORIGIN, 1000, 500, 0),
                new Symbol.Oval(new Vec(500, 250), 200, 150));
        SymbolLines drawn = lines(vanity, 1400, false);
        Bounds outline = Bounds.of(drawn.lines().get(0).points()),
                bowl = Bounds.of(drawn.lines().get(1).points());
        assertThat(outline.maxX()).isCloseTo(1400, within(1e-6));
        assertThat(bowl.minX()).isCloseTo(300, within(1e-6));
        assertThat(bowl.maxX()).isCloseTo(700, within(1e-6));
        Bounds mirrored = Bounds.of(lines(vanity, 1400, true).lines().get(1).points());
        assertThat(mirrored.minX()).as("1,400 - 700").isCloseTo(700, within(1e-6));
    }

    /** A rail of 1,400 with hangers every 100, 50 in: 14 of them. */
    @Test
    void hangersRepeatAlongTheRail() {
        Symbol rail = symbol(List.of(500.0), new Symbol.Repeated(List.of(new Vec(0, 50), new Vec(0, 450)), 50, 100));
        assertThat(lines(rail, 1400, false).lines()).hasSize(14);
        assertThat(lines(rail, 1000, false).lines()).hasSize(10);
    }

    @Test
    void aRunIsFilledWithTheLeastFillerAndTheFewestUnits() {
        assertThat(UnitRun.fill(1400, METRIC)).as("no filler").containsExactly(1000.0, 400.0);
        assertThat(UnitRun.fill(2350, METRIC)).as("2,300 and a filler of 50").hasSize(3);
        assertThat(UnitRun.fill(2350, METRIC).stream().mapToDouble(w -> w).sum())
                .isEqualTo(2300);
        assertThat(UnitRun.fill(250, METRIC)).as("nothing fits").isEmpty();
        double inch = 25.4;
        List<Double> us = List.of(9 * inch, 12 * inch, 24 * inch, 36 * inch);
        assertThat(UnitRun.fill(82 * inch, us).stream().mapToDouble(w -> w).sum())
                .as("81 of 82 in: 36 + 36 + 9")
                .isCloseTo(81 * inch, within(0.2));
    }

    @Test
    void aSizeThatVariesNeedsALineToStretchAlong() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> symbol(List.of()))
                .withMessage("\"Vanity\" has no line along which it could stretch.");
    }
}
