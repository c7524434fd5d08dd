package org.leanlintel.core.stair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Stair.Flights;
import org.leanlintel.core.model.Stair.Landing;
import org.leanlintel.core.model.Stair.Turn;
import org.leanlintel.core.model.Stair.Way;
import org.leanlintel.core.model.Stair.Winders;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.StairRules.Limit;
import org.leanlintel.core.model.StairRules.What;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.stair.StairJudgement.Figure;
import org.leanlintel.core.stair.StairPlan.Of;

class StairsTest {

    private static final double INCH = 25.4;
    private static final Flights STRAIGHT = new Flights(List.of(), List.of());
    private static final Turn QUARTER = Landing.quarter(Side.LEFT);

    private static StairRules rules(double... riseGoingSumPitch) {
        return new StairRules(
                "test",
                List.of(
                        new Limit(What.RISE_MOST, riseGoingSumPitch[0], "R", true),
                        new Limit(What.GOING_LEAST, riseGoingSumPitch[1], "G", true),
                        new Limit(What.SUM_LEAST, riseGoingSumPitch[2], "S", true),
                        new Limit(What.SUM_MOST, riseGoingSumPitch[3], "S", true),
                        new Limit(What.PITCH_MOST, riseGoingSumPitch[4], "P", true),
                        new Limit(What.WINDER_NARROW_LEAST, 50, "W", true),
                        new Limit(What.HEADROOM_LEAST, 2000, "H", true)));
    }

    private static final StairRules PRIVATE = rules(220, 220, 550, 700, 42);

    private static StairMake make(double newel) {
        return new StairMake(
                22,
                12,
                18,
                StairMake.Strings.CLOSED,
                32,
                235,
                newel,
                StairMake.Rails.BOTH,
                900,
                new ElementId("softwood"));
    }

    private static Stair stair(Stair.Shape shape, double width, Stair.Risers risers, Stair.Going going) {
        return new Stair(
                new ElementId("st"),
                new ElementId("storey"),
                new ElementId("layer"),
                "ST1",
                Vec.ORIGIN,
                0,
                width,
                shape,
                risers,
                going,
                make(90),
                Stair.Above.FOUND,
                WorkState.NEW);
    }

    private static Stair stair(Stair.Shape shape) {
        return stair(shape, 900, new Stair.LeastRisers(), new Stair.FixedGoing(250));
    }

    private static StairSum sum(double rise, StairRules rules, Stair.Going going) {
        return StairSum.of(stair(STRAIGHT, 900, new Stair.LeastRisers(), going), rise, rules, 1);
    }

    @Test
    void fifteenRisersOf189UpTo2835WithALimitOf190() {
        StairSum sum = sum(2835, rules(190, 220, 550, 700, 42), new Stair.GoingByRule());
        assertThat(sum.risers()).isEqualTo(15);
        assertThat(sum.riserMm()).isCloseTo(189.0, within(1e-9));
        // 620 - 2 x 189
        assertThat(sum.goingMm()).isEqualTo(242);
    }

    @Test
    void ninefeetFourAndAQuarterHasFifteenRisersUnderSevenAndThreeQuarters() {
        double rise = 112.25 * INCH;
        StairRules irc = new StairRules(
                "irc",
                List.of(
                        new Limit(What.RISE_MOST, 7.75 * INCH, "R", true),
                        new Limit(What.GOING_LEAST, 10 * INCH, "G", true)));
        StairSum sum = StairSum.of(
                stair(STRAIGHT, 36 * INCH, new Stair.LeastRisers(), new Stair.GoingByRule()), rise, irc, INCH / 4);
        assertThat(sum.risers()).isEqualTo(15);
        assertThat(sum.riserMm() / INCH).isCloseTo(7.483, within(0.0005));
        assertThat(sum.goingMm() / INCH).isCloseTo(10, within(1e-9));
        LengthPrinter half = new LengthPrinter(UnitSystem.FEET_INCHES, INCH / 2);
        assertThat(half.print(sum.riserMm())).isEqualTo("7 1/2\"");
        // 15 x 7 1/2" is 112 1/2", a quarter inch too much
        assertThat((half.rounded(sum.riserMm()) * 15 - rise) / INCH).isCloseTo(0.25, within(1e-9));
    }

    @Test
    void twelveRisersUpTo2600AtAGoingOf245() {
        StairSum sum = sum(2600, PRIVATE, new Stair.FixedGoing(245));
        assertThat(sum.risers()).isEqualTo(12);
        assertThat(sum.riserMm()).isCloseTo(216.667, within(0.001));
        assertThat(Math.toDegrees(sum.pitch())).isCloseTo(41.5, within(0.05));
        assertThat(sum.sumMm()).isCloseTo(678.3, within(0.05));
    }

