package org.leanlintel.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Pen;

class HatchLinesTest {

    private static final Pen PEN = new Pen(0.18, Pen.Dash.CONTINUOUS);

    private static List<Vec> rectangle(double x, double y, double width, double height) {
        return List.of(new Vec(x, y), new Vec(x + width, y), new Vec(x + width, y + height), new Vec(x, y + height));
    }

    private static List<List<Vec>> diagonal(double pitch, List<List<Vec>> rings) {
        return HatchLines.of(new Item.Hatch(PEN, rings, List.of(45.0), Vec.ORIGIN, pitch));
    }

    private static double total(List<List<Vec>> lines) {
        return lines.stream()
                .mapToDouble(l -> l.getFirst().distanceTo(l.getLast()))
                .sum();
    }

    @Test
    void linesStayInsideTheRingAndStandAPitchApart() {
        List<List<Vec>> lines = diagonal(10, List.of(rectangle(0, 0, 100, 100)));
        assertThat(lines)
                .as("from -7 to 7 pitches from the corner to corner line")
                .hasSize(15);
        for (List<Vec> line : lines) {
            for (Vec p : line) {
                assertThat(p.x()).isBetween(-1e-6, 100 + 1e-6);
                assertThat(p.y()).isBetween(-1e-6, 100 + 1e-6);
            }
        }
    }

    /** Neighbouring areas share the same lines, so that brickwork runs on round a corner; on a sheet as well. */
    @Test
    void neighboursRunOn() {
        Item.Hatch hatch = new Item.Hatch(
                PEN,
                List.of(rectangle(0, 0, 100, 100), rectangle(150, 20, 100, 100)),
                List.of(45.0, -45.0),
                Vec.ORIGIN,
                10);
        assertThat(HatchLines.of(hatch)).allSatisfy(line -> assertOnGrid(line, Vec.ORIGIN, 10));
        Item.Hatch placed = hatch.placed(0.02, new Vec(33, 44));
        assertThat(HatchLines.of(placed))
                .hasSameSizeAs(HatchLines.of(hatch))
                .allSatisfy(line -> assertOnGrid(line, new Vec(33, 44), 0.2));
    }

    private static void assertOnGrid(List<Vec> line, Vec origin, double pitch) {
        Vec across = line.getLast().minus(line.getFirst()).unit().left();
        double level = line.getFirst().minus(origin).dot(across) / pitch;
        assertThat(level - Math.rint(level)).isCloseTo(0, within(1e-6));
    }

    @Test
    void aTotalOfHatchMatchesTheArea() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(3);
        for (int i = 0; i < 50; i++) {
            double w = random.nextDouble(50, 5000), h = random.nextDouble(50, 500);
            assertThat(total(diagonal(2, List.of(rectangle(0, 0, w, h)))) * 2).isCloseTo(w * h, within(w * h * 0.05));
        }
    }

    /** A hole leaves a hole, and an area that turns a corner is filled to its inner corner and no further. */
    @Test
    void itRunsRoundHolesAndCorners() {
        List<Vec> wall = rectangle(0, 0, 3000, 2400), window = rectangle(800, 900, 1200, 1000);
        double area = 3000 * 2400 - 1200 * 1000;
        List<List<Vec>> lines = diagonal(5, List.of(wall, window));
        assertThat(total(lines) * 5).isCloseTo(area, within(area * 0.01));
        for (List<Vec> line : lines) {
            Vec middle = line.getFirst().plus(line.getLast()).times(0.5);
            boolean within = middle.x() > 801 && middle.x() < 1999 && middle.y() > 901 && middle.y() < 1899;
            assertThat(within).isFalse();
        }
        List<Vec> corner = List.of(
                new Vec(0, 0),
                new Vec(1000, 0),
                new Vec(1000, 100),
                new Vec(100, 100),
                new Vec(100, 1000),
                new Vec(0, 1000));
        assertThat(total(diagonal(5, List.of(corner))) * 5).isCloseTo(190_000, within(1900.0));
    }

    @Test
    void wavesAndZigzagsTouchBothFacesAndEndWhereTheyShould() {
        Vec across = new Vec(0, 140);
        List<Vec> wave = HatchLines.of(new Item.Wave(PEN, Vec.ORIGIN, new Vec(1000, 0), across, 14, 5));
        assertThat(wave.getFirst()).isEqualTo(Vec.ORIGIN);
        assertThat(wave.getLast().x()).isCloseTo(1000, within(1e-9));
        assertThat(wave.stream().mapToDouble(Vec::y).max().orElse(0)).isCloseTo(140, within(1e-9));
        assertThat(wave).hasSize(14 * 5 + 1);
        List<Vec> zigzag = HatchLines.of(new Item.Wave(PEN, Vec.ORIGIN, new Vec(1000, 0), across, 4, 1));
        assertThat(zigzag.stream().mapToLong(p -> Math.round(p.y())).toArray()).containsExactly(0, 140, 0, 140, 0);
    }
}
