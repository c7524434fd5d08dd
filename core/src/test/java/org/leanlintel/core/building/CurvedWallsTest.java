package org.leanlintel.core.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.wall.CurveWall;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Circle;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.Plan;

/** Curved walls, worked by hand: arcs are drawn as chords within a tenth of a millimetre. */
class CurvedWallsTest {

    private static final double CUT = 1200;
    /** What chords may take from or add to the area of a ply of some metres. */
    private static final double CHORDS_MM2 = 400;

    private final Sketch sketch = new Sketch();

    private Wall wall(ElementId buildUp, SetOut setOut, Pick from, Pick to) {
        Change change = sketch.run(new DrawWalls(
                NewWall.of(Sketch.STOREY, Sketch.LAYER, buildUp, setOut, Side.LEFT, WallEnd.Reach.STRUCTURE),
                List.of(from, to),
                false));
        return (Wall) change.after().stream()
                .filter(Wall.class::isInstance)
                .findFirst()
                .orElseThrow();
    }

    private Wall middle(double x0, double y0, double x1, double y1) {
        return wall(Sketch.PARTITION, new SetOut.MiddleOfStructure(), Pick.bare(x0, y0), Pick.bare(x1, y1));
    }

    private void curve(Wall wall, CurveWall.Shape shape) {
        sketch.run(new CurveWall(wall.id(), shape));
    }

    private double overlap() {
        List<Area> plies = sketch.cutAt(CUT);
        return plies.stream().mapToDouble(Area::mm2).sum() - Area.union(plies).mm2();
    }

    /** Half a circle of 3 m through a point below: 9.425 m of stud of 89 and boards of 12.5 at 3,050.75 and 2,949.25. */
    @Test
    void threePointsMakeAnArcWithAllItsPlies() {
        Wall wall = middle(0, 0, 6000, 0);
        curve(wall, new CurveWall.Through(new Vec(3000, -3000)));
        Circle circle = (Circle) sketch.building().strip(wall.id()).axis().track();
        assertThat(circle.radius()).isCloseTo(3000, within(1e-6));
        assertThat(circle.centre().distanceTo(new Vec(3000, 0))).isLessThan(1e-6);
        assertThat(sketch.building().strip(wall.id()).length()).isCloseTo(Math.PI * 3000, within(1e-6));
        assertThat(sketch.area(wall, "stud", CUT)).isCloseTo(89 * Math.PI * 3000, within(CHORDS_MM2));
        assertThat(sketch.area(wall, "board", CUT)).isCloseTo(12.5 * Math.PI * (3050.75 + 2949.25), within(CHORDS_MM2));
        assertThat(overlap()).isLessThan(1);
        curve(wall, new CurveWall.Straight());
        assertThat(sketch.area(wall, "stud", CUT)).isCloseTo(89 * 6000, within(0.01));
    }

    /** Ends 6 m apart, radius 5 m: the arc rises 5,000 - 4,000 = 1,000 to the side it bows to. */
    @Test
    void aRadiusMakesTheLesserArcToTheSideAskedFor() {
        Wall wall = middle(0, 0, 6000, 0);
        curve(wall, new CurveWall.Radius(5000, Side.LEFT));
        Strip strip = sketch.building().strip(wall.id());
        assertThat(strip.at(strip.length() / 2, 0).distanceTo(new Vec(3000, 1000)))
                .isLessThan(1e-6);
        curve(wall, new CurveWall.Radius(5000, Side.RIGHT));
        strip = sketch.building().strip(wall.id());
        assertThat(strip.at(strip.length() / 2, 0).distanceTo(new Vec(3000, -1000)))
                .isLessThan(1e-6);
        assertThat(sketch.tryRun(new CurveWall(wall.id(), new CurveWall.Radius(2999, Side.LEFT))))
                .isEqualTo(Refusal.because(
                        "A radius must be at least half the distance between the ends: 3000.", wall.id()));
    }

    /** From the west along y = 0 into a quarter circle of 3 m about (0, 3000): every ply runs on, cut square. */
    @Test
    void straightRunsIntoCurved() {
        Wall straight = wall(Sketch.SHELL, new SetOut.OnFace(0), Pick.bare(-3000, 0), Pick.bare(0, 0));
        Pick corner = new Pick(Vec.ORIGIN, new Hold.AtCorner(((WallEnd.AtCorner) straight.end()).corner()));
        Wall bent = wall(Sketch.SHELL, new SetOut.OnFace(0), corner, Pick.bare(3000, 3000));
        curve(bent, new CurveWall.Radius(3000, Side.RIGHT));
        assertThat(sketch.area(straight, "brick", CUT)).isCloseTo(100 * 3000, within(0.01));
        double quarter = Math.PI / 2;
        assertThat(sketch.area(bent, "brick", CUT)).isCloseTo(100 * quarter * 3050, within(CHORDS_MM2));
        assertThat(sketch.area(bent, "stud", CUT)).isCloseTo(140 * quarter * 3220, within(CHORDS_MM2));
        assertThat(overlap()).isLessThan(1);
        assertThat(Area.union(sketch.cutAt(CUT)).pieces()).isEqualTo(1);
    }