    @Test
    void aSteeperPitchTakesALongerGoingAndARiserMoreWhereNoneFits() {
        // 216.7 / tan 42 = 240.6, rounded up
        assertThat(sum(2600, PRIVATE, new Stair.GoingByRule()).goingMm()).isEqualTo(241);
        // 210 / tan 38 = 269 > 650 - 2 x 210 = 230: thirteen or more
        StairRules steep = rules(210, 200, 550, 650, 38);
        StairSum sum = sum(2520, steep, new Stair.GoingByRule());
        assertThat(sum.risers()).isGreaterThan(12);
        assertThat(StairSum.leastGoing(sum.riserMm(), steep))
                .isLessThanOrEqualTo(StairSum.mostGoing(sum.riserMm(), steep));
    }

    @Test
    void aStraightFlightHasOneGoingFewerThanRisers() {
        StairPlan plan = StairPlan.of(stair(STRAIGHT), new StairSum(2600, 13, 250));
        assertThat(plan.runMm()).isEqualTo(12 * 250);
        assertThat(plan.treads()).hasSize(12).allMatch(t -> t.of() == Of.FLIGHT);
        assertThat(plan.risers().getLast().middle()).isEqualTo(new Vec(3000, -450));
        assertThat(plan.outline().mm2()).isCloseTo(3000 * 900, within(1.0));
    }

    @Test
    void aQuarterLandingIsASquareAndTakesTheTreadOfOneRiser() {
        Stair quarter = stair(new Flights(List.of(7), List.of(QUARTER)));
        StairPlan plan = StairPlan.of(quarter, new StairSum(2600, 13, 250));
        assertThat(plan.flights()).extracting(StairPlan.Flight::risers).containsExactly(7, 6);
        StairPlan.Tread landing = plan.treads().stream()
                .filter(t -> t.of() == Of.LANDING)
                .findFirst()
                .orElseThrow();
        assertThat(landing.number()).isEqualTo(7);
        assertThat(Area.of(landing.ring()).mm2()).isCloseTo(900 * 900, within(1.0));
        // six goings along x, the landing, then five goings towards y from its edge
        assertThat(plan.risers().getLast().middle()).isEqualTo(new Vec(6 * 250 + 450, 5 * 250));
        assertThat(plan.outline().mm2()).isCloseTo((6 + 5) * 250 * 900 + 900 * 900, within(1.0));
    }

    @Test
    void aHalfLandingTurnsBackBesideTheWell() {
        Turn half = new Landing(Way.HALF, Side.LEFT, 0, 100);
        StairPlan plan = StairPlan.of(stair(new Flights(List.of(7), List.of(half))), new StairSum(2600, 14, 250));
        // back along x, the well and half a width to the left of the first flight's left edge
        assertThat(plan.risers().getLast().middle()).isEqualTo(new Vec(0, 100 + 450));
        assertThat(plan.outline().mm2()).isCloseTo(2 * 6 * 250 * 900 + 900 * (2 * 900 + 100), within(1.0));
        StairPlan right = StairPlan.of(
                stair(new Flights(List.of(7), List.of(new Landing(Way.HALF, Side.RIGHT, 0, 100)))),
                new StairSum(2600, 14, 250));
        assertThat(right.risers().getLast().middle()).isEqualTo(new Vec(0, -900 - 100 - 450));
    }

    /** Six goings of 250, a landing of 1,200 and five goings more, all in one line. */
    @Test
    void aLandingMayLieInAStraightStair() {
        Landing ahead = new Landing(Way.AHEAD, Side.LEFT, 1200, 0);
        StairPlan plan = StairPlan.of(stair(new Flights(List.of(7), List.of(ahead))), new StairSum(2600, 13, 250));
        assertThat(plan.flights()).extracting(StairPlan.Flight::risers).containsExactly(7, 6);
        assertThat(plan.flights().getLast().direction()).isEqualTo(new Vec(1, 0));
        assertThat(plan.risers().getLast().middle()).isEqualTo(new Vec(1500 + 1200 + 1250, -450));
        assertThat(plan.outline().mm2()).isCloseTo(3950 * 900, within(1.0));
        assertThat(plan.treads().get(6)).satisfies(t -> {
            assertThat(t.of()).isEqualTo(Of.LANDING);
            assertThat(t.lengthMm()).isEqualTo(1200);
            assertThat(Area.of(t.ring()).mm2()).isCloseTo(1200 * 900, within(1.0));
        });
        StairRules rules = new StairRules("r", List.of(new Limit(What.LANDING_LEAST, 900, "L", true)));
        assertThat(StairJudgement.of(plan, rules, 2000))
                .filteredOn(f -> f.name().equals("Length of its landings"))
                .singleElement()
                .satisfies(f -> assertThat(f.value()).isEqualTo(1200));
    }

