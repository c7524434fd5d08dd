package org.leanlintel.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.geometry.Vec;

class HatchLinesTest {

    private static final List<Vec> SQUARE = List.of(new Vec(0, 0), new Vec(100, 0), new Vec(100, 100), new Vec(0, 100));

    @Test
    void linesStayInsideTheRingAndStandAPitchApart() {
        List<List<Vec>> lines = HatchLines.parallel(SQUARE, Math.PI / 4, 10);
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

    /** Neighbouring areas share the same lines, so that brickwork runs on round a corner. */
    @Test
    void neighboursRunOn() {
        List<Vec> next = SQUARE.stream().map(p -> p.plus(new Vec(100, 0))).toList();
        List<Double> levels = new ArrayList<>();
        for (List<Vec> ring : List.of(SQUARE, next)) {
            for (List<Vec> line : HatchLines.parallel(ring, Math.PI / 4, 10))
                levels.add((line.getFirst().y() - line.getFirst().x()) / Math.sqrt(2) / 10);
        }
        assertThat(levels)
                .allSatisfy(level -> assertThat(level - Math.rint(level)).isCloseTo(0, within(1e-9)));
    }

    @Test
    void aTotalOfHatchMatchesTheArea() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(3);
        for (int i = 0; i < 50; i++) {
            double w = random.nextDouble(50, 5000), h = random.nextDouble(50, 500);
            List<Vec> ring = List.of(new Vec(0, 0), new Vec(w, 0), new Vec(w, h), new Vec(0, h));
            double pitch = 2, total = 0;
            for (List<Vec> line : HatchLines.parallel(ring, Math.PI / 4, pitch))
                total += line.getFirst().distanceTo(line.getLast());
            assertThat(total * pitch).isCloseTo(w * h, within(w * h * 0.05));
        }
    }

    @Test
    void wavesAndZigzagsTouchBothFacesAndEndWhereTheyShould() {
        List<Vec> wave = HatchLines.wave(0, 1000, 140, 2.8, Vec::new);
        assertThat(wave.getFirst()).isEqualTo(new Vec(0, 0));
        assertThat(wave.getLast().x()).isCloseTo(1000, within(1e-9));
        assertThat(wave.stream().mapToDouble(Vec::y).max().orElse(0)).isCloseTo(1, within(1e-9));
        assertThat(HatchLines.wave(0, 1000, 140, 14, Vec::new))
                .as("finer where it prints larger")
                .hasSizeGreaterThan(wave.size());
        List<Vec> zigzag = HatchLines.zigzag(0, 1000, 40, Vec::new);
        assertThat(zigzag.stream().mapToDouble(Vec::y).distinct().toArray()).containsExactly(0, 1);
        assertThat(HatchLines.wave(0, 3, 140, 2.8, Vec::new)).as("a sliver").isNotEmpty();
    }
}
