package org.leanlintel.core.roof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.roof.RoofShape.Face;

/** Over outlines at random, a roof covers its outline once and its faces meet at one height, or it is said that a part has no eaves. */
class RandomRoofsTest {

    private static final double CELL_MM = 500;

    static IntStream seeds() {
        return IntStream.range(0, 300);
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void onePitchOverRightAngles(int seed) {
        RandomGenerator random = random(seed);
        List<Vec> ring = rightAngled(random);
        double tan = 0.2 + random.nextDouble();
        RoofShape roof = sound(ring, RoofSolverTest.edges(ring, i -> Profile.sloping(0, tan)));
        double trueArea = roof.faces().stream().mapToDouble(Face::trueMm2).sum();
        double cos = 1 / Math.hypot(1, tan);
        assertThat(trueArea * cos).isCloseTo(Area.of(ring).mm2(), within(200.0));
        for (Vec p : pointsIn(ring, random))
            assertThat(roof.heightAt(p)).isCloseTo(tan * squareRound(p, ring), within(0.1));
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void anyPitchesOverConvexOutlines(int seed) {
        RandomGenerator random = random(seed);
        List<Vec> ring = convex(random);
        List<RoofEdge> edges =
                RoofSolverTest.edges(ring, i -> Profile.sloping(random.nextDouble() * 800, 0.2 + random.nextDouble()));
        double lowest =
                edges.stream().mapToDouble(e -> e.profile().startMm()).min().orElseThrow();
        List<RoofEdge> level = edges.stream()
                .map(e -> e.rising(
                        Profile.sloping(lowest, e.profile().bands().getFirst().tan())))
                .toList();
        RoofShape roof = sound(ring, level);
        for (Vec p : pointsIn(ring, random)) {
            double least = level.stream()
                    .mapToDouble(e -> lowest
                            + e.profile().bands().getFirst().tan() * e.inwards().dot(p.minus(e.from())))
                    .min()
                    .orElseThrow();
            assertThat(roof.heightAt(p)).isCloseTo(least, within(0.1));
        }
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void anyEdgesOverAnyOutline(int seed) {
        RandomGenerator random = random(seed);
        List<Vec> ring = random.nextBoolean() ? rightAngled(random) : star(random);
        Solution solution = RoofSolver.solve(List.of(RoofSolverTest.edges(ring, i -> profile(random))));
        if (solution instanceof Solution.None none) assertThat(none.why()).contains("no eaves to drain to");
        else check((RoofShape) solution, ring);
    }

    /** As flat as roofs are, with parapets at some of their sides. */
    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void flatRoofsOverRightAngles(int seed) {
        RandomGenerator random = random(seed);
        List<Vec> ring = rightAngled(random);
        double tan = 0.01 + random.nextDouble() * 0.03;
        Solution solution = RoofSolver.solve(List.of(RoofSolverTest.edges(
                ring, i -> random.nextInt(3) == 0 ? Profile.upright(0) : Profile.sloping(0, tan))));
        if (solution instanceof Solution.None none) assertThat(none.why()).contains("no eaves to drain to");
        else check((RoofShape) solution, ring);
    }

    private static Profile profile(RandomGenerator random) {
        double start = random.nextInt(4) == 0 ? random.nextInt(3) * 300 : 0, tan = 0.2 + random.nextInt(8) * 0.12;
        return switch (random.nextInt(8)) {
            case 0 -> Profile.upright(start);
            case 1 -> Profile.broken(start, Double.POSITIVE_INFINITY, start + 700, tan);
            case 2 -> Profile.broken(start, 2.5, start + 900, tan * 0.4);
            default -> Profile.sloping(start, tan);
        };
    }

    private static RoofShape sound(List<Vec> ring, List<RoofEdge> edges) {
        Solution solution = RoofSolver.solve(List.of(edges));
        assertThat(solution).isInstanceOf(RoofShape.class);
        check((RoofShape) solution, ring);
        return (RoofShape) solution;
    }

    private static void check(RoofShape roof, List<Vec> ring) {
        double outline = Area.of(ring).mm2();
        assertThat(roof.faces().stream().mapToDouble(f -> f.plan().mm2()).sum())
                .isCloseTo(outline, within(200 + outline * 1e-6));
        for (RoofShape.Line l : roof.lines()) {
            if (l.kind() != RoofShape.Kind.HIP && l.kind() != RoofShape.Kind.VALLEY && l.kind() != RoofShape.Kind.RIDGE)
                continue;
            Vec middle = l.from().plus(l.to()).times(0.5);
            double z = (l.fromMm() + l.toMm()) / 2;
            for (int edge : List.of(l.edge(), l.other()))
                assertThat(roof.faces())
                        .filteredOn(f -> f.edge() == edge)
                        .anySatisfy(f -> assertThat(f.plane().at(middle)).isCloseTo(z, within(0.5)));
        }
    }

    private static List<Vec> pointsIn(List<Vec> ring, RandomGenerator random) {
        Area area = Area.of(ring);
        List<Vec> points = new ArrayList<>();
        var b = area.bounds();
        while (points.size() < 20) {
            Vec p = new Vec(b.minX() + random.nextDouble() * b.width(), b.minY() + random.nextDouble() * b.height());
            if (area.covers(p)) points.add(p);
        }
        return points;
    }

    /** Half the side of the largest square along the axes round a point. */
    private static double squareRound(Vec p, List<Vec> ring) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < ring.size(); i++) {
            Vec a = ring.get(i), b = ring.get((i + 1) % ring.size());
            double dx = Math.max(0, Math.max(Math.min(a.x(), b.x()) - p.x(), p.x() - Math.max(a.x(), b.x())));
            double dy = Math.max(0, Math.max(Math.min(a.y(), b.y()) - p.y(), p.y() - Math.max(a.y(), b.y())));
            least = Math.min(least, Math.max(dx, dy));
        }
        return least;
    }

    /** Rows of cells that touch: any simple right-angled outline of 4 to 40 edges. */
    private static List<Vec> rightAngled(RandomGenerator random) {
        while (true) {
            List<Area> rows = new ArrayList<>();
            int from = 0, to = 4 + random.nextInt(8);
            for (int row = 0; row < 2 + random.nextInt(6); row++) {
                double height = (2 + random.nextInt(6)) * CELL_MM;
                double y = rows.isEmpty() ? 0 : rows.getLast().bounds().maxY();
                rows.add(Area.rectangle(from * CELL_MM, y, (to - from) * CELL_MM, height));
                from = from + random.nextInt(5) - 2;
                to = Math.max(from + 2, to + random.nextInt(7) - 3);
                if (Math.min(to * CELL_MM, rows.getLast().bounds().maxX())
                                - Math.max(
                                        from * CELL_MM, rows.getLast().bounds().minX())
                        < CELL_MM) break;
            }
            Area all = Area.union(rows);
            if (all.pieces() == 1 && all.rings().size() == 1)
                return withoutInLine(open(all.ringsWithoutHoles().getFirst()));
        }
    }

    private static List<Vec> open(List<Vec> closed) {
        return closed.subList(0, closed.size() - 1);
    }

    private static List<Vec> withoutInLine(List<Vec> ring) {
        List<Vec> kept = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Vec before = ring.get((i + ring.size() - 1) % ring.size()),
                    p = ring.get(i),
                    after = ring.get((i + 1) % ring.size());
            if (Math.abs(p.minus(before).cross(after.minus(p))) > 1e-3) kept.add(p);
        }
        return kept;
    }

    private static List<Vec> convex(RandomGenerator random) {
        int n = 4 + random.nextInt(12);
        List<Double> angles = new ArrayList<>();
        for (int i = 0; i < n; i++) angles.add((i + 0.15 + 0.7 * random.nextDouble()) * 2 * Math.PI / n);
        return angles.stream()
                .map(a -> new Vec(7000 * Math.cos(a), 4500 * Math.sin(a)))
                .toList();
    }

    private static List<Vec> star(RandomGenerator random) {
        int n = 4 + random.nextInt(26);
        return IntStream.range(0, n)
                .mapToObj(i -> Vec.ofAngle((i + 0.6 * random.nextDouble()) * 2 * Math.PI / n)
                        .times(2500 + random.nextDouble() * 5000))
                .toList();
    }

    private static RandomGenerator random(int seed) {
        return RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }
}
