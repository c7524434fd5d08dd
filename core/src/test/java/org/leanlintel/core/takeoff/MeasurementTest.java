package org.leanlintel.core.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.geometry.Vec;

class MeasurementTest {

    /** A room of 4,000 by 3,000: 3-4-5. */
    @Test
    void distancesAreaAndAngle() {
        Measurement m = Measurement.of(List.of(new Vec(0, 0), new Vec(4000, 0), new Vec(4000, 3000)));
        assertThat(m.legsMm()).containsExactly(4000.0, 3000.0);
        assertThat(m.totalMm()).isEqualTo(7000);
        assertThat(m.areaMm2()).isEqualTo(6e6);
        assertThat(m.perimeterMm()).isEqualTo(12_000);
        assertThat(m.degrees()).isCloseTo(90, within(1e-9));
    }

    @Test
    void twoPointsAreADistanceAlone() {
        Measurement m = Measurement.of(List.of(new Vec(0, 0), new Vec(300, 400)));
        assertThat(m.totalMm()).isEqualTo(500);
        assertThat(m.areaMm2()).isNull();
        assertThat(m.degrees()).isNull();
        assertThatIllegalArgumentException().isThrownBy(() -> Measurement.of(List.of(Vec.ORIGIN)));
    }
}
