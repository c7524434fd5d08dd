package org.leanlintel.core.building.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.WorkState;

/** Handrails and balusters of a stair of 13 risers, 250 going, up along y = 1,500 from x = 1,000; its handrail 900 high. */
class RailingTest {

    private final HouseOfTwo house = new HouseOfTwo();

    private List<Body> bodies(Stair stair) {
        return new Bodies(house.sketch.building()).of(stair.id());
    }

    private static boolean isBaluster(Body b) {
        Bounds box = Bounds.of(b.outline());
        return Math.abs(box.width() - 32) < 0.1 && Math.abs(box.height() - 32) < 0.1;
    }

    private List<Body> balusters(Stair stair, double y) {
        return bodies(stair).stream()
                .filter(RailingTest::isBaluster)
                .filter(b -> Math.abs(Bounds.of(b.outline()).centre().y() - y) < 1)
                .toList();
    }

    /** Of 1,000: eight of 32 leave nine gaps of 82.7; seven would leave eight of 97. */
    @Test
    void balustersStandAsCloseAsTheyMustAndNoCloser() {
        Railing railing = new Railing(Vec.ORIGIN, new Vec(1000, 0), Plane.level(900), 95);
        List<Railing.Piece> balusters = railing.balusters(along -> 0);
        assertThat(balusters).hasSize(8);
        double first = Bounds.of(balusters.getFirst().ring()).minX();
        double last = 1000 - Bounds.of(balusters.getLast().ring()).maxX();
        assertThat(first).isCloseTo((1000 - 8 * 32) / 9.0, within(1e-6)).isCloseTo(last, within(1e-6));
        assertThat(railing.rail().high()).isEqualTo(Plane.level(900));
        assertThat(new Railing(Vec.ORIGIN, new Vec(90, 0), Plane.level(900), 95).balusters(along -> 0))
                .isEmpty();
    }

    @Test
    void aHandrailRunsParallelToTheNosingsAndItsBalustersStandOnTheTreads() {
        Stair stair = house.stair(900, StairMake.Rails.LEFT, Stair.Above.FOUND);
        BuiltStair built = BuiltStair.of(stair, house.sketch.model());
        double y = 1500 - 45;
        Body rail = bodies(stair).stream()
                .filter(b -> !b.high().isLevel()
                        && Area.of(b.outline()).mm2() > 1000 * 49
                        && Math.abs(Bounds.of(b.outline()).centre().y() - y) < 1)
                .findFirst()
                .orElseThrow();
        assertThat(rail.high().at(new Vec(1000, y))).isCloseTo(built.levelMm(1) + 900, within(0.01));
        assertThat(rail.high().at(new Vec(1000 + 12 * 250, y))).isCloseTo(built.levelMm(13) + 900, within(0.01));
        List<Body> balusters = balusters(stair, y);
        assertThat(balusters).hasSize(23).allSatisfy(b -> {
            double along = Bounds.of(b.outline()).centre().x() - 1000;
            assertThat(b.lowMm()).isCloseTo(built.levelMm(1 + (int) (along / 250)), within(0.01));
            assertThat(b.high().at(Bounds.of(b.outline()).centre()))
                    .isCloseTo(rail.low().at(Bounds.of(b.outline()).centre()), within(0.01));
        });
    }

    @Test
    void newelsStandOverTheHandrailThatRunsIntoThem() {
        BuiltStair built =
                BuiltStair.of(house.stair(900, StairMake.Rails.LEFT, Stair.Above.FOUND), house.sketch.model());
        assertThat(built.newels())
                .extracting(n -> n.railMm() - n.levelMm())
                .containsExactly(900 + built.plan().sum().riserMm(), 900.0);
    }

    /** 1,200 wide, its right edge 10 before the south wall. */
    @Test
    void besideAWallThereIsAHandrailAlone() {
        Stair stair = house.stair(1200, StairMake.Rails.BOTH, Stair.Above.FOUND);
        assertThat(balusters(stair, 1500 - 45)).hasSize(23);
        assertThat(balusters(stair, 300 + 45)).isEmpty();
    }

    @Test
    void theVoidHasBalustersOnTheFloorAbove() {
        Stair stair = house.stair(900, StairMake.Rails.LEFT, Stair.Above.FOUND);
        BuiltStair built = BuiltStair.of(stair, house.sketch.model());
        double floor = built.storeyAbove().levelMm();
        Area round = Balustrade.of(built, house.sketch.building());
        List<Body> above = bodies(stair).stream()
                .filter(b -> isBaluster(b) && b.lowMm() > floor - 1)
                .toList();
        assertThat(above).isNotEmpty().allSatisfy(b -> {
            assertThat(round.covers(Bounds.of(b.outline()).centre())).isTrue();
            assertThat(b.highMm()).isCloseTo(floor + 850, within(0.01));
        });
        assertThat(above.size() * (32 + 95.0)).isGreaterThan(round.mm2() / 50 - 600);
    }

