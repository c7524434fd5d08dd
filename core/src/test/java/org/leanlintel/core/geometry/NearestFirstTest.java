package org.leanlintel.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NearestFirstTest {

    /** Every point of the grid once, in the order of their distances; of those as far, the leftmost, then the lowest. */
    @ParameterizedTest(name = "from {0}, {1}")
    @CsvSource({"0, 0", "300, -120", "5000, 40", "-900, 900"})
    void everyPlaceOnceTheNearestFirst(double x, double y) {
        Bounds bounds = new Bounds(-450, -310, 720, 400);
        Vec middle = new Vec(x, y);
        List<Vec> found = new ArrayList<>();
        for (Vec p : new NearestFirst(middle, bounds, 50)) found.add(p);
        List<Vec> expected = new ArrayList<>();
        for (int i = -200; i <= 200; i++)
            for (int j = -200; j <= 200; j++) {
                Vec p = new Vec(x + i * 50, y + j * 50);
                if (bounds.covers(p)) expected.add(p);
            }
        expected.sort(
                Comparator.<Vec>comparingLong(p -> Math.round(p.minus(middle).dot(p.minus(middle))))
                        .thenComparingDouble(Vec::x)
                        .thenComparingDouble(Vec::y));
        assertThat(found).hasSizeGreaterThan(300).containsExactlyElementsOf(expected);
    }
}
