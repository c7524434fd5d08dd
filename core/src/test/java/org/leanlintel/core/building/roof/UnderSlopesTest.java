package org.leanlintel.core.building.roof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.storey.PlaceRoofPart;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;

/**
 * A room of 5,420 by 3,420 under a gable of 35 degrees whose plates lie 900 over its floor: its lining lies 811.7 over the outer edge
 * of the plates, which is 140 outside of the room's faces.
 */
class UnderSlopesTest {

    private static final double TAN = Math.tan(Math.toRadians(35)), COS = Math.cos(Math.toRadians(35));
    private static final double AT_PLATE = 900 + 150 / COS - 100 * TAN - 165 / COS, LONG = 5420, HALF = 1850;

    private final RoofedHouse house = new RoofedHouse();
    private final Sketch sketch = house.sketch;
    private final Roof roof = house.gabled();
    private final Room room = (Room) sketch.run(new NameRoom(
                    roof.storey(), Sketch.LAYER, new Vec(3000, 2000), "", "Loft", Room.Use.BEDROOM, Room.Finishes.NONE))
            .after()
            .getFirst();

    @BeforeEach
    void lowerTheRoof() {
        sketch.run(new Revise(new Roof(
                roof.id(),
                roof.storey(),
                roof.layer(),
                roof.mark(),
                roof.buildUp(),
                roof.over(),
                new Roof.AtHeight(900),
                roof.heel(),
                roof.usual(),
                roof.own(),
                roof.trim(),
                roof.under(),
                roof.state())));
    }

    private UnderSlopes under() {
        return sketch.building().get(new UnderSlopes.Of(room.id()));
    }

    /** From the plate inwards to where the lining is so high. */
    private static double in(double height) {
        return (height - AT_PLATE) / TAN;
    }

    @Test
    void floorCountsFromTheHeightOverIt() {
        assertThat(AT_PLATE).isCloseTo(811.7, within(0.1));
        assertThat(under().mm2Over(1500)).isCloseTo(2 * (HALF - in(1500)) * LONG, within(100.0));
        assertThat(under().mm2Over(900)).isCloseTo(2 * (HALF - 140) * LONG, within(100.0));
        assertThat(under().mm2Over(3000)).isZero();
    }

    @Test
    void itsVolumeEndsAtTheSlopes() {
        double section = AT_PLATE * (HALF - 140) + TAN / 2 * (HALF * HALF - 140 * 140);
        assertThat(under().volumeMm3()).isCloseTo(2 * section * LONG, within(1e6));
    }

    /** A ceiling of 1,500 cuts off what lies over it. */
    @Test
    void aLevelCeilingEndsItEarlier() {
        sketch.run(new Revise(new Room(
                room.id(),
                room.storey(),
                room.layer(),
                room.seed(),
                room.number(),
                room.name(),
                room.use(),
                room.finishes(),
                new Rise.Fixed(1500),
                room.label())));
        double x = in(1500), section = AT_PLATE * (x - 140) + TAN / 2 * (x * x - 140 * 140) + 1500 * (HALF - x);
        assertThat(under().volumeMm3()).isCloseTo(2 * section * LONG, within(1e6));
        assertThat(under().mm2Over(1501)).isZero();
    }

    @Test
    void aLineInThePlanSaysFromWhereItCounts() {
        List<List<Vec>> lines = under().at(1500);
        assertThat(lines).hasSize(2);
        List<Double> at =
                lines.stream().map(l -> Bounds.of(l).centre().y()).sorted().toList();
        assertThat(at.getFirst()).isCloseTo(150 + in(1500), within(0.1));
        assertThat(at.getLast()).isCloseTo(3850 - in(1500), within(0.1));
    }

    /** 2,300 is over the ridge's lining: nothing of it is of full height. */
    @Test
    void aRoomThatIsTooLowIsFound() {
        assertThat(found("Loft", "75 %")).singleElement().asString().contains("0.00 m\u00b2 of the 9.4");
    }

    /** R1003.9: 914.4 over the roof, and 609.6 over the ridge, which lies 800 tan 35 over its upper side: 609.6 + 560.2 - 500. */
    @Test
    void aChimneyThatEndsTooLowIsFound() {
        RoofPart.Make low = new RoofPart.Stack(500, Sketch.id("brick"));
        RoofPart chimney = (RoofPart) sketch.run(new PlaceRoofPart(Sketch.LAYER, new Vec(3000, 1000), 400, 400, low))
                .after()
                .getFirst();
        assertThat(found("CH1")).singleElement().asString().contains("is 669.8 too low");
        RoofPart.Make high = new RoofPart.Stack(1300, Sketch.id("brick"));
        sketch.run(new Revise(chimney.on(chimney.id(), chimney.roof(), chimney.layer(), chimney.mark(), high)));
        assertThat(found("CH1")).isEmpty();
    }

    private List<String> found(String... words) {
        return Findings.of(sketch.building()).stream()
                .map(Finding::sentence)
                .filter(s -> List.of(words).stream().allMatch(s::contains))
                .toList();
    }
}
