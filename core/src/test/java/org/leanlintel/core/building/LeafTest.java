package org.leanlintel.core.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;

class LeafTest {

    /** In four steps: (1 - .9239) .3827 + (.9239 - .7071) .7071 + (.7071 - .3827) .9239 + .3827 of the square, where the quarter is .7854. */
    @Test
    void whatItSweepsIsTakenInStepsAndNotAsASquare() {
        Leaf leaf = new Leaf(new Vec(1000, 2000), 800, 0, Math.PI / 2);
        List<Bounds> boxes = leaf.sweptBoxes();
        assertThat(leaf.swept())
                .allSatisfy(p -> assertThat(boxes).anyMatch(b -> b.grown(0.001).covers(p)));
        double taken = Area.union(boxes.stream()
                        .map(b -> Area.rectangle(b.minX(), b.minY(), b.width(), b.height()))
                        .toList())
                .mm2();
        assertThat(taken / (800 * 800)).isCloseTo(0.8648, within(0.0005));
    }
}