    @Test
    void aHalfLandingIsAsLongAsItIsSaidToBe() {
        Turn half = new Landing(Way.HALF, Side.LEFT, 1400, 100);
        StairPlan plan = StairPlan.of(stair(new Flights(List.of(7), List.of(half))), new StairSum(2600, 14, 250));
        assertThat(plan.risers().getLast().middle()).isEqualTo(new Vec(0, 100 + 450));
        assertThat(plan.outline().mm2()).isCloseTo(2 * 6 * 250 * 900 + 1400 * (2 * 900 + 100), within(1.0));
    }

    @Test
    void threeWindersFillAQuarterTurnAboutAPivotInTheNewel() {
        Turn winders = new Winders(Side.LEFT, 45);
        Stair stair = stair(
                new Flights(List.of(5), List.of(winders)), 860, new Stair.LeastRisers(), new Stair.FixedGoing(225));
        StairPlan plan = StairPlan.of(stair, new StairSum(2600, 13, 225));
        assertThat(plan.risers()).hasSize(13);
        assertThat(plan.treads()).filteredOn(t -> t.of() == Of.WINDERS).hasSize(3);
        assertThat(plan.flights()).extracting(StairPlan.Flight::risers).containsExactly(5, 6);
        double winding = plan.treads().stream()
                .filter(t -> t.of() == Of.WINDERS)
                .mapToDouble(t -> Area.of(t.ring()).mm2())
                .sum();
        // a square of 905 less the newel's 45 square
        assertThat(winding).isCloseTo(905 * 905 - 45 * 45, within(1.0));
        Figure walked = figure(plan, PRIVATE, "Winders: going where they are walked");
        // 2 (45 + 430) sin 15 degrees
        assertThat(walked.value()).isCloseTo(245.9, within(0.1));
        Figure narrow = figure(plan, PRIVATE, "Winders: going at the narrow end");
        assertThat(narrow.value()).isCloseTo(26.9, within(0.1));
    }

    @Test
    void twoTurnsOfWindersTurnBackAboutOnePivot() {
        Turn winders = new Winders(Side.RIGHT, 45);
        Stair stair = stair(new Flights(List.of(4, 1), List.of(winders, winders)));
        StairPlan plan = StairPlan.of(stair, new StairSum(2600, 14, 250));
        assertThat(plan.treads()).filteredOn(t -> t.of() == Of.WINDERS).hasSize(6);
        assertThat(plan.flights().getLast().direction().x()).isCloseTo(-1, within(1e-9));
        double sum =
                plan.treads().stream().mapToDouble(t -> Area.of(t.ring()).mm2()).sum();
        assertThat(plan.outline().mm2()).isCloseTo(sum, within(2.0));
    }

    @Test
    void aSpiralTurnsRoundItsPole() {
        Stair spiral = stair(
                new Stair.Spiral(100, Math.PI * 1.5, Side.LEFT),
                700,
                new Stair.FixedRisers(13),
                new Stair.GoingByRule());
        StairPlan plan = StairPlan.of(spiral, StairSum.of(spiral, 2600, PRIVATE, 1));
        assertThat(plan.treads()).hasSize(12);
        assertThat(plan.risers()).allMatch(r -> Math.abs(r.left().distanceTo(r.right()) - 700) < 1e-6);
        // each of twelve treads takes 22.5 degrees; walked in the middle, 400 from the centre
        assertThat(figure(plan, PRIVATE, "Going where it is walked").value())
                .isCloseTo(2 * 400 * Math.sin(Math.toRadians(11.25)), within(0.01));
    }

    /** IRC R311.7.5.3 asks for a nosing of 3/4 in with closed risers, and for none with goings of 11 in. */
    @Test
    void aNosingIsAskedForOnlyWhereTheRulesDo() {
        StairRules rules = new StairRules(
                "nosings",
                List.of(
                        new Limit(What.NOSING_LEAST, 19, "N", true),
                        new Limit(What.NOSING_NOT_NEEDED_FROM, 11 * INCH, "N", true),
                        new Limit(What.OPEN_LAP_LEAST, 16, "O", true)));
        assertThat(nosing(12, 10 * INCH, 5, rules)).isEqualTo(rules.limit(What.NOSING_LEAST));
        assertThat(nosing(12, 11 * INCH, 0, rules)).isNull();
        assertThat(nosing(0, 11 * INCH, 5, rules)).as("open risers").isEqualTo(rules.limit(What.OPEN_LAP_LEAST));
        assertThat(nosing(0, 11 * INCH, 18, rules)).isNull();
    }

