package org.leanlintel.core.edit.dimension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Wall;

/** Which way a string measures, by what it holds to and where its line is placed. */
class DrawingStringsTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);

    private Hold corner(double x, double y) {
        return sketch.model().all(Corner.class).stream()
                .filter(c -> c.at().distanceTo(new Vec(x, y)) < 1)
                .map(c -> (Hold) new Hold.AtCorner(c.id()))
                .findFirst()
                .orElseThrow();
    }

    private DrawString string(double x, double y, Hold... holds) {
        return new DrawString(Sketch.PLAN, Sketch.LAYER, new DrawString.Found(), new Vec(x, y), List.of(holds));
    }

    private double measures(DrawString edit) {
        DimensionString string = (DimensionString) sketch.run(edit).after().getFirst();
        List<HeldPoints.Held> points = HeldPoints.along(string, sketch.building());
        return points.getLast().position() - points.getFirst().position();
    }

    @ParameterizedTest(name = "from {0}, {1}")
    @CsvSource({"7000, -900", "100, -400", "3600, 6000", "-500, -900", "9000, -900", "9000, 0"})
    void overTwoCornersOfAFrontItMeasuresTheFrontWhereverItsLineIs(double x, double y) {
        assertThat(measures(string(x, y, corner(0, 0), corner(7200, 0)))).isCloseTo(7200, within(1e-6));
        assertThat(measures(string(x, y, corner(7200, 0), corner(0, 0)))).isCloseTo(7200, within(1e-6));
    }

    /** 7,200 by 4,800: 8,653.3 straight. */
    @ParameterizedTest(name = "from {0}, {1} it is {2}")
    @CsvSource({
        "3000, -900, 7200",
        "3000, 5500, 7200",
        "-700, 2000, 4800",
        "8000, 2000, 4800",
        "8000, -900, 8653.323",
        "3000, 2000, 8653.323"
    })
    void overOppositeCornersItsSideSaysWhich(double x, double y, double mm) {
        assertThat(measures(string(x, y, corner(0, 0), corner(7200, 4800)))).isCloseTo(mm, within(1e-3));
    }

    @Test
    void itIsSquareToAFace() {
        Hold west = new Hold.OnFace(shell.get(0).id(), 0),
                east = new Hold.OnFace(shell.get(2).id(), 0);
        assertThat(measures(string(100, 2000, west, east))).isCloseTo(7200, within(1e-6));
        assertThat(measures(string(
                        -900, 2000, corner(0, 0), new Hold.OnFace(shell.get(1).id(), 0))))
                .as("up to the north wall")
                .isCloseTo(4800, within(1e-6));
    }

    @Test
    void oneThatWouldMeasureNothingIsRefused() {
        Hold north = new Hold.OnFace(shell.get(1).id(), 0);
        assertThat(sketch.refusal(string(3000, -900, corner(0, 4800), north))).contains("measure nothing");
        assertThat(sketch.refusal(new DrawString(
                        Sketch.PLAN,
                        Sketch.LAYER,
                        new Vec(0, 1),
                        new Vec(-900, 0),
                        List.of(corner(0, 0), corner(7200, 0)))))
                .contains("Place its line on another side");
    }
}
