package org.leanlintel.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A grid says what looking at box after box says. */
class BoxGridTest {

    private final Random random = new Random(7);

    private Bounds box(double most) {
        double x = random.nextDouble(-5000, 5000), y = random.nextDouble(-3000, 3000);
        return new Bounds(x, y, x + random.nextDouble(most), y + random.nextDouble(most));
    }

    /** On the grid's own lines now and then, where a square begins and another ends. */
    private Vec point() {
        double x = random.nextDouble(-7000, 7000), y = random.nextDouble(-5000, 5000);
        return random.nextInt(4) > 0 ? new Vec(x, y) : new Vec(Math.rint(x / 300) * 300, Math.rint(y / 300) * 300);
    }

    @Test
    void findsWhatIsMetAndCrossed() {
        for (int round = 0; round < 30; round++) {
            List<Bounds> boxes = new ArrayList<>(List.of(new Bounds(-5100, -3000, -5100, 3000)));
            for (int i = 0; i < 200; i++) boxes.add(box(i % 10 == 0 ? 4000 : 200));
            boxes.add(new Bounds(-4800, -300, -300, -300));
            BoxGrid grid = new BoxGrid(boxes, 300);
            for (int i = 0; i < 300; i++) {
                Bounds asked = box(500);
                assertThat(grid.isMetBy(asked)).isEqualTo(boxes.stream().anyMatch(b -> b.meets(asked)));
                Vec from = point(), to = i % 5 == 0 ? new Vec(from.x(), point().y()) : point();
                long crossed =
                        boxes.stream().filter(b -> b.isCrossedBy(from, to)).count();
                assertThat(grid.crossed(from, to, 1000)).isEqualTo((int) crossed);
                assertThat(grid.crossed(from, to, 3)).isEqualTo((int) Math.min(crossed, 4));
            }
        }
    }

    @Test
    void whereThereIsNothingNothingIsMet() {
        BoxGrid none = new BoxGrid(List.of(), 300);
        assertThat(none.isMetBy(new Bounds(0, 0, 1, 1))).isFalse();
        assertThat(none.crossed(new Vec(-1, -1), new Vec(1, 1), 5)).isZero();
    }

    /** Two boxes two kilometres apart do not ask for millions of squares. */
    @Test
    void whatLiesFarApartMakesItCoarser() {
        BoxGrid far = new BoxGrid(List.of(new Bounds(0, 0, 1, 1), new Bounds(2e6, 2e6, 2e6 + 1, 2e6 + 1)), 1);
        assertThat(far.isMetBy(new Bounds(2e6, 2e6, 2e6, 2e6))).isTrue();
        assertThat(far.crossed(new Vec(-1, -1), new Vec(2e6, 2e6), 9)).isEqualTo(2);
    }
}
