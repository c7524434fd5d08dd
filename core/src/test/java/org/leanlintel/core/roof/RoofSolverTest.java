package org.leanlintel.core.roof;

import static java.lang.Math.tan;
import static java.lang.Math.toRadians;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.roof.RoofShape.Face;
import org.leanlintel.core.roof.RoofShape.Kind;
import org.leanlintel.core.roof.RoofShape.Line;

/** Roofs worked by hand, metres and degrees; heights over the outline. */
class RoofSolverTest {

    private static final Offset<Double> NEAR = within(1e-3);
    private static final double GABLE = 90, M = 1000;

    @Test
    void aHipRoof() {
        RoofShape roof = hipped(12, 8, 35, 35, 35, 35);
        assertThat(of(Kind.RIDGE, roof)).singleElement().satisfies(r -> {
            assertThat(length(r)).isCloseTo(4, NEAR);
            assertThat(foot(r)).isCloseTo(2.8008, NEAR);
        });
        assertThat(of(Kind.HIP, roof)).hasSize(4).allSatisfy(h -> {
            assertThat(h.from().distanceTo(h.to()) / M).isCloseTo(5.6569, NEAR);
            assertThat(length(h)).isCloseTo(6.3123, NEAR);
        });
        assertThat(trueArea(roof)).isCloseTo(117.1944, NEAR);
    }

    @Test
    void feetAndSixInTwelve() {
        RoofShape roof = shape(rectangle(40, 26), i -> Profile.sloping(0, 0.5));
        Line ridge = only(Kind.RIDGE, roof);
        assertThat(length(ridge)).isCloseTo(14, NEAR);
        assertThat(foot(ridge)).isCloseTo(6.5, NEAR);
        assertThat(of(Kind.HIP, roof)).allSatisfy(h -> assertThat(length(h)).isCloseTo(19.5, NEAR));
        assertThat(trueArea(roof)).isCloseTo(1162.755, NEAR);
    }

    @Test
    void unequalPitches() {
        RoofShape roof = hipped(12, 8, 30, 40, 45, 40);
        Line ridge = only(Kind.RIDGE, roof);
        assertThat(ridge.from().y() / M).isCloseTo(5.0718, NEAR);
        assertThat(foot(ridge)).isCloseTo(2.9282, NEAR);
        assertThat(length(ridge)).isCloseTo(5.0206, NEAR);
        assertThat(plan(roof, 0)).isCloseTo(43.1625, NEAR);
        assertThat(plan(roof, 2)).isCloseTo(24.9199, NEAR);
        assertThat(plan(roof, 1)).isCloseTo(13.9588, NEAR);
        assertThat(plan(roof, 3)).isCloseTo(13.9588, NEAR);
    }

    private static final List<Vec> ELL = List.of(v(0, 0), v(12, 0), v(12, 6), v(7, 6), v(7, 11), v(0, 11));

    @Test
    void anEll() {
        RoofShape roof = shape(ELL, i -> sloping(35));
        assertThat(of(Kind.RIDGE, roof)).extracting(RoofSolverTest::foot).anySatisfy(z -> assertThat(z)
                .isCloseTo(2.1006, NEAR));
        assertThat(of(Kind.RIDGE, roof)).extracting(RoofSolverTest::foot).anySatisfy(z -> assertThat(z)
                .isCloseTo(2.4507, NEAR));
        assertThat(of(Kind.RIDGE, roof))
                .extracting(RoofSolverTest::length)
                .hasSize(2)
                .anySatisfy(l -> assertThat(l).isCloseTo(5, NEAR));
        assertThat(length(only(Kind.VALLEY, roof))).isCloseTo(4.7342, NEAR);
        double[] plans = {27.25, 9, 15, 17.25, 12.25, 26.25};
        for (int i = 0; i < 6; i++) assertThat(plan(roof, i)).isCloseTo(plans[i], NEAR);
    }

    @Test
    void anEllOfUnequalPitches() {
        double[] pitches = {30, 40, 30, 45, 40, 45};
        RoofShape roof = shape(ELL, i -> sloping(pitches[i]));
        Line valley = only(Kind.VALLEY, roof);
        assertThat(ends(valley))
                .anySatisfy(p -> assertThat(p.distanceTo(v(7, 6))).isLessThan(1));
        assertThat(ends(valley))
                .anySatisfy(p -> assertThat(p.distanceTo(v(5.2679, 3))).isLessThan(1));
        assertThat(roof.heightAt(v(3.5, 6.5)) / M).isCloseTo(3.5, NEAR);
        assertThat(of(Kind.RIDGE, roof)).anySatisfy(r -> {
            assertThat(foot(r)).isCloseTo(3.5, NEAR);
            assertThat(length(r)).isCloseTo(6.8289 - 6.0622, NEAR);
        });
    }