    private BuiltStair turning(Stair.Turn turn, StairMake.Rails rails) {
        StairMake make =
                new StairMake(22, 12, 18, StairMake.Strings.CLOSED, 32, 235, 90, rails, 900, Sketch.id("stud"));
        Stair stair = new Stair(
                Sketch.id("turning"),
                Sketch.STOREY,
                Sketch.LAYER,
                "ST9",
                new Vec(1000, 1500),
                0,
                900,
                new Stair.Flights(List.of(5), List.of(turn)),
                new Stair.FixedRisers(13),
                new Stair.FixedGoing(250),
                make,
                Stair.Above.FOUND,
                WorkState.NEW);
        return BuiltStair.of(stair, house.sketch.model());
    }

    /** Up along y = 1,500 as far as x = 2,000, then to the left: round the landing's right side, 45 within its edges, level. */
    @Test
    void aLandingHasItsHandrailOnTheOutsideOfTheTurn() {
        Stair.Turn left = Stair.Landing.quarter(Side.LEFT);
        List<TurnRail> rails = TurnRail.of(turning(left, StairMake.Rails.RIGHT));
        assertThat(rails).hasSize(1);
        TurnRail rail = rails.getFirst();
        assertThat(rail.line()).containsExactly(new Vec(2000, 645), new Vec(2855, 645), new Vec(2855, 1500));
        assertThat(rail.stretches()).allSatisfy(s -> {
            assertThat(s.fromMm()).isCloseTo(1000 + 900, within(0.01)).isEqualTo(s.toMm());
            assertThat(s.footMm()).isCloseTo(1000, within(0.01));
        });
        assertThat(TurnRail.of(turning(left, StairMake.Rails.LEFT)))
                .as("round the newel at the inner corner there is none")
                .isEmpty();
    }

    /** 90 square in the middle of the rail's corner, from the landing up past the rail; where a wall stands at one side there is none. */
    @Test
    void aNewelStandsAtTheOuterCornerOfALanding() {
        BuiltStair stair = turning(Stair.Landing.quarter(Side.LEFT), StairMake.Rails.RIGHT);
        List<BuiltStair.Newel> newels = CornerNewels.of(stair, house.sketch.building());
        assertThat(newels).hasSize(1);
        Bounds box = Bounds.of(newels.getFirst().ring());
        assertThat(box).isEqualTo(new Bounds(2810, 600, 2900, 690));
        assertThat(newels.getFirst().levelMm()).isCloseTo(1000, within(0.01));
        assertThat(newels.getFirst().railMm()).isCloseTo(1900, within(0.01));
        house.sketch.run(Sketch.PARTITION, false, 2960, 400, 2960, 1400);
        assertThat(CornerNewels.of(stair, house.sketch.building())).isEmpty();
        assertThat(CornerNewels.of(
                        turning(Stair.Landing.quarter(Side.LEFT), StairMake.Rails.LEFT), house.sketch.building()))
                .as("round the inner corner there is no rail")
                .isEmpty();
    }

    /** The same turned back over a well of 400: across it, and along the three sides of the landing. */
    @Test
    void aHalfLandingHasThemOnItsFarSideAndOverAWideWell() {
        Stair.Turn half = new Stair.Landing(Stair.Way.HALF, Side.LEFT, 0, 400);
        List<TurnRail> rails = TurnRail.of(turning(half, StairMake.Rails.BOTH));
        assertThat(rails).extracting(r -> r.stretches().size()).containsExactlyInAnyOrder(1, 3);
        assertThat(rails.stream()
                        .filter(r -> r.stretches().size() == 3)
                        .findFirst()
                        .orElseThrow()
                        .line())
                .startsWith(new Vec(2000, 645))
                .endsWith(new Vec(2000, 2755));
    }

    /** Three winders: the rail rises from riser to riser, each stretch over its own tread. */
    @Test
    void overWindersItRisesWithThem() {
        BuiltStair stair = turning(new Stair.Winders(Side.LEFT, 45), StairMake.Rails.RIGHT);
        List<TurnRail.Stretch> stretches = TurnRail.of(stair).getFirst().stretches();
        assertThat(stretches).hasSize(4);
        assertThat(stretches.getFirst().fromMm()).isCloseTo(stair.levelMm(5) + 900, within(0.01));
        assertThat(stretches.getLast().toMm()).isCloseTo(stair.levelMm(8) + 900, within(0.01));
        for (int i = 1; i < 4; i++) {
            assertThat(stretches.get(i).fromMm()).isCloseTo(stretches.get(i - 1).toMm(), within(0.01));
            assertThat(stretches.get(i).from()).isEqualTo(stretches.get(i - 1).to());
        }
        assertThat(stretches)
                .extracting(TurnRail.Stretch::footMm)
                .containsExactly(stair.levelMm(5), stair.levelMm(6), stair.levelMm(6), stair.levelMm(7));
    }
}
