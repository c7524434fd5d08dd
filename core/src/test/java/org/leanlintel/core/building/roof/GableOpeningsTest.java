package org.leanlintel.core.building.roof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.leanlintel.core.Records.with;

import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.storey.DrawCrossGable;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Lights;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Wall;

/**
 * Windows of 800 in the middle of a gable 4,000 wide under 35 degrees: 1,600 from the eaves the roof is 1,120 higher than there.
 */
class GableOpeningsTest {

    private final RoofedHouse house = new RoofedHouse();
    private final Sketch sketch = house.sketch;
    private final Roof roof = house.gabled();
    private final Wall gable = house.wall(0, 2000);
    private final double level = sketch.building().space(gable.storey()).levelMm();
    private final double head = sketch.building().space(gable.storey()).headMm();

    private PlaceOpening window(Wall wall, double fromMm, double pastHeadMm) {
        return new PlaceOpening(
                wall.id(),
                Sketch.LAYER,
                Placing.from(End.START, fromMm),
                800,
                head + pastHeadMm - 900,
                900,
                new Opening.Window(1, 100, Lights.Opens.FIXED));
    }

    private Opening placed() {
        return (Opening) sketch.run(window(gable, 1600, 900)).after().getFirst();
    }

    /** @param y along the gable; @param aboveHeadMm above the wall heads of its storey */
    private boolean stands(double y, double aboveHeadMm) {
        return stands(gable, new Vec(middleX(), y), aboveHeadMm);
    }

    private boolean stands(Wall wall, Vec at, double aboveHeadMm) {
        double z = level + head + aboveHeadMm;
        for (Body b : new Bodies(sketch.building()).of(wall.id()))
            if (Area.of(b.outline()).covers(at)
                    && b.low().at(at) <= z
                    && z <= b.high().at(at)) return true;
        return false;
    }

    private double middleX() {
        Strip strip = Objects.requireNonNull(sketch.building().strip(gable.id()));
        return strip.at(strip.length() / 2, (strip.lo() + strip.hi()) / 2).x();
    }

    private List<String> found() {
        return Findings.of(sketch.building()).stream()
                .map(Finding::sentence)
                .filter(s -> s.startsWith("The head of"))
                .toList();
    }

    @Test
    void reachPastTheWallHeadsOfTheirStorey() {
        assertThat(stands(2000, 600)).isTrue();
        placed();
        assertThat(stands(2000, 600)).as("in the window").isFalse();
        assertThat(stands(2000, 1000)).as("over it, under the ridge").isTrue();
        assertThat(stands(1500, 600)).as("beside it").isTrue();
        assertThat(stands(2500, 600)).as("on its other side").isTrue();
        assertThat(stands(700, 600)).as("over the roof").isFalse();
        assertThat(stands(700, 300)).as("under it, near the eaves").isTrue();
        assertThat(found()).isEmpty();
    }

    /** A gable of 2,400 under 45 degrees over the eaves: 400 from its middle it is 800 higher than these. */
    @Test
    void standInGablesAcrossAnEaves() {
        Wall eaves = house.wall(3000, 0);
        assertThat(sketch.tryRun(window(eaves, 2600, 500)))
                .as("before it is there")
                .isInstanceOf(Refusal.class);
        sketch.run(new DrawCrossGable(
                gable.storey(), Sketch.LAYER, new Vec(3000, 0), 2400, 0, Pitch.degrees(45), 200, 200));
        sketch.run(window(eaves, 2600, 500));
        assertThat(stands(eaves, 3000, 300)).as("in the window").isFalse();
        assertThat(stands(eaves, 3000, 700)).as("over it").isTrue();
        assertThat(stands(eaves, 2400, 300)).as("beside it").isTrue();
        assertThat(stands(eaves, 1000, 100)).as("under the eaves").isFalse();
        assertThat(stands(eaves, 1000, -100)).isTrue();
        assertThat(found()).isEmpty();
    }

    /** @param x along the wall, in its middle */
    private boolean stands(Wall wall, double x, double aboveHeadMm) {
        Strip strip = Objects.requireNonNull(sketch.building().strip(wall.id()));
        double y = strip.at(strip.length() / 2, (strip.lo() + strip.hi()) / 2).y();
        return stands(wall, new Vec(x, y), aboveHeadMm);
    }

    @Test
    void areRefusedWhereTheRoofIsLower() {
        assertThat(sketch.tryRun(window(gable, 1600, 1700)))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.sentence()).contains("above the top of"));
        assertThat(sketch.tryRun(window(gable, 300, 900))).as("near the eaves").isInstanceOf(Refusal.class);
        assertThat(sketch.tryRun(window(house.wall(3000, 0), 1600, 300)))
                .as("under the eaves")
                .isInstanceOf(Refusal.class);
    }

    @Test
    void areFoundWhereARoofCameLowerOrWent() {
        Opening window = placed();
        Roof flatter = with(roof, "usual", new Roof.Edge(new Roof.Eaves(Pitch.degrees(15)), 300, 0));
        sketch.run(new Revise(flatter));
        assertThat(found()).anySatisfy(s -> assertThat(s)
                .startsWith("The head of " + window.mark())
                .contains("above the top of " + gable.mark()));
        sketch.run(new Delete(List.of(roof.id())));
        assertThat(found()).hasSize(1);
        assertThat(stands(1500, 100)).as("without a roof it ends at its head").isFalse();
        assertThat(stands(1500, -100)).isTrue();
    }
}