    @Test
    void oneEndAGable() {
        RoofShape roof = hipped(12, 8, 35, GABLE, 35, 35);
        assertThat(length(only(Kind.RIDGE, roof))).isCloseTo(8, NEAR);
        assertThat(of(Kind.VERGE, roof)).hasSize(2);
    }

    @Test
    void halfHips() {
        double z1 = 1.8 * M, steep = tan(toRadians(50));
        RoofShape roof = shape(
                rectangle(12, 8),
                i -> i % 2 == 0 ? sloping(35) : Profile.broken(0, Double.POSITIVE_INFINITY, z1, steep));
        assertThat(of(Kind.UPPER_EAVES, roof)).hasSize(2).allSatisfy(e -> assertThat(length(e))
                .isCloseTo(2.8587, NEAR));
        assertThat(length(only(Kind.RIDGE, roof))).isCloseTo(10.3204, NEAR);
    }

    @Test
    void aMansard() {
        RoofShape roof =
                shape(rectangle(10, 8), i -> Profile.broken(0, tan(toRadians(70)), 2.4 * M, tan(toRadians(20))));
        assertThat(length(only(Kind.RIDGE, roof))).isCloseTo(2, NEAR);
        assertThat(foot(only(Kind.RIDGE, roof))).isCloseTo(3.5379, NEAR);
        assertThat(of(Kind.BREAK, roof)).extracting(RoofSolverTest::length).anySatisfy(l -> assertThat(l)
                .isCloseTo(10 - 2 * 0.8735, NEAR));
        assertThat(roof.faces()).hasSize(8);
    }

    @Test
    void oneEavesHigher() {
        RoofShape roof = shape(rectangle(12, 8), i -> switch (i) {
            case 0 -> sloping(35);
            case 2 -> Profile.sloping(0.6 * M, tan(toRadians(35)));
            default -> Profile.upright(0);
        });
        Line ridge = only(Kind.RIDGE, roof);
        assertThat(ridge.from().y() / M).isCloseTo(4.4284, NEAR);
        assertThat(foot(ridge)).isCloseTo(3.1008, NEAR);
        assertThat(roof.faces()).extracting(Face::band).containsOnly(0);
    }

    @Test
    void aBay() {
        double d = 0.6;
        List<Vec> bay = List.of(v(0, 0), v(d, -d), v(2.4 - d, -d), v(2.4, 0));
        RoofShape roof = shape(bay, i -> i == 3 ? Profile.upright(0) : sloping(30));
        assertThat(of(Kind.HIP, roof)).hasSize(2).anySatisfy(h -> {
            assertThat(ends(h))
                    .anySatisfy(p -> assertThat(p.distanceTo(v(0.8485, 0))).isLessThan(1));
            assertThat(Math.max(h.fromMm(), h.toMm()) / M).isCloseTo(0.3464, NEAR);
        });
    }

    @Test
    void anEdgeOfTwoPitches() {
        List<Vec> outline = List.of(v(0, 0), v(5, 0), v(12, 0), v(12, 8), v(0, 8));
        double[] pitches = {30, 45, 40, 40, 40};
        RoofShape roof = shape(outline, i -> sloping(pitches[i]));
        assertThat(of(Kind.RIDGE, roof)).extracting(RoofSolverTest::foot).anySatisfy(z -> assertThat(z)
                .isCloseTo(2.7362, NEAR));
        assertThat(of(Kind.RIDGE, roof)).extracting(RoofSolverTest::foot).anySatisfy(z -> assertThat(z)
                .isCloseTo(3.65, NEAR));
    }

    @Test
    void gablets() {
        double up = Double.POSITIVE_INFINITY;
        RoofShape roof = shape(
                rectangle(12, 8), i -> i % 2 == 0 ? sloping(35) : Profile.broken(0, tan(toRadians(45)), 2 * M, up));
        assertThat(length(only(Kind.RIDGE, roof))).isCloseTo(8, NEAR);
        assertThat(of(Kind.HEAD, roof)).hasSize(2).allSatisfy(g -> {
            assertThat(length(g)).isCloseTo(2.2874, NEAR);
            assertThat(foot(only(Kind.RIDGE, roof)) - foot(g)).isCloseTo(0.8008, NEAR);
        });
    }

