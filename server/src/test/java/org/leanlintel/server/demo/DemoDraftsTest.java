package org.leanlintel.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.takeoff.BuildUpUse;
import org.leanlintel.formats.standard.OfficeStandard;

/** The demo projects can be drawn, and are as large as they are meant to be. */
class DemoDraftsTest {

    @Test
    void quarryBankHouseHasAGroundFloor() {
        Model model = QuarryBankHouse.draw();
        assertThat(model.all(Wall.class)).hasSizeGreaterThanOrEqualTo(15);
        assertThat(model.all(Opening.class)).hasSizeGreaterThanOrEqualTo(10);
        assertThat(model.all(DimensionString.class)).hasSizeGreaterThanOrEqualTo(8);
        assertThat(model.all(Note.class))
                .extracting(Note::text)
                .contains("Living", "Kitchen", "Wet room", "Garage", "Store");
        assertThat(model.all(Sheet.class)).hasSize(3);
        assertThat(BuildUpUse.of(Building.of(model)))
                .extracting(u -> u.buildUp().mark())
                .containsExactly("1", "2", "7", "11", "12", "13");
        assertThat(overlap(model)).as("chords of the curved wall").isLessThan(Tolerance.SLIVER_MM2);
    }

    @Test
    void heronPointCabinIsDrawnInInches() {
        Model model = HeronPointCabin.draw();
        assertThat(model.all(Wall.class)).hasSize(6);
        assertThat(BuildUpUse.of(Building.of(model)))
                .extracting(u -> u.buildUp().mark())
                .containsExactly("6", "14", "16");
        assertThat(overlap(model)).isLessThan(1);
    }

    /** Square millimetres of plies lying on each other at the cut. */
    private static double overlap(Model model) {
        var plies = Building.of(model).bodiesOf(OfficeStandard.GROUND).stream()
                .filter(b -> b.lowMm() <= 1200 && b.highMm() > 1200)
                .map(Body::outline)
                .map(Area::of)
                .toList();
        return Math.abs(
                plies.stream().mapToDouble(Area::mm2).sum() - Area.union(plies).mm2());
    }
}
