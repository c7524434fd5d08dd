package org.leanlintel.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.storey.AddStorey;
import org.leanlintel.core.edit.storey.DrawVoid;
import org.leanlintel.core.edit.storey.ReviseStorey;
import org.leanlintel.core.edit.wall.RakeUnderStair;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake.Rails;
import org.leanlintel.core.model.StairRules.Limit;
import org.leanlintel.core.model.StairRules.What;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;

/** What is found of stairs, and of walls that stand on others. */
class HeightFindingsTest {

    private static final Limit[] RULES = {
        new Limit(What.RISE_MOST, 190, "R1", true),
        new Limit(What.WIDTH_LEAST, 850, "W1", false),
        new Limit(What.HEADROOM_LEAST, 2000, "H1", true),
        new Limit(What.HANDRAIL_FROM_RISERS, 4, "HR1", true),
    };

    private final HouseOfTwo house = new HouseOfTwo(RULES);

    private List<String> sentences() {
        return Findings.of(house.sketch.building()).stream()
                .map(Finding::sentence)
                .toList();
    }

    @Test
    void everyBrokenRuleIsFoundWithItsFigureAndItsSource() {
        house.stair(800, Rails.NONE, Stair.Above.FOUND);
        assertThat(sentences())
                .containsExactlyInAnyOrder(
                        "ST1: riser is 200, at most 190, R1.",
                        "ST1: width is 800, at least 850, W1.",
                        "ST1 has no handrail; with so many risers it needs one, HR1.");
        assertThat(Findings.of(house.sketch.building()))
                .extracting(Finding::source)
                .contains("W1 (check)");
    }

    /** Open 500 less than it needs to be, on a pitch of 200 in 250: 400 too low. */
    @Test
    void aVoidDrawnByHandIsChecked() {
        house.stair(900, Rails.BOTH, Stair.Above.BY_HAND);
        house.sketch.run(new DrawVoid(house.first.id(), Sketch.LAYER, ring(4000 - 2812.5 + 500)));
        assertThat(sentences()).contains("ST1: headroom is 1600, at least 2000, H1.");
        house.sketch.run(new DrawVoid(house.first.id(), Sketch.LAYER, ring(4000 - 2813)));
        assertThat(sentences()).noneMatch(s -> s.contains("headroom"));
    }

    private static List<Vec> ring(double from) {
        return List.of(new Vec(from, 600), new Vec(4000, 600), new Vec(4000, 1500), new Vec(from, 1500));
    }

    @Test
    void anOutsideWallThatDoesNotLineUpIsFound() {
        assertThat(sentences()).isEmpty();
        house.sketch.run(new Move(List.of(house.above.get(2).id()), new Vec(25, 0)));
        assertThat(sentences()).containsExactly("W7 stands 25 out of line with W3 under it, 10 at most, T1.");
        house.sketch.run(new Move(List.of(house.above.get(2).id()), new Vec(600, 0)));
        assertThat(sentences()).contains("W7 carries, and has no wall under it on Ground.");
    }

    @Test
    void aWallWhoseSupportIsDeletedIsFound() {
        house.sketch.run(new Delete(List.of(house.shell.get(0).id())));
        assertThat(sentences()).contains("W5 carries, and has no wall under it on Ground.");
    }

    @Test
    void aWallAcrossAFlightStandsInItsWayUntilItIsRaked() {
        house.stair(900, Rails.BOTH, Stair.Above.FOUND);
        Wall across = house.sketch.across(house.shell, 2500);
        assertThat(sentences()).contains("ST1: W9 stands in its way.");
        house.sketch.run(new RakeUnderStair(across.id()));
        assertThat(sentences()).noneMatch(s -> s.contains("stands in"));
        house.sketch.run(new Move(List.of(across.id()), new Vec(-300, 0)));
        assertThat(sentences()).as("it follows the stair").noneMatch(s -> s.contains("stands in"));
    }

    @Test
    void aWallBesideAFlightDoesNotStandInItsWay() {
        house.stair(900, Rails.BOTH, Stair.Above.FOUND);
        house.sketch.partition(
                Sketch.PARTITION,
                new Vec(290, 1500 + 57),
                house.shell.get(0),
                new Vec(6000 - 290, 1500 + 57),
                house.shell.get(2));
        assertThat(sentences()).noneMatch(s -> s.contains("stands in"));
    }

