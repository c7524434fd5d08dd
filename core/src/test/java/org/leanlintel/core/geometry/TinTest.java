package org.leanlintel.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class TinTest {

    private static Tin.Point point(double x, double y, double z) {
        return new Tin.Point(new Vec(x, y), z);
    }

    @Test
    void itIsFlatBetweenThreePointsAndAsHighAsAtTheEdgeBeyond() {
        Tin tin = Tin.through(List.of(point(0, 0, 0), point(1000, 0, 100), point(0, 1000, 200)));
        assertThat(tin.at(new Vec(250, 250))).isCloseTo(75, within(1e-9));
        assertThat(tin.at(new Vec(500, -700))).isCloseTo(50, within(1e-9));
        assertThat(tin.at(new Vec(-300, -300))).isCloseTo(0, within(1e-9));
    }

    @Test
    void pointsInALineRiseFromOneToTheNextAndOnePointIsLevel() {
        Tin line = Tin.through(List.of(point(2000, 0, 300), point(0, 0, 0), point(1000, 0, 100)));
        assertThat(line.at(new Vec(1500, 4000))).isCloseTo(200, within(1e-9));
        assertThat(line.at(new Vec(9000, 0))).isCloseTo(300, within(1e-9));
        assertThat(Tin.through(List.of(point(5, 5, 42), point(5, 5, 7))).at(new Vec(-900, 12)))
                .isEqualTo(42);
    }

    /** Where a way crosses from one triangle into the next its line bends; nowhere else is a point. */
    @Test
    void itsLineOverAWayBendsWhereTrianglesMeet() {
        Tin tin =
                Tin.through(List.of(point(0, -1000, 0), point(0, 1000, 0), point(-1000, 0, -100), point(2000, 0, 400)));
        List<Vec> line = tin.along(new Vec(-1000, 0), new Vec(2000, 0));
        assertThat(line).hasSize(3);
        assertThat(line.get(1).x()).isCloseTo(1000, within(1e-6));
        assertThat(line.get(1).y()).isCloseTo(0, within(1e-6));
        assertThat(line.getLast()).isEqualTo(new Vec(3000, 400));
    }

    @Test
    void itGoesThroughAllItsPointsAndItsLinesLieOnIt() {
        Random random = new Random(7);
        for (int round = 0; round < 60; round++) {
            List<Tin.Point> points = new ArrayList<>();
            for (int i = 0; i < 3 + random.nextInt(12); i++)
                points.add(point(
                        random.nextInt(20) * 1000.0,
                        random.nextInt(20) * 1000.0 + random.nextInt(3),
                        random.nextInt(900)));
            Tin tin = Tin.through(points);
            List<Vec> seen = new ArrayList<>();
            for (Tin.Point p : points)
                if (!seen.contains(p.at())) {
                    seen.add(p.at());
                    assertThat(tin.at(p.at())).isCloseTo(p.z(), within(1e-3));
                }
            Vec from = new Vec(-3000, random.nextInt(20_000)), to = new Vec(23_000, random.nextInt(20_000));
            List<Vec> line = tin.along(from, to);
            Vec way = to.minus(from).unit();
            for (int i = 1; i < line.size(); i++) {
                Vec middle = line.get(i - 1).plus(line.get(i)).times(0.5);
                assertThat(tin.at(from.along(way, middle.x()))).isCloseTo(middle.y(), within(30.0));
            }
        }
    }
}
