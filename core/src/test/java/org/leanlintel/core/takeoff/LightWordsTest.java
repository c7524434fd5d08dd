package org.leanlintel.core.takeoff;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Lights.Light;
import org.leanlintel.core.model.Lights.Opens;
import org.leanlintel.core.model.Side;

class LightWordsTest {

    private static final Light LEFT = new Light(Opens.SIDE_HUNG, Side.LEFT, 1),
            RIGHT = new Light(Opens.SIDE_HUNG, Side.RIGHT, 1),
            FIXED = new Light(Opens.FIXED, Side.LEFT, 1),
            TOP = new Light(Opens.TOP_HUNG, Side.LEFT, 1);

    @Test
    void whatOpensAlikeSaysAtWhichSidesItHangs() {
        assertThat(LightWords.kind(of(LEFT, RIGHT))).isEqualTo("Side hung");
        assertThat(LightWords.detail(of(LEFT, RIGHT))).isEqualTo("2 lights: left, right");
        assertThat(LightWords.detail(of(FIXED))).isEqualTo("1 light");
    }

    @Test
    void otherwiseEachSaysHowItOpens() {
        assertThat(LightWords.kind(of(LEFT, FIXED, RIGHT))).isEqualTo("Side hung, fixed");
        assertThat(LightWords.detail(of(LEFT, FIXED, RIGHT)))
                .isEqualTo("3 lights: side hung left, fixed, side hung right");
    }

    @Test
    void lightsOverATransomAndTheWayInAreSaid() {
        Lights lights = new Lights(List.of(RIGHT), new Lights.Toplights(List.of(TOP), 400), true);
        assertThat(LightWords.kind(lights)).isEqualTo("Side hung, top hung");
        assertThat(LightWords.detail(lights))
                .isEqualTo("1 light: side hung right; over that 1 light: top hung, opening inwards");
        assertThat(LightWords.detail(new Lights(List.of(FIXED), new Lights.NothingOver(), true)))
                .as("nothing hangs")
                .isEqualTo("1 light");
    }

    private static Lights of(Light... row) {
        return new Lights(List.of(row), new Lights.NothingOver(), false);
    }
}