    @Test
    void everythingMeetsAtOnce() {
        RoofShape square = hipped(8, 8, 35, 35, 35, 35);
        assertThat(square.heightAt(v(4, 4)) / M).isCloseTo(2.8008, NEAR);
        assertThat(of(Kind.RIDGE, square)).isEmpty();
        List<Vec> plus = List.of(
                v(2, 0), v(4, 0), v(4, 2), v(6, 2), v(6, 4), v(4, 4), v(4, 6), v(2, 6), v(2, 4), v(0, 4), v(0, 2),
                v(2, 2));
        RoofShape cross = shape(plus, i -> sloping(45));
        assertThat(of(Kind.RIDGE, cross)).hasSize(4).allSatisfy(r -> {
            assertThat(foot(r)).isCloseTo(1, NEAR);
            assertThat(length(r)).isCloseTo(2, NEAR);
        });
    }

    @Test
    void roundACourt() {
        List<Vec> court = List.of(v(4, 4), v(4, 8), v(10, 8), v(10, 4));
        List<List<RoofEdge>> outline =
                List.of(edges(rectangle(14, 12), i -> sloping(30)), edges(court, i -> sloping(30)));
        RoofShape roof = (RoofShape) RoofSolver.solve(outline);
        assertThat(of(Kind.RIDGE, roof)).hasSize(4).allSatisfy(r -> assertThat(foot(r))
                .isCloseTo(1.1547, NEAR));
        assertThat(of(Kind.RIDGE, roof))
                .extracting(r -> Math.round(length(r)))
                .containsExactlyInAnyOrder(10L, 8L, 10L, 8L);
    }

    @Test
    void aLeanToDrainsWhateverItsOutline() {
        List<Vec> tee = List.of(v(0, 0), v(9, 0), v(9, 2), v(6, 2), v(6, 3), v(3, 3), v(3, 2), v(0, 2));
        RoofShape roof =
                shape(tee, i -> i == 0 ? Profile.sloping(2.3 * M, tan(toRadians(15))) : Profile.upright(2.3 * M));
        assertThat(roof.faces()).hasSize(1);
        assertThat(roof.heightAt(v(4, 3)) / M).isCloseTo(3.1038, NEAR);
    }

    @Test
    void whatCannotDrainIsSaid() {
        // an arm with gables on three sides, whose only eaves lie round the corner
        List<Vec> outline = List.of(v(0, 0), v(4, 0), v(4, 10), v(0, 10));
        assertThat(RoofSolver.solve(List.of(edges(outline, i -> Profile.upright(0)))))
                .isInstanceOfSatisfying(
                        Solution.None.class, none -> assertThat(none.why()).contains("slopes"));
    }

    /** A rectangle from the origin; its edges from the south one counter-clockwise. */
    private static RoofShape hipped(double length, double width, double... pitches) {
        return shape(rectangle(length, width), i -> sloping(pitches[i]));
    }

    private static RoofShape shape(List<Vec> ring, IntFunction<Profile> profile) {
        Solution solution = RoofSolver.solve(List.of(edges(ring, profile)));
        assertThat(solution).isInstanceOf(RoofShape.class);
        return (RoofShape) solution;
    }

    static List<RoofEdge> edges(List<Vec> ring, IntFunction<Profile> profile) {
        List<RoofEdge> edges = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++)
            edges.add(new RoofEdge(ring.get(i), ring.get((i + 1) % ring.size()), profile.apply(i)));
        return edges;
    }

    private static List<Vec> rectangle(double length, double width) {
        return List.of(v(0, 0), v(length, 0), v(length, width), v(0, width));
    }

    private static Profile sloping(double degrees) {
        return degrees == GABLE ? Profile.upright(0) : Profile.sloping(0, tan(toRadians(degrees)));
    }

    private static Vec v(double x, double y) {
        return new Vec(x * M, y * M);
    }

    private static List<Vec> ends(Line l) {
        return List.of(l.from(), l.to());
    }

    private static List<Line> of(Kind kind, RoofShape roof) {
        return roof.lines().stream().filter(l -> l.kind() == kind).toList();
    }

    private static Line only(Kind kind, RoofShape roof) {
        assertThat(of(kind, roof)).hasSize(1);
        return of(kind, roof).getFirst();
    }

    private static double length(Line l) {
        return l.trueMm() / M;
    }

    private static double foot(Line l) {
        return l.fromMm() / M;
    }

    private static double plan(RoofShape roof, int edge) {
        return roof.faces().stream()
                        .filter(f -> f.edge() == edge)
                        .mapToDouble(f -> f.plan().mm2())
                        .sum()
                / (M * M);
    }

    private static double trueArea(RoofShape roof) {
        return roof.faces().stream().mapToDouble(Face::trueMm2).sum() / (M * M);
    }
}