    /** From x = 1,200 to 2,200 in the south wall, where the flight starts at x = 1,000 and y = 600. */
    @Test
    void aLeafThatStrikesAFlightOrOpensOverItsVoidIsFound() {
        house.stair(900, Rails.BOTH, Stair.Above.FOUND);
        Opening door = house.sketch.door(house.shell.get(3), 3800, 1000);
        assertThat(sentences()).contains("The leaf of D1 strikes ST1 on its way open.");
        house.sketch.put(door.of(new Opening.SwingDoor(End.START, Side.LEFT)));
        assertThat(sentences()).as("it opens outwards").noneMatch(s -> s.contains("leaf"));
        house.sketch.door(house.above.get(3), 3800, 1000);
        assertThat(sentences()).contains("The leaf of D2 opens over the void of ST1.");
    }

    @Test
    void aWideStairNeedsHandrailsAtBothSides() {
        HouseOfTwo wide = new HouseOfTwo(
                new Limit(What.HANDRAIL_FROM_RISERS, 2, "HR1", true),
                new Limit(What.HANDRAILS_BOTH_FROM_WIDTH, 1000, "HR2", true));
        Stair stair = wide.stair(1000, Rails.LEFT, Stair.Above.FOUND);
        assertThat(Findings.of(wide.sketch.building()))
                .extracting(Finding::sentence)
                .containsExactly("ST1 has handrails at one side; as wide as it is it needs them at both sides, HR2.");
        wide.sketch.put(stair.made(stair.make().withRails(Rails.BOTH)));
        assertThat(Findings.of(wide.sketch.building())).isEmpty();
    }

    /** The west wall's face is at x = 290, the first riser at 1,000; the last stands at 4,000, the east wall's face at 5,710. */
    @Test
    void theFloorBeforeAndAfterAStairIsClearAsFarAsALandingIsLong() {
        HouseOfTwo house = new HouseOfTwo(new Limit(What.LANDING_LEAST, 900, "L1", true));
        house.stair(900, Rails.BOTH, Stair.Above.FOUND);
        assertThat(Findings.of(house.sketch.building()))
                .extracting(Finding::sentence)
                .containsExactly("ST1: 710 is clear before its first riser, to W1; at least 900, L1.");
    }

    @Test
    void aLandingMayHaveToBeAsLongAsTheStairIsWide() {
        HouseOfTwo house = new HouseOfTwo(
                new Limit(What.LANDING_LEAST, 600, "L1", true), new Limit(What.LANDING_OF_WIDTH_LEAST, 1, "L2", true));
        Stair stair = house.stair(900, Rails.BOTH, Stair.Above.FOUND);
        assertThat(Findings.of(house.sketch.building()))
                .extracting(Finding::sentence)
                .containsExactly("ST1: 710 is clear before its first riser, to W1; at least 900, L2.");
        house.sketch.put(stair.at(new Vec(1250, 1500), 0, stair.shape()));
        assertThat(Findings.of(house.sketch.building())).isEmpty();
        house.sketch.put(stair.at(new Vec(2000, 1500), 0, stair.shape()));
        assertThat(Findings.of(house.sketch.building()))
                .extracting(Finding::sentence)
                .containsExactly("ST1: 710 is clear after its last riser, to W7; at least 900, L2.");
    }

    /** Such as the hundred of who means per cent. */
    @Test
    void aLandingOfAHundredTimesTheWidthIsAskedForInWords() {
        HouseOfTwo house = new HouseOfTwo(new Limit(What.LANDING_OF_WIDTH_LEAST, 100, "L2", true));
        house.stair(900, Rails.BOTH, Stair.Above.FOUND);
        assertThat(Findings.of(house.sketch.building()))
                .extracting(Finding::sentence)
                .contains("ST1: 710 is clear before its first riser, to W1; at least 90000, L2.");
    }

    /** The flight above hangs 2,600 over this one's nosings, less its own depth of 190 mm square to its slope: 243 upright. */
    @Test
    void headroomUnderAFlightAboveIsFoundShort() {
        HouseOfTwo high = new HouseOfTwo(new Limit(What.HEADROOM_LEAST, 2400, "H1", false));
        high.sketch.run(new ReviseStorey(high.first.high(2600)));
        Stair below = high.stair(900, Rails.NONE, Stair.Above.FOUND);
        high.sketch.run(new AddStorey(
                high.first.id(),
                true,
                "Second",
                2500,
                new Storey.Built(HouseOfTwo.FLOOR),
                new AddStorey.Taking(true, false, false),
                new AddStorey.NotLaid()));
        high.sketch.put(below.placed(Sketch.id("stair-above"), high.first.id(), Sketch.LAYER, "ST2"));
        assertThat(Findings.of(high.sketch.building()))
                .filteredOn(f -> f.sentence().startsWith("ST1: headroom under"))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.sentence()).isEqualTo("ST1: headroom under ST2 is 2356.7, at least 2400, H1.");
                    assertThat(f.concerns()).containsExactly(below.id(), Sketch.id("stair-above"));
                    assertThat(f.source()).isEqualTo("H1 (check)");
                });
    }
}