    private static Limit nosing(double riserMm, double going, double nosing, StairRules rules) {
        StairMake make = new StairMake(
                22,
                riserMm,
                nosing,
                StairMake.Strings.CLOSED,
                32,
                235,
                0,
                StairMake.Rails.NONE,
                900,
                new ElementId("oak"));
        StairPlan plan = StairPlan.of(stair(STRAIGHT).made(make), new StairSum(2600, 13, going));
        return figure(plan, rules, "Nosing").broken();
    }

    private static Figure figure(StairPlan plan, StairRules rules, String name) {
        return StairJudgement.of(plan, rules, 2000).stream()
                .filter(f -> f.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theVoidIsAsLongAsHeadroomAndFloorOverThePitch() {
        StairPlan plan = StairPlan.of(stair(STRAIGHT), new StairSum(2600, 13, 250));
        StairVoid over = new StairVoid(plan, new StairHeights(0, 2600, 271));
        Area open = over.area(2000);
        // (2000 + 271) x 250 / 200
        assertThat(open.bounds().width()).isCloseTo(2838.75, within(0.01));
        assertThat(open.bounds().maxX()).isCloseTo(3000, within(0.01));
        assertThat(over.headroomMm(open)).isCloseTo(2000, within(0.1));
        // half a metre of it closed again: 500 x 200 / 250 less
        Area shorter =
                Area.rectangle(open.bounds().minX() + 500, -900, open.bounds().width() - 500, 900);
        assertThat(over.headroomMm(shorter)).isCloseTo(1600, within(0.1));
    }

    @Test
    void flightsWithMoreRisersThanTheStairAreRefusedWithWhatWouldFit() {
        Stair stair = stair(new Flights(List.of(13), List.of(QUARTER)));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> StairPlan.of(stair, new StairSum(2600, 13, 250)))
                .withMessageContaining("give them 1 fewer");
    }

    @Test
    void inAWellTheLayoutsThatFitComeFirstAndTheOthersSayWhatTheyLack() {
        StairWell.Rectangle well = StairWell.Rectangle.of(new Vec(0, 0), new Vec(2600, 2000), 0);
        List<StairWell.Choice> choices = new StairWell(
                        stair(STRAIGHT, 900, new Stair.LeastRisers(), new Stair.GoingByRule()),
                        well,
                        new StairHeights(0, 2700, 271),
                        rules(220, 220, 550, 700, 42),
                        1,
                        LengthPrinter.ofScreen(UnitSystem.METRIC))
                .choices();
        assertThat(choices).hasSize(6);
        StairWell.Choice half = choice(choices, "Half landing");
        assertThat(half.fits()).isTrue();
        assertThat(half.stair().shape()).isInstanceOfSatisfying(Flights.class, f -> assertThat(f.turns())
                .containsExactly(new Landing(Way.HALF, ((Landing) f.turns().getFirst()).side(), 0, 200)));
        StairWell.Choice straight = choice(choices, "Straight");
        assertThat(straight.fits()).isFalse();
        // 13 risers of 207.7: a going of 207.7 / tan 42 = 230.7 at least, twelve of them 2,768
        assertThat(straight.reason()).startsWith("168 too short for 13 risers of 207.7");
        StairWell.Choice winders = choice(choices, "Quarter turn of winders");
        assertThat(winders.fits()).isFalse();
        assertThat(winders.reason()).isEqualTo("Winders: going at the narrow end 26.9, 50 at least by W.");
        assertThat(choices.indexOf(half)).isLessThan(choices.indexOf(winders));
        for (StairWell.Choice c : choices) {
            if (!c.fits()) continue;
            StairPlan plan = StairPlan.of(c.stair(), StairSum.of(c.stair(), 2700, PRIVATE, 1));
            assertThat(Area.rectangle(-0.5, -0.5, 2601, 2001).covers(plan.outline()))
                    .as(c.name())
                    .isTrue();
        }
    }

    private static StairWell.Choice choice(List<StairWell.Choice> all, String name) {
        return all.stream().filter(c -> c.name().equals(name)).findFirst().orElseThrow();
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void risersAreEqualTreadsDoNotOverlapAndTheVoidCoversTheHeadroom(long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        double rise = 2300 + random.nextInt(1200), floor = 150 + random.nextInt(250);
        double width = 700 + random.nextInt(500);
        Side side = random.nextBoolean() ? Side.LEFT : Side.RIGHT;
        Turn landing = Landing.quarter(side), winders = new Winders(side, 45);
        Stair.Shape shape =
                switch (random.nextInt(5)) {
                    case 0 -> STRAIGHT;
                    case 1 -> new Flights(List.of(3 + random.nextInt(5)), List.of(landing));
                    case 2 ->
                        new Flights(
                                List.of(3 + random.nextInt(5)),
                                List.of(new Landing(Way.HALF, side, 0, random.nextInt(200))));
                    case 3 ->
                        new Flights(List.of(2 + random.nextInt(3), 2 + random.nextInt(3)), List.of(landing, landing));
                    default -> new Flights(List.of(3 + random.nextInt(4)), List.of(winders));
                };
        Stair stair = stair(shape, width, new Stair.LeastRisers(), new Stair.GoingByRule());
        StairSum sum = StairSum.of(stair, rise, PRIVATE, 1);
        StairPlan plan = StairPlan.of(stair, sum);
        assertThat(sum.riserMm() * sum.risers()).isCloseTo(rise, within(1e-9));
        assertThat(sum.riserMm()).isLessThanOrEqualTo(220);
        assertThat(plan.risers()).hasSize(sum.risers());
        assertThat(plan.risers()).extracting(StairPlan.Riser::number).isSorted().doesNotHaveDuplicates();
        assertThat(plan.treads()).hasSize(sum.risers() - 1);
        double treads =
                plan.treads().stream().mapToDouble(t -> Area.of(t.ring()).mm2()).sum();
        assertThat(plan.outline().mm2()).isCloseTo(treads, within(5.0));
        StairVoid over = new StairVoid(plan, new StairHeights(0, rise, floor));
        assertThat(over.headroomMm(over.area(2000))).isGreaterThanOrEqualTo(2000 - 0.1);
        headroomIsTheSameWhereverTheStairLies(stair, sum, new StairHeights(0, rise, floor), random);
    }

    /** Turned, and shifted far from the origin: under the void found for it, and under one cut short. */
    private static void headroomIsTheSameWhereverTheStairLies(
            Stair stair, StairSum sum, StairHeights heights, RandomGenerator random) {
        StairVoid here = new StairVoid(StairPlan.of(stair, sum), heights);
        for (int i = 0; i < 12; i++) {
            double angle = i < 4 ? i * Math.PI / 2 : random.nextDouble(-3, 3);
            Vec at = new Vec(random.nextDouble(-90_000, 90_000), random.nextDouble(-90_000, 90_000));
            Stair there = stair.at(at, angle, stair.shape());
            StairVoid turned = new StairVoid(StairPlan.of(there, sum), heights);
            for (double needed : new double[] {2000, 1800, 1500, 900}) {
                double expected = here.headroomMm(here.area(needed));
                assertThat(turned.headroomMm(turned.area(needed)))
                        .as("%s mm, turned by %s at %s", needed, angle, at)
                        .isCloseTo(expected, within(0.05));
            }
        }
    }

    /** 50 of pole and half of 800: walked 450 out; 330 degrees over 13 treads are 25.385 each: 2 x 450 x sin 12.692. */
    @Test
    void aSpiralsGoingIsWhatItsSweepMakesOfTheLineItIsWalkedOn() {
        Stair spiral = stair(
                new Stair.Spiral(100, Math.toRadians(330), Side.LEFT),
                800,
                new Stair.FixedRisers(14),
                new Stair.GoingByRule());
        StairSum sum = StairSum.of(spiral, 2660, PRIVATE, 1);
        assertThat(sum.goingMm()).isCloseTo(197.75, within(0.01));
        List<Figure> figures = StairJudgement.of(StairPlan.of(spiral, sum), PRIVATE, 2100);
        assertThat(value(figures, "Going where it is walked")).isCloseTo(197.75, within(0.01));
        assertThat(value(figures, "Pitch where it is walked"))
                .as("190 on 197.75")
                .isCloseTo(43.855, within(0.001));
        assertThat(value(figures, "Twice the rise and the going")).isCloseTo(577.75, within(0.01));
        assertThat(value(figures, "String length"))
                .as("14 times the slope of one")
                .isCloseTo(3839.3, within(0.1));
    }

    private static double value(List<Figure> figures, String name) {
        return figures.stream()
                .filter(f -> f.name().equals(name))
                .findFirst()
                .orElseThrow()
                .value();
    }
}
