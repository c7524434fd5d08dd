package org.leanlintel.core.truss;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Truss;

/** Worked by hand; the scissor truss in inches, as it was. */
class TrussShapeTest {

    private static final double INCH = 25.4;
    private static final Offset<Double> THOUSANDTH = within(0.001);

    /** 4:12 over 2:12, 24'-0", chords and webs of 3 1/2, overhang 16 to a plumb tail, butt 1/4. */
    private static TrussShape scissor() {
        return TrussShape.of(new TrussSum(
                new Truss.Scissor(new Pitch(Pitch.Said.IN_TWELVE, 2)),
                288,
                1 / 3.0,
                1 / 3.0,
                0.25,
                16,
                16,
                3.5,
                3.5,
                3.5));
    }

    private static TrussSum level(Truss.Webs webs, double span, double degrees, double depth) {
        double tan = Math.tan(Math.toRadians(degrees));
        return new TrussSum(new Truss.Level(webs), span, tan, tan, 0, 400, 400, depth, depth, Math.max(depth, 20));
    }

    private static Member member(TrussShape shape, String name) {
        return shape.members().stream()
                .filter(m -> m.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theScissorTrussHasTheLevelsItWasWorkedOutWith() {
        TrussShape truss = scissor();
        assertThat(truss.sum().heelMm()).isCloseTo(3.939, THOUSANDTH);
        assertThat(truss.peakTopMm()).isCloseTo(51.939, THOUSANDTH);
        assertThat(truss.peakTopMm() - 3.5 * Math.hypot(1, 1 / 3.0)).isCloseTo(48.250, THOUSANDTH);
        assertThat(truss.tailTopsMm()).allSatisfy(t -> assertThat(t).isCloseTo(-1.394, THOUSANDTH));
        assertThat(Bounds.of(member(truss, "top chord, left").shape().rings().getFirst())
                        .minY())
                .isCloseTo(-5.083, THOUSANDTH);
        assertThat(truss.innerMm()).isCloseTo(24, THOUSANDTH);
        assertThat(truss.innerMm() + 3.5 * Math.hypot(1, 1 / 6.0)).isCloseTo(27.548, THOUSANDTH);
        assertThat(truss.clearMm()).isCloseTo(20.702, THOUSANDTH);
        assertThat(truss.scarfMm()).isCloseTo(19.790, THOUSANDTH);
    }

    @Test
    void theScissorTrussHasTheLengthsItWasWorkedOutWith() {
        TrussShape truss = scissor();
        assertThat(member(truss, "top chord, left").lengthMm()).isCloseTo(168.655, THOUSANDTH);
        assertThat(member(truss, "top chord, left").boardMm()).isCloseTo(169.821, THOUSANDTH);
        assertThat(member(truss, "bottom chord, left").lengthMm()).isCloseTo(145.986, THOUSANDTH);
        assertThat(member(truss, "bottom chord, right").boardMm()).isCloseTo(146.570, THOUSANDTH);
        double[] worked = {24.320, 12.320, 72.001, 12.320, 72.001};
        for (int i = 0; i < worked.length; i++)
            assertThat(member(truss, "web " + (i + 1)).lengthMm()).isCloseTo(worked[i], THOUSANDTH);
    }

    /** 7,200 at 35 degrees, of lines. */
    @Test
    void theFinkTrussHasTheLengthsItWasWorkedOutWith() {
        TrussShape truss = TrussShape.of(level(Truss.Webs.FINK, 7200, 35, 0.001));
        assertThat(truss.peakTopMm()).isCloseTo(2520.7, within(0.1));
        assertThat(member(truss, "top chord, left").lengthMm()).isCloseTo(4883.1, within(0.1));
        assertThat(member(truss, "web 1").lengthMm()).isCloseTo(1395.9, within(0.1));
        assertThat(member(truss, "web 2").lengthMm()).isCloseTo(2791.8, within(0.1));
        assertThat(member(truss, "web 1").centre()).first().satisfies(p -> assertThat(p.x())
                .isCloseTo(1800, within(0.1)));
        assertThat(member(truss, "web 1").centre()).last().satisfies(p -> assertThat(p.x())
                .isCloseTo(2400, within(0.1)));
    }

    /** Depths of 97: the bottom chord's upper edge begins where it meets the top chords' underside, 97 / tan 35 in. */
    @Test
    void aLevelBottomChordIsCutAlongTheTopChords() {
        TrussShape truss = TrussShape.of(level(Truss.Webs.FINK, 7200, 35, 97));
        assertThat(truss.scarfMm()).isCloseTo(138.530, THOUSANDTH);
        assertThat(member(truss, "bottom chord").shape().mm2()).isCloseTo(97 * (7200 - 138.530), within(0.5));
    }

    @Test
    void aRaisedHeelStandsOnAnUprightWeb() {
        double tan = Math.tan(Math.toRadians(30));
        TrussShape truss = TrussShape.of(
                new TrussSum(new Truss.Level(Truss.Webs.KING_POST), 6000, tan, tan, 300, 0, 0, 97, 97, 72));
        assertThat(truss.scarfMm()).isZero();
        List<Vec> ends = truss.members().stream()
                .filter(m -> m.kind() == Member.Kind.WEB && Double.isInfinite(m.slope()))
                .map(m -> m.centre().getFirst())
                .toList();
        assertThat(ends.stream().map(Vec::x).toList()).containsExactlyInAnyOrder(3000.0, 36.0, 5964.0);
    }

    @Test
    void unequalPitchesMeetWhereTheyAreEquallyHigh() {
        TrussShape truss =
                TrussShape.of(new TrussSum(new Truss.Level(Truss.Webs.HOWE), 8000, 1, 0.6, 0, 0, 0, 97, 97, 72));
        assertThat(truss.sum().peakMm()).isCloseTo(3000, THOUSANDTH);
    }

    @Test
    void whatCannotBeIsSaid() {
        assertThat(TrussShape.refusal(
                        new TrussSum(new Truss.Scissor(Pitch.degrees(40)), 8000, 0.7, 0.7, 0, 0, 0, 97, 97, 72)))
                .isEqualTo("The bottom chords rise as steeply as the top chords.");
        assertThat(TrussShape.refusal(
                        new TrussSum(new Truss.Level(Truss.Webs.FINK), 1000, 0.3, 0.3, 0, 0, 0, 97, 97, 72)))
                .isEqualTo("The chords leave no room for webs between them.");
    }

    /** Half of the fink truss of 7,200, its high end upright. */
    @Test
    void underOneSlopeItIsHalfOfOne() {
        double tan = Math.tan(Math.toRadians(35));
        TrussSum sum = new TrussSum(new Truss.Level(Truss.Webs.FINK), 3600, tan, 0, 0, 400, 0, 0.001, 0.001, 20);
        TrussShape truss = TrussShape.of(sum);
        assertThat(truss.peakTopMm()).isCloseTo(2520.7, within(0.1));
        assertThat(truss.members().stream().map(Member::name))
                .containsExactly("top chord", "bottom chord", "web 1", "web 2", "web 3");
        assertThat(member(truss, "top chord").lengthMm()).isCloseTo(4883.1, within(0.1));
        assertThat(Bounds.of(member(truss, "web 1").shape().rings().getFirst()).maxX())
                .isCloseTo(3600, within(0.01));
        assertThat(member(truss, "web 2").lengthMm()).isCloseTo(1395.9, within(0.1));
        assertThat(member(truss, "web 3").lengthMm()).isCloseTo(2791.8, within(0.1));
        assertThat(TrussShape.refusal(new TrussSum(new Truss.Attic(1000, 1000), 3600, tan, 0, 0, 400, 0, 97, 97, 47)))
                .startsWith("Under one slope");
    }

    /** At 45 degrees uprights of 20 stand 2,990 in and are as high; a collar 2,310 up lies between them. */
    @Test
    void anAtticTrussStandsRoundItsRoom() {
        Truss.Attic room = new Truss.Attic(3000, 2300);
        TrussShape truss = TrussShape.of(new TrussSum(room, 9000, 1, 1, 0, 400, 400, 0.001, 0.001, 20));
        assertThat(member(truss, "web 1").centre().getFirst().x()).isCloseTo(2990, within(0.01));
        assertThat(member(truss, "web 1").lengthMm()).isCloseTo(2990, within(0.01));
        assertThat(member(truss, "web 3").lengthMm()).isCloseTo(3000, within(0.01));
        List<Vec> corners = truss.room(room);
        Vec low = corners.getFirst(), high = corners.getLast();
        assertThat(high.minus(low)).isEqualTo(new Vec(3000, 2300));
        Area inside = Area.of(List.of(low, new Vec(high.x(), low.y()), high, new Vec(low.x(), high.y())));
        for (Member m : truss.members())
            assertThat(m.shape().and(inside).mm2()).as(m.name()).isLessThan(1);
    }

    /** Its collar, 3,210 up, lies over the tops of the uprights: 9,000 - 2 x 3,210 long at 45 degrees. */
    @Test
    void aHighRoomEndsUnderTheTopChords() {
        TrussShape truss =
                TrussShape.of(new TrussSum(new Truss.Attic(3000, 3200), 9000, 1, 1, 0, 400, 400, 0.001, 0.001, 20));
        assertThat(member(truss, "web 3").lengthMm()).isCloseTo(2580, within(0.01));
    }

    @Test
    void aRoomThatDoesNotFitIsSaid() {
        assertThat(TrussShape.refusal(level(new Truss.Attic(7000, 2300))))
                .isEqualTo("The room is wider than there is height for its uprights.");
        assertThat(TrussShape.refusal(level(new Truss.Attic(2400, 3500))))
                .isEqualTo("The room is higher than the top chords leave room for.");
        assertThat(TrussShape.refusal(level(new Truss.RaisedTie(3000))))
                .isEqualTo("The tie lies higher than the top chords leave room for.");
    }

    private static TrussSum level(Truss.Form form) {
        double tan = Math.tan(Math.toRadians(40));
        return new TrussSum(form, 7200, tan, tan, 0, 400, 400, 147, 147, 97);
    }

    /** 7,200 - 2 x 800 / tan 35. */
    @Test
    void aRaisedTieIsAsLongAsTheSlopesAreApartThere() {
        double tan = Math.tan(Math.toRadians(35));
        TrussShape truss =
                TrussShape.of(new TrussSum(new Truss.RaisedTie(800), 7200, tan, tan, 0, 400, 400, 97, 97, 97));
        assertThat(member(truss, "tie").lengthMm()).isCloseTo(4914.96, within(0.05));
        assertThat(truss.innerMm()).isEqualTo(800);
        assertThat(truss.members()).hasSize(3);
    }

    /** From the middle every 600, where chords of 97 at 35 degrees are over 72 apart: 2,880 out they are 82 apart. */
    @Test
    void aGableEndHasUprightsFromItsMiddle() {
        double tan = Math.tan(Math.toRadians(35));
        TrussShape truss =
                TrussShape.of(new TrussSum(new Truss.Gable(600, 0), 7200, tan, tan, 0, 400, 400, 97, 97, 72));
        List<Double> at = truss.members().stream()
                .filter(m -> m.kind() == Member.Kind.WEB)
                .map(m -> m.centre().getFirst().x())
                .sorted()
                .toList();
        assertThat(at)
                .containsExactly(600.0, 1200.0, 1800.0, 2400.0, 3000.0, 3600.0, 4200.0, 4800.0, 5400.0, 6000.0, 6600.0);
    }

    /**
     * 4:12, 24'-0", chords of 3 1/2, a heel of 3.939 lowered by 1 1/2 for outlookers laid flat: 2.439 is left of it, its peak is at 50.439, and
     * the top chord's underside leaves the plate 3 x 1 1/4 further in.
     */
    @Test
    void aLoweredGableEndIsCutOnThePlateAndHasNoTails() {
        TrussShape truss = TrussShape.of(lowered(1.5));
        assertThat(truss.sum().heelMm() / INCH).isCloseTo(2.439, THOUSANDTH);
        assertThat(truss.peakTopMm() / INCH).isCloseTo(50.439, THOUSANDTH);
        Bounds all =
                Area.union(truss.members().stream().map(Member::shape).toList()).bounds();
        assertThat(all).isEqualTo(new Bounds(0, 0, 288 * INCH, all.maxY()));
        assertThat(member(truss, "bottom chord").lengthMm() / INCH).isCloseTo(288 - 2 * 3.75, THOUSANDTH);
        assertThat(TrussShape.refusal(lowered(3.6)))
                .isEqualTo("Lowered so far, the trusses have no heel left on the plate.");
    }

    private static TrussSum lowered(double inches) {
        return new TrussSum(
                new Truss.Gable(16 * INCH, inches * INCH),
                288 * INCH,
                1 / 3.0,
                1 / 3.0,
                (0.25 - inches) * INCH,
                0,
                0,
                3.5 * INCH,
                3.5 * INCH,
                3.5 * INCH);
    }

    /**
     * 7,200 at 20 degrees with a heel of 400, chords of 97: each is 103.225 deep upright, so 193.550 lie between them, everywhere; the middle of the
     * bottom chord lies 296.775 under that of the top chord. Nodes of the bottom chord every 1,200.
     */
    @Test
    void parallelChordsAreAsFarApartAtThePeakAsAtTheHeel() {
        double tan = Math.tan(Math.toRadians(20));
        TrussShape truss = TrussShape.of(parallel(tan, tan, 400));
        assertThat(truss.peakTopMm()).isCloseTo(1710.293, THOUSANDTH);
        assertThat(truss.innerMm()).isCloseTo(1310.293, THOUSANDTH);
        assertThat(truss.clearMm()).isCloseTo(193.550, THOUSANDTH);
        assertThat(member(truss, "bottom chord, left").lengthMm()).isCloseTo(3831.040, THOUSANDTH);
        assertThat(member(truss, "bottom chord, right").slope()).isCloseTo(-tan, within(1e-9));
        List<Double> webs = truss.members().stream()
                .filter(m -> m.kind() == Member.Kind.WEB)
                .map(Member::lengthMm)
                .sorted()
                .toList();
        assertThat(webs).hasSize(15);
        assertThat(webs.subList(0, 3)).allSatisfy(l -> assertThat(l).isCloseTo(296.775, THOUSANDTH));
        assertThat(webs.subList(3, 9)).allSatisfy(l -> assertThat(l).isCloseTo(605.099, THOUSANDTH));
        assertThat(webs.subList(9, 15)).allSatisfy(l -> assertThat(l).isCloseTo(790.814, THOUSANDTH));
        assertThat(truss.members().stream().filter(m -> m.kind() == Member.Kind.WEB))
                .allSatisfy(m -> assertThat(truss.isOnBottom(m.centre().getFirst())
                                || truss.isOnBottom(m.centre().getLast()))
                        .isTrue());
        TrussShape half = TrussShape.of(parallel(tan, 0, 400));
        assertThat(half.members()).extracting(Member::name).contains("top chord", "bottom chord");
        assertThat(half.innerMm()).isCloseTo(7200 * tan, THOUSANDTH);
        assertThat(TrussShape.refusal(parallel(tan, tan, 250)))
                .isEqualTo("Parallel chords as deep as these need a heel of 279 mm, and the roof has one of 250 mm.");
    }

    private static TrussSum parallel(double left, double right, double heel) {
        double butt = heel - 97 * Math.hypot(1, left);
        return new TrussSum(new Truss.Parallel(1200), 7200, left, right, butt, 400, 400, 97, 97, 72);
    }

    /** Whatever the shape: members overlap nowhere, and webs end on others at both ends. */
    @Test
    void membersLieBesideEachOther() {
        Random random = new Random(4);
        for (int i = 0; i < 200; i++) {
            double one = Math.tan(Math.toRadians(15 + 40 * random.nextDouble()));
            double other = random.nextBoolean() ? one : Math.tan(Math.toRadians(15 + 40 * random.nextDouble()));
            if (random.nextInt(5) == 0) other = 0;
            Truss.Form form = form(random);
            double depth = 70 + 80 * random.nextDouble();
            double lower = form instanceof Truss.Gable g ? g.lowerMm() : 0, over = lower > 0 ? 0 : 400;
            TrussSum sum = new TrussSum(
                    form,
                    4000 + 8000 * random.nextDouble(),
                    one,
                    other,
                    (random.nextInt(3) == 0 ? 400 : 20 * random.nextDouble()) - lower,
                    over,
                    over,
                    depth,
                    depth,
                    72);
            if (!TrussShape.refusal(sum).isEmpty()) continue;
            List<Member> members = TrussShape.of(sum).members();
            for (int a = 0; a < members.size(); a++)
                for (int b = 0; b < a; b++)
                    assertThat(members.get(a)
                                    .shape()
                                    .and(members.get(b).shape())
                                    .mm2())
                            .as(
                                    "%s over %s of %s",
                                    members.get(a).name(), members.get(b).name(), sum)
                            .isLessThan(1);
            for (Member m : members) {
                if (m.kind() != Member.Kind.WEB) continue;
                Area others = Area.union(
                        members.stream().filter(o -> o != m).map(Member::shape).toList());
                Vec along = m.centre().getLast().minus(m.centre().getFirst());
                for (Vec way : List.of(along, along.times(-1)))
                    assertThat(others.grown(1).covers(furthest(m.shape(), way)))
                            .as("%s of %s", m.name(), sum)
                            .isTrue();
            }
        }
    }

    private static Truss.Form form(Random random) {
        return switch (random.nextInt(7)) {
            case 0 -> new Truss.Scissor(Pitch.degrees(5 + 20 * random.nextDouble()));
            case 1 -> new Truss.Attic(1500 + 2500 * random.nextDouble(), 1800 + 600 * random.nextDouble());
            case 2 -> new Truss.RaisedTie(200 + 1500 * random.nextDouble());
            case 3 -> new Truss.Gable(400 + 200 * random.nextDouble(), random.nextInt(2) * 60 * random.nextDouble());
            case 4 -> new Truss.Parallel(700 + 1500 * random.nextDouble());
            default -> new Truss.Level(Truss.Webs.values()[random.nextInt(4)]);
        };
    }

    private static Vec furthest(Area shape, Vec way) {
        return shape.rings().stream()
                .flatMap(List::stream)
                .max((a, b) -> Double.compare(a.dot(way), b.dot(way)))
                .orElseThrow();
    }
}
