package org.leanlintel.formats.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.takeoff.BuildUpUse;
import org.leanlintel.formats.standard.OfficeStandard;

/** The demo projects can be drawn, and are as large as they are meant to be. */
class DemoDraftsTest {

    @Test
    void quarryBankHouseHasTwoStoreys() {
        Model model = QuarryBankHouse.draw();
        assertThat(model.all(Wall.class)).hasSizeGreaterThanOrEqualTo(15);
        assertThat(model.all(Opening.class)).hasSizeGreaterThanOrEqualTo(10);
        assertThat(model.all(DimensionString.class)).hasSizeGreaterThanOrEqualTo(8);
        assertThat(model.all(Room.class))
                .extracting(Room::name)
                .contains("Living", "Kitchen", "Wet room", "Garage", "Store");
        assertThat(model.all(Sheet.class)).hasSize(14);
        assertThat(model.all(Drawing.class)).hasSizeGreaterThanOrEqualTo(8);
        assertThat(model.all(Wall.class)).extracting(Wall::state).contains(WorkState.values());
        assertThat(StoreySpace.stack(model)).extracting(Storey::name).containsExactly("Ground", "First");
        assertThat(model.all(Floor.class)).hasSize(4);
        assertThat(BuildUpUse.of(Building.of(model)))
                .extracting(u -> u.buildUp().mark())
                .containsExactly("1", "2", "7", "11", "12", "13");
        assertThat(overlap(model)).as("chords of the curved wall").isLessThan(Tolerance.SLIVER_MM2);
    }

    @Test
    void everyAreaIsNamedAndFitted() {
        for (Model model : List.of(QuarryBankHouse.draw(), HeronPointCabin.draw())) {
            Building building = Building.of(model);
            assertThat(Rooms.in(building).named(OfficeStandard.GROUND))
                    .hasSameSizeAs(Rooms.in(building).of(OfficeStandard.GROUND));
            assertThat(model.all(Fitting.class)).hasSizeGreaterThan(12);
        }
        Set<Class<?>> kinds = QuarryBankHouse.draw().all(Opening.class).stream()
                .map(o -> o.kind().getClass())
                .collect(Collectors.toSet());
        assertThat(kinds).hasSizeGreaterThanOrEqualTo(6);
    }

    /** The house keeps its rules; the cabin's WC is an inch too near its bath, for the findings to show. */
    @Test
    void whatIsFoundInTheDemoIsMeant() {
        assertThat(Findings.of(Building.of(QuarryBankHouse.draw())))
                .extracting(Finding::sentence)
                .isEmpty();
        assertThat(Findings.of(Building.of(HeronPointCabin.draw())))
                .extracting(Finding::sentence)
                .singleElement()
                .asString()
                .contains("1'-2\" from its centre to Bath", "1'-3\" needed, IRC P2705.1");
    }

    @Test
    void heronPointCabinIsDrawnInInches() {
        Model model = HeronPointCabin.draw();
        assertThat(model.all(Wall.class)).hasSize(10);
        BuiltStair stair = BuiltStair.of(model.all(Stair.class).getFirst(), model);
        assertThat(stair.plan().sum().risers()).isEqualTo(15);
        assertThat(stair.plan().sum().riserMm() / 25.4).isCloseTo(7.483, within(0.001));
        assertThat(BuildUpUse.of(Building.of(model)))
                .extracting(u -> u.buildUp().mark())
                .containsExactly("1", "11", "13");
        assertThat(overlap(model)).isLessThan(1);
    }

    /** Square millimetres of plies lying on each other at the cut. */
    private static double overlap(Model model) {
        var plies = new Bodies(Building.of(model))
                .on(OfficeStandard.GROUND).stream()
                        .filter(b -> model.find(b.element()) instanceof Wall && b.lowMm() <= 1200 && b.highMm() > 1200)
                        .map(Body::outline)
                        .map(Area::of)
                        .toList();
        return Math.abs(
                plies.stream().mapToDouble(Area::mm2).sum() - Area.union(plies).mm2());
    }
}