    /** A partition stands square on the inside of a half circle: 3,000 to the middle, less half the stud of 89 less its sagitta. */
    @Test
    void aWallStandsOnACurvedOne() {
        Wall curved = middle(0, 0, 6000, 0);
        curve(curved, new CurveWall.Through(new Vec(3000, -3000)));
        Wall standing = wall(
                Sketch.PARTITION,
                new SetOut.MiddleOfStructure(),
                new Pick(new Vec(3000, -3000), new Hold.OnFace(curved.id(), 0)),
                Pick.bare(3000, 0));
        assertThat(sketch.area(standing, "stud", CUT)).isCloseTo(89 * (3000 - 44.5), within(100.0));
        assertThat(Math.abs(overlap())).as("chords of the host's face").isLessThan(60);
        assertThat(Area.union(sketch.cutAt(CUT)).pieces()).isEqualTo(1);
    }

    @Test
    void aCurvedWallStandsOnAStraightOneAndStaysOnIt() {
        Wall host = wall(Sketch.SHELL, new SetOut.OnFace(0), Pick.bare(0, 6000), Pick.bare(0, 0));
        Wall bent = wall(
                Sketch.PARTITION,
                new SetOut.MiddleOfStructure(),
                new Pick(new Vec(0, 3000), new Hold.OnFace(host.id(), 0)),
                Pick.bare(-4000, 5000));
        curve(bent, new CurveWall.Radius(4000, Side.LEFT));
        assertThat(Math.abs(overlap())).isLessThan(1);
        Strip strip = sketch.building().strip(bent.id());
        assertThat(strip.axis().start().x()).isCloseTo(0, within(1e-6));
        assertThat(Area.union(sketch.cutAt(CUT)).pieces()).isEqualTo(1);
    }

    @Test
    void openingsAreCutSquareToTheArc() {
        Wall wall = middle(0, 0, 6000, 0);
        curve(wall, new CurveWall.Through(new Vec(3000, -3000)));
        sketch.door(wall, 4000, 900);
        assertThat(sketch.area(wall, "stud", CUT)).isCloseTo(89 * (Math.PI * 3000 - 900), within(CHORDS_MM2));
    }

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 100);
    }

    /** Two walls of any build-ups and bends that meet, and a third on the first: nothing throws, little overlaps. */
    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void bentWallsThatMeetNeverThrowAndHardlyOverlap(long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        ElementId[] buildUps = {Sketch.SHELL, Sketch.LINED, Sketch.PARTITION};
        Wall one = wall(buildUps[random.nextInt(3)], new SetOut.OnFace(0), Pick.bare(-6000, 0), Pick.bare(0, 0));
        Pick corner = new Pick(Vec.ORIGIN, new Hold.AtCorner(((WallEnd.AtCorner) one.end()).corner()));
        Vec far = Vec.ofAngle(Math.toRadians(random.nextInt(300) - 150)).times(5000);
        tryWall(buildUps[random.nextInt(3)], corner, far);
        tryWall(
                buildUps[random.nextInt(3)],
                new Pick(new Vec(-3000, 0), new Hold.OnFace(one.id(), 0)),
                new Vec(-3000 + random.nextInt(2000), random.nextBoolean() ? 3000 : -3000));
        for (Wall wall : sketch.model().all(Wall.class)) {
            Side side = Side.values()[random.nextInt(2)];
            sketch.tryRun(new CurveWall(wall.id(), new CurveWall.Radius(3100 + random.nextInt(9000), side)));
        }
        Plan.of(sketch.building(), Sketch.PLAN, new Lettering(Map.of(), Map.of(), 0.5, 0.7));
        double all = sketch.cutAt(CUT).stream().mapToDouble(Area::mm2).sum();
        assertThat(Math.abs(overlap()) / all).as("of all the plan's area").isLessThan(1e-3);
    }

    private void tryWall(ElementId buildUp, Pick from, Vec to) {
        Outcome ignored = sketch.tryRun(new DrawWalls(
                NewWall.of(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        buildUp,
                        new SetOut.MiddleOfStructure(),
                        Side.LEFT,
                        WallEnd.Reach.STRUCTURE),
                List.of(from, Pick.bare(to.x(), to.y())),
                false));
        assertThat(ignored).isNotNull();
    }
}
