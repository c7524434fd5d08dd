package org.leanlintel.core.building.roof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.RoofedHouse;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.room.NameRoom;
import org.leanlintel.core.edit.storey.PlaceRoofPart;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Pitch;
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
        sketch.run(new Revise(with(roof, "plate", new Roof.AtHeight(900))));
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
                room.words())));
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
        RoofPart.Make low = new RoofPart.Stack(500, Sketch.id("brick"), new RoofPart.Bare());
        RoofPart chimney = (RoofPart) sketch.run(new PlaceRoofPart(Sketch.LAYER, new Vec(3000, 1000), 400, 400, low))
                .after()
                .getFirst();
        assertThat(found("CH1")).singleElement().asString().contains("is 669.8 too low");
        RoofPart.Make high = new RoofPart.Stack(1300, Sketch.id("brick"), new RoofPart.Bare());
        sketch.run(new Revise(chimney.on(chimney.id(), chimney.roof(), chimney.layer(), chimney.mark(), high)));
        assertThat(found("CH1")).isEmpty();
    }

    /** R1003.20: one that is wider than 30 in and does not come through the ridge needs a saddle. */
    @Test
    void aWideChimneyWithoutASaddleIsFound() {
        RoofPart.Make bare = new RoofPart.Stack(3000, Sketch.id("brick"), new RoofPart.Bare());
        RoofPart chimney = (RoofPart) sketch.run(new PlaceRoofPart(Sketch.LAYER, new Vec(3000, 1000), 900, 400, bare))
                .after()
                .getFirst();
        assertThat(found("CH1"))
                .singleElement()
                .asString()
                .contains("no saddle behind it: it is 900 wide, and over 762", "R1003.20");
        sketch.run(new Revise(chimney.moved(new Vec(3000, 1950))));
        assertThat(found("CH1")).as("through the ridge").isEmpty();
        RoofPart.Make saddled = new RoofPart.Stack(3000, Sketch.id("brick"), new RoofPart.Saddle(Pitch.degrees(30)));
        sketch.run(new Revise(chimney.on(chimney.id(), chimney.roof(), chimney.layer(), chimney.mark(), saddled)));
        assertThat(found("CH1")).isEmpty();
    }

    /** Behind 900 on 35 degrees: at 35 the ridge rises 315.1 and runs back 450; at 45, 450 and 642.7. Volume: a third of base and rise. */
    @Test
    void aSaddleRisesByItsPitchAndEndsWhereTheRoofComesUpToIt() {
        for (double[] worked : new double[][] {{35, 315.1, 450}, {45, 450, 642.7}}) {
            RoofPart.Make make =
                    new RoofPart.Stack(3000, Sketch.id("brick"), new RoofPart.Saddle(Pitch.degrees(worked[0])));
            RoofPart chimney =
                    (RoofPart) sketch.run(new PlaceRoofPart(Sketch.LAYER, new Vec(3000, 900), 900, 400, make))
                            .after()
                            .getFirst();
            PlacedRoofPart placed = sketch.building().get(new PlacedRoofPart.Of(chimney.id()));
            SaddleShape saddle = placed.saddle();
            assertThat(saddle.riseMm()).isCloseTo(worked[1], within(0.1));
            assertThat(saddle.backMm()).isCloseTo(worked[2], within(0.1));
            Plane roof = placed.roof().top(placed.face());
            for (SaddleShape.Side side : List.of(saddle.left(), saddle.right())) {
                assertThat(side.plan().mm2()).isCloseTo(450 * worked[2] / 2, within(20.0));
                for (Vec p : side.plan().rings().getFirst())
                    assertThat(side.top().at(p)).isGreaterThan(roof.at(p) - 0.01);
            }
            Vec up = placed.face().plane().slope().unit();
            Vec end = new Vec(3000, 900).along(up, 200 + saddle.backMm());
            assertThat(saddle.lines()).hasSize(3).allSatisfy(l -> assertThat(
                            Math.min(l.getFirst().distanceTo(end), l.getLast().distanceTo(end)))
                    .isLessThan(0.01));
            assertThat(saddle.left().top().at(end)).isCloseTo(roof.at(end), within(0.01));
            assertThat(new Bodies(sketch.building()).of(chimney.id())).hasSize(3);
            sketch.run(new Delete(List.of(chimney.id())));
        }
    }

    /** On 35 degrees a saddle of 80 would run back 3,600: the slope ends after 1,000. */
    @Test
    void aSaddleEndsWithTheSlope() {
        RoofPart.Make make = new RoofPart.Stack(3000, Sketch.id("brick"), new RoofPart.Saddle(Pitch.degrees(80)));
        RoofPart chimney = (RoofPart) sketch.run(new PlaceRoofPart(Sketch.LAYER, new Vec(3000, 800), 900, 400, make))
                .after()
                .getFirst();
        PlacedRoofPart placed = sketch.building().get(new PlacedRoofPart.Of(chimney.id()));
        assertThat(placed.saddle().backMm()).isGreaterThan(3000);
        assertThat(placed.saddle().lines()).isNotEmpty().allSatisfy(l -> assertThat(l)
                .allMatch(v -> v.y() < 2000.1));
    }

    private List<String> found(String... words) {
        return Findings.of(sketch.building()).stream()
                .map(Finding::sentence)
                .filter(s -> List.of(words).stream().allMatch(s::contains))
                .toList();
    }
}
