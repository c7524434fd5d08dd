package org.leanlintel.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GeometryTest {

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY})
    void aPointIsFinite(double bad) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Vec(bad, 0))
                .withMessageContaining(String.valueOf(bad));
        assertThatIllegalArgumentException().isThrownBy(() -> new Vec(0, bad));
    }

    @Test
    void negativeZeroIsZero() {
        assertThat(new Vec(-0.0, -0.0)).isEqualTo(Vec.ORIGIN);
    }

    @Test
    void linesMeetWhereTheyCross() {
        Line level = Line.between(new Vec(100, 50), new Vec(200, 50));
        Line rising = Line.between(new Vec(0, 0), new Vec(10, 10));
        assertThat(level.meets(rising)).isCloseTo(-50, within(1e-9));
        assertThat(level.at(-50)).isEqualTo(new Vec(50, 50));
        assertThat(level.meets(level.shiftedLeft(10))).as("parallel").isNull();
    }

    @Test
    void leftOfALineIsPositive() {
        Line up = Line.between(Vec.ORIGIN, new Vec(0, 10));
        assertThat(up.shiftedLeft(3).through()).isEqualTo(new Vec(-3, 0));
        assertThat(up.along(new Vec(-3, 5))).isEqualTo(5);
    }

    @Test
    void aZeroDisplacementHasNoDirection() {
        assertThatIllegalArgumentException().isThrownBy(Vec.ORIGIN::unit);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Line(Vec.ORIGIN, new Vec(2, 0)))
                .withMessageContaining("one long");
    }

    @Test
    void areasAddAndSubtract() {
        Area one = Area.rectangle(0, 0, 100, 100), two = Area.rectangle(50, 0, 100, 100);
        assertThat(Area.union(List.of(one, two)).mm2()).isEqualTo(15_000);
        assertThat(one.minus(two).mm2()).isEqualTo(5_000);
        assertThat(one.and(two).mm2()).isEqualTo(5_000);
        assertThat(one.minus(one).pieces()).isZero();
    }

    @Test
    void aHoleIsARingOfItsOwn() {
        Area frame = Area.rectangle(0, 0, 100, 100).minus(Area.rectangle(40, 40, 20, 20));
        assertThat(frame.rings()).hasSize(2);
        assertThat(frame.pieces()).isEqualTo(1);
    }

    @Test
    void boundsHoldTheirPoints() {
        Bounds bounds = Bounds.of(List.of(new Vec(3, -2), new Vec(-1, 5)));
        assertThat(bounds).isEqualTo(new Bounds(-1, -2, 3, 5));
        assertThat(bounds.with(new Bounds(0, 0, 10, 1)).width()).isEqualTo(11);
        assertThat(bounds.centre()).isEqualTo(new Vec(1, 1.5));
        assertThatIllegalArgumentException().isThrownBy(() -> new Bounds(1, 0, 0, 0));
    }
}
