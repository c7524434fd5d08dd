package org.leanlintel.core.takeoff;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.roof.PlacedRoofPart;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.storey.PlaceRoofPart;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.WorkState;

/** Roof lights and windows of dormers stand in the window schedule, after those in walls. */
class RoofWindowsTest {

    private final RoofedHouse house = new RoofedHouse();

    RoofWindowsTest() {
        house.gabled();
    }

    private RoofPart placed(double x, double y, double wide, double high, RoofPart.Make make) {
        return (RoofPart) house.sketch
                .run(new PlaceRoofPart(Sketch.LAYER, new Vec(x, y), wide, high, make))
                .after()
                .getFirst();
    }

    private RoofPart dormer(double windowMm) {
        return placed(
                3000,
                700,
                800,
                500,
                new RoofPart.Dormer(
                        RoofPart.Form.GABLED, Pitch.degrees(35), 100, 100, windowMm, 400, 50, Sketch.id("brick")));
    }

    private List<List<String>> rows() {
        Drawing schedule = house.sketch.drawing("Windows", Drawing.Kind.WINDOWS, Sketch.STOREY, 10);
        return Tables.of(schedule, house.sketch.building()).rows().stream()
                .map(r -> r.cells().stream().map(Table.Cell::text).toList())
                .toList();
    }

    @Test
    void eachHasARowWithItsRoofAndItsSize() {
        dormer(600);
        placed(1000, 1000, 780, 1180, new RoofPart.RoofLight(60, 50));
        placed(5000, 1000, 600, 600, new RoofPart.Stack(1500, Sketch.id("brick"), new RoofPart.Bare()));
        List<List<String>> rows = rows();
        assertThat(rows).hasSize(2);
        assertThat(rows.get(0)).contains("DO1", "Dormer window", "in its front", "600", "400");
        assertThat(rows.get(1)).contains("RL1", "Roof light", "780", "1180").anyMatch(c -> c.contains("35"));
    }

    /** The slope at the dormer's front, less the floor: the window stands 50 over it and is 400 high. */
    @Test
    void aDormersWindowHasItsSillOverTheFloor() {
        RoofPart dormer = dormer(600);
        PlacedRoofPart placed = house.sketch.building().get(new PlacedRoofPart.Of(dormer.id()));
        double floor = house.sketch
                .building()
                .space(house.sketch.model().get(dormer.roof(), Roof.class).storey())
                .levelMm();
        double sill = placed.face().plane().at(dormer.at()) + 50 - floor;
        List<String> row = rows().getFirst();
        assertThat(row.get(11)).isEqualTo(Long.toString(Math.round(sill)));
        assertThat(row.get(12)).isEqualTo(Long.toString(Math.round(sill + 400)));
    }

    @Test
    void aDormerWithoutAWindowAndWhatGoesHaveNone() {
        dormer(0);
        RoofPart light = placed(1000, 1000, 780, 1180, new RoofPart.RoofLight(60, 50));
        house.sketch.run(new Revise(light.in(WorkState.REMOVED)));
        assertThat(rows()).isEmpty();
    }
}
