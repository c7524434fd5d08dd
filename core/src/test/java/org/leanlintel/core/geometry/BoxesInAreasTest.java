package org.leanlintel.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Boxes held to an area without joining the two, as labels are: an L of 6 m by 4 m with a slanting end and a hole in it. */
class BoxesInAreasTest {

    private static final Area L = Area.of(
            List.of(
                    new Vec(0, 0),
                    new Vec(6000, 0),
                    new Vec(5200, 1800),
                    new Vec(2500, 1800),
                    new Vec(2500, 4000),
                    new Vec(0, 4000)),
            List.of(List.of(new Vec(700, 700), new Vec(700, 1500), new Vec(1500, 1500), new Vec(1500, 700))));

    /** What joining says, which does not look at edges one by one. */
    @Test
    void aBoxLiesInItOrMeetsItAsJoiningTheTwoSays() {
        Random random = new Random(7);
        int in = 0, meeting = 0;
        for (int i = 0; i < 2000; i++) {
            double x = -800 + random.nextDouble() * 7600, y = -800 + random.nextDouble() * 5600;
            double wide = 5 + random.nextDouble() * 1500, high = 5 + random.nextDouble() * 900;
            Bounds box = new Bounds(x, y, x + wide, y + high);
            Area same = Area.rectangle(x, y, wide, high);
            assertThat(L.covers(box))
                    .as("covers %s", box)
                    .isEqualTo(same.minus(L).isEmpty());
            assertThat(L.meets(box)).as("meets %s", box).isEqualTo(!L.and(same).isEmpty());
            if (!L.reachesInto(box)) assertThat(L.meets(box)).isFalse();
            if (L.covers(box)) in++;
            if (L.meets(box)) meeting++;
        }
        assertThat(in).as("both come often").isBetween(200, 1500);
        assertThat(meeting).isBetween(in + 200, 1900);
    }

    @Test
    void anAreaLiesInItAsJoiningTheTwoSays() {
        Random random = new Random(8);
        int in = 0, boxOut = 0;
        for (int i = 0; i < 2000; i++) {
            Vec a = new Vec(random.nextDouble() * 6000, random.nextDouble() * 4000);
            Area triangle = Area.of(
                    List.of(a, a.plus(new Vec(200 + random.nextDouble() * 1200, 50)), a.plus(new Vec(30, 900))));
            boolean covers = L.covers(triangle);
            assertThat(covers)
                    .as("%s", triangle.rings())
                    .isEqualTo(triangle.minus(L).isEmpty());
            if (covers) in++;
            if (covers && !L.covers(triangle.bounds())) boxOut++;
        }
        assertThat(in).isBetween(200, 1800);
        assertThat(boxOut).as("those whose box does not lie in it").isPositive();
        assertThat(L.covers(Area.NONE)).isFalse();
        assertThat(Area.NONE.covers(L)).isFalse();
    }

    @Test
    void whatOnlyTouchesABoxDoesNotReachIntoIt() {
        assertThat(L.reachesInto(new Bounds(-500, 0, 0, 100))).isFalse();
        assertThat(L.reachesInto(new Bounds(700, 700, 1500, 1500)))
                .as("the hole")
                .isFalse();
        assertThat(L.reachesInto(new Bounds(-500, 0, 1, 100))).isTrue();
        assertThat(L.reachesInto(new Bounds(100, 100, 100, 300)))
                .as("a box that is a line")
                .isTrue();
    }

    @Test
    void aBoxThatOnlyTouchesAnEdgeFromWithinLiesInIt() {
        assertThat(L.covers(new Bounds(0, 0, 600, 600))).isTrue();
        assertThat(L.covers(new Bounds(0, 0, 700, 700)))
                .as("to the corner of the hole")
                .isTrue();
        assertThat(L.covers(new Bounds(-1, 0, 600, 600))).isFalse();
        assertThat(L.meets(new Bounds(-500, 0, 0, 100))).isTrue();
        assertThat(L.meets(new Bounds(800, 800, 1400, 1400))).as("in the hole").isFalse();
        assertThat(Area.NONE.meets(new Bounds(0, 0, 1, 1))).isFalse();
    }
}
