package org.leanlintel.core.building.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.storey.PlaceSteps;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.StairRules.Limit;
import org.leanlintel.core.model.StairRules.What;

/** Steps and ramps from the ground to a door in the south wall, whose sill is at 0. */
class OutsideStepsTest {

    private final HouseOfTwo house =
            new HouseOfTwo(new Limit(What.RISE_MOST, 190, "R", true), new Limit(What.LANDING_LEAST, 900, "L", true));
    private final Opening door = house.sketch.door(house.shell.get(3), 2000, 1000);

    private PlaceSteps place(OutsideSteps.Way way, double landing) {
        return new PlaceSteps(door.id(), Sketch.LAYER, 1400, landing, way, Sketch.id("brick"));
    }

    private void ground(double mm) {
        house.sketch.put(new Site(Site.ID, "", 0, mm));
    }

    private PlacedSteps placed() {
        return PlacedSteps.on(Sketch.STOREY, house.sketch.building()).getFirst();
    }

    @Test
    void theDropFromSillToGroundGivesTheRisers() {
        ground(-450);
        house.sketch.run(place(new OutsideSteps.Steps(280), 900));
        // 450 by at most 190: three of 150
        assertThat(placed().risers()).isEqualTo(3);
        assertThat(placed().riserMm()).isCloseTo(150, within(1e-9));
        assertThat(placed().reachMm()).isEqualTo(900 + 2 * 280);
        // away from the house, before the brick's face at y = 0
        assertThat(placed().out().y()).isCloseTo(-1, within(1e-9));
        assertThat(placed().at().y()).isCloseTo(0, within(1e-6));
        ground(-600);
        assertThat(placed().risers()).as("it follows the ground").isEqualTo(4);
    }

    @Test
    void aRampIsAsLongAsItsSlopeAsks() {
        ground(-150);
        house.sketch.run(place(new OutsideSteps.Ramp(1 / 12.0), 1200));
        assertThat(placed().reachMm()).isCloseTo(1200 + 1800, within(1e-6));
        Body ramp = placed().bodies(house.sketch.building()).getLast();
        assertThat(ramp.highMm()).isCloseTo(0, within(1e-6));
        assertThat(ramp.high().at(ramp.outline().get(2))).isCloseTo(-150, within(1e-6));
    }

    @Test
    void aLandingThatIsTooShallowIsFoundAndGroundAboveTheSillRefused() {
        assertThat(house.sketch.refusal(place(new OutsideSteps.Steps(280), 900)))
                .startsWith("The ground outside does not lie below the sill of");
        ground(-300);
        house.sketch.run(place(new OutsideSteps.Steps(280), 700));
        assertThat(Findings.of(house.sketch.building()))
                .extracting(Finding::sentence)
                .containsExactly("OS1: its landing is 700 deep, at least 900, L.");
        house.sketch.run(new Delete(List.of(door.id())));
        assertThat(house.sketch.model().all(OutsideSteps.class)).isEmpty();
    }
}
