package org.leanlintel.core.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Lights.Light;
import org.leanlintel.core.model.Lights.Opens;
import org.leanlintel.core.model.Side;

class PlacedLightTest {

    private static final List<Light> ROW =
            List.of(new Light(Opens.SIDE_HUNG, Side.LEFT, 1), new Light(Opens.FIXED, Side.LEFT, 2));

    /** 1,500 less three frames of 50 is 1,350 of glass: 450 and 900. */
    @Test
    void takeTheirPartsOfTheWidth() {
        List<PlacedLight> row =
                of(new Lights(ROW, new Lights.NothingOver(), false), true).getFirst();
        assertThat(row).extracting(PlacedLight::from).containsExactly(50.0, 550.0);
        assertThat(row).extracting(PlacedLight::to).containsExactly(500.0, 1450.0);
        assertThat(row).extracting(PlacedLight::low).containsOnly(50.0);
        assertThat(row).extracting(PlacedLight::high).containsOnly(1150.0);
    }

    /** A transom 400 below the top of 1,200, 50 thick: glass from 50 to 775, and from 825 to 1,150. */
    @Test
    void areClosedOffByATransom() {
        Lights lights =
                new Lights(ROW, new Lights.Toplights(List.of(new Light(Opens.TOP_HUNG, Side.LEFT, 1)), 400), false);
        List<List<PlacedLight>> rows = of(lights, true);
        assertThat(rows.get(0).getFirst().high()).isCloseTo(775, within(1e-9));
        assertThat(rows.get(1)).singleElement().satisfies(l -> {
            assertThat(l.low()).isCloseTo(825, within(1e-9));
            assertThat(l.widthMm()).isCloseTo(1400, within(1e-9));
            assertThat(l.heightMm()).isCloseTo(325, within(1e-9));
        });
    }

    /** What is left from outside is at the end of a wall that runs the other way. */
    @Test
    void standAsSeenFromOutside() {
        Lights lights = new Lights(ROW, new Lights.NothingOver(), false);
        assertThat(of(lights, true).getFirst().getFirst().towards()).isEqualTo(End.START);
        List<PlacedLight> turned = of(lights, false).getFirst();
        assertThat(turned).extracting(l -> l.light().opens()).containsExactly(Opens.FIXED, Opens.SIDE_HUNG);
        assertThat(turned.getLast().towards()).isEqualTo(End.END);
        assertThat(turned.getFirst().widthMm()).isCloseTo(900, within(1e-9));
    }

    @Test
    void lieTheOtherWayRoundInAMirror() {
        Lights lights = new Lights(ROW, new Lights.NothingOver(), true);
        assertThat(lights.mirrored().row())
                .containsExactly(new Light(Opens.FIXED, Side.RIGHT, 2), new Light(Opens.SIDE_HUNG, Side.RIGHT, 1));
        assertThat(lights.mirrored().mirrored()).isEqualTo(lights);
    }

    private static List<List<PlacedLight>> of(Lights lights, boolean fromLeft) {
        return PlacedLight.rows(lights, new PlacedLight.Frame(1500, 1200, 50, fromLeft));
    }
}
