package org.leanlintel.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class VecTest {

    private static final Vec O = Vec.ORIGIN;

    @Test
    void piecesCrossWhereBothAre() {
        assertThat(Vec.crossing(O, new Vec(4, 4), new Vec(0, 2), new Vec(4, 2))).isEqualTo(new Vec(2, 2));
        assertThat(Vec.crossing(O, new Vec(1, 1), new Vec(0, 2), new Vec(4, 2)))
                .as("too short")
                .isNull();
        assertThat(Vec.crossing(new Vec(0, 2), new Vec(4, 2), O, new Vec(1, 1)))
                .as("the other too short")
                .isNull();
    }

    @Test
    void piecesThatTouchShareAPointAndThoseAlongsideDoNot() {
        assertThat(Vec.cross(O, new Vec(4, 0), new Vec(4, 0), new Vec(4, 3))).isTrue();
        assertThat(Vec.cross(O, new Vec(4, 0), new Vec(1, 0), new Vec(3, 0))).isFalse();
        assertThat(Vec.cross(O, new Vec(4, 0), new Vec(0, 1), new Vec(4, 1))).isFalse();
    }
}
