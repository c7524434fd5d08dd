package org.leanlintel.core.building.join;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/** Corners and Ts of random build-ups at random angles: plies neither overlap nor gape. The seed in a test's name repeats it. */
@Tag("slow")
class AnyAnglePropertiesTest {

    private static final String[] MATERIALS = {"brick", "air", "stud", "board", "insulation"};

    /** What the union's grid of a thousandth of a millimetre may add or lose along slanting faces of up to 25 m. */
    private static final double GRID_MM2 = 25;

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 150);
    }

    private static RandomGenerator random(long seed) {
        return RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void aCornerIsWhole(long seed) {
        RandomGenerator random = random(seed);
        Sketch sketch = new Sketch();
        double turn = 20 + random.nextInt(148);
        double angle = Math.toRadians(random.nextBoolean() ? turn : -turn);
        Wall first = draw(sketch, random, "one", Pick.bare(0, 0), Pick.bare(6000, 0));
        Corner corner = sketch.model().get(((WallEnd.AtCorner) first.start()).corner(), Corner.class);
        Vec far = Vec.ofAngle(angle).times(6000);
        Wall second = draw(
                sketch,
                random,
                "two",
                new Pick(corner.at(), new Hold.AtCorner(corner.id())),
                Pick.bare(far.x(), far.y()));
        if (second == null) return;
        assertWhole(sketch);
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void aWallStandingOnAnotherLeavesNoGap(long seed) {
        RandomGenerator random = random(seed);
        Sketch sketch = new Sketch();
        Wall host = draw(sketch, random, "one", Pick.bare(-6000, 0), Pick.bare(6000, 0));
        double angle = Math.toRadians(30 + random.nextInt(121)) * (random.nextBoolean() ? 1 : -1);
        Vec far = Vec.ofAngle(angle).times(5000);
        draw(
                sketch,
                random,
                "two",
                new Pick(new Vec(0, 0), new Hold.OnFace(host.id(), 0)),
                Pick.bare(far.x(), far.y()));
        assertWhole(sketch);
    }

    /** A closed run round random corners: its room and its walls fill their outline, and a wall across parts it in two. */
    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void aRoomOfAnyShapeIsFound(long seed) {
        RandomGenerator random = random(seed);
        Sketch sketch = new Sketch();
        sketch.put(buildUp(random, "one"));
        int corners = 3 + random.nextInt(5);
        List<Pick> picks = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            Vec at = Vec.ofAngle(-Math.TAU * i / corners).times(5000 + random.nextInt(5000));
            picks.add(Pick.bare(at.x(), at.y()));
        }
        NewWall made = NewWall.of(
                Sketch.STOREY,
                Sketch.LAYER,
                Sketch.id("one"),
                new SetOut.OnFace(0),
                Side.LEFT,
                WallEnd.Reach.STRUCTURE);
        if (!(sketch.tryRun(new DrawWalls(made, picks, true)) instanceof Change)) return;
        assertFilled(sketch, 1);
        List<Wall> walls = sketch.model().all(Wall.class);
        Vec one = middle(sketch, walls.get(0)), two = middle(sketch, walls.get(corners / 2));
        List<Pick> across = List.of(
                new Pick(one, new Hold.OnFace(walls.get(0).id(), 0)),
                new Pick(two, new Hold.OnFace(walls.get(corners / 2).id(), 0)));
        if (sketch.tryRun(new DrawWalls(sketch.newWall(Sketch.PARTITION), across, false)) instanceof Change)
            assertFilled(sketch, 2);
    }

    private static Vec middle(Sketch sketch, Wall wall) {
        Strip strip = sketch.building().strip(wall.id());
        return strip.at(strip.length() / 2, 0);
    }

    private static void assertFilled(Sketch sketch, int rooms) {
        List<RoomSpace> found = Rooms.in(sketch.building()).of(Sketch.STOREY);
        assertThat(found).hasSize(rooms);
        List<Area> all = new ArrayList<>();
        for (WallSolid solid : sketch.building().solidsOf(Sketch.STOREY)) all.add(solid.footprint());
        Area walls = Area.union(all);
        double net = 0;
        for (RoomSpace space : found) {
            net += space.net().mm2();
            assertThat(space.net().and(walls).mm2()).as("no room in a wall").isLessThan(Tolerance.SLIVER_MM2);
            all.add(space.net());
        }
        assertThat(walls.mm2() + net)
                .as("rooms and walls fill the outline")
                .isCloseTo(walls.filled().mm2(), within(Tolerance.LEAST_ROOM_MM2));
    }

    /** Bends too slight to solve by crossing faces are cut on their bisector. */
    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void aSlightBendIsWhole(long seed) {
        RandomGenerator random = random(seed);
        Sketch sketch = new Sketch();
        double bend = Math.toRadians(random.nextDouble(-9.9, 9.9));
        Vec far = new Vec(6000, 0).plus(Vec.ofAngle(bend).times(5000));
        sketch.put(buildUp(random, "one"));
        sketch.run(Sketch.id("one"), false, 0, 0, 6000, 0, far.x(), far.y());
        assertWhole(sketch);
    }

    /** Walls 1 to 9 degrees off each other, standing on one another: joined whole, or refused with a sentence. */
    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void nearlyParallelWallsAreWholeOrRefused(long seed) {
        RandomGenerator random = random(seed);
        Sketch sketch = new Sketch();
        Wall host = draw(sketch, random, "one", Pick.bare(-9000, 0), Pick.bare(9000, 0));
        double angle = Math.toRadians(random.nextDouble(1, 9)) * (random.nextBoolean() ? 1 : -1);
        Vec far = Vec.ofAngle(angle).times(7000 + random.nextInt(20_000));
        Outcome outcome = sketch.tryRun(new DrawWalls(
                NewWall.of(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        Sketch.id("one"),
                        new SetOut.MiddleOfStructure(),
                        Side.LEFT,
                        WallEnd.Reach.values()[random.nextInt(3)]),
                List.of(new Pick(Vec.ORIGIN, new Hold.OnFace(host.id(), 0)), Pick.bare(far.x(), far.y())),
                false));
        if (outcome instanceof Refusal refusal) assertThat(refusal.sentence()).endsWith(".");
        else assertWhole(sketch);
    }

    /** Three to five walls from one corner: whole, or refused with a sentence, and mostly not refused. */
    @Test
    void manyWallsAtOneCornerAreWhole() {
        int whole = 0, all = 0;
        for (long seed = 1; seed <= 150; seed++) {
            RandomGenerator random = random(seed);
            Sketch sketch = new Sketch();
            int arms = 3 + random.nextInt(3);
            double angle = random.nextDouble(Math.TAU);
            Corner corner = null;
            boolean accepted = true;
            for (int i = 0; i < arms && accepted; i++) {
                angle += Math.TAU / arms + Math.toRadians(random.nextInt(31) - 15);
                Vec far = Vec.ofAngle(angle).times(6000);
                Pick from = corner == null ? Pick.bare(0, 0) : new Pick(corner.at(), new Hold.AtCorner(corner.id()));
                Pick to = Pick.bare(far.x(), far.y());
                Wall wall = draw(sketch, random, "arm" + i, new SetOut.MiddleOfStructure(), from, to);
                accepted = wall != null;
                if (wall != null && corner == null)
                    corner = sketch.model().get(((WallEnd.AtCorner) wall.start()).corner(), Corner.class);
            }
            all++;
            if (accepted) whole++;
            assertWhole(sketch, "seed " + seed);
        }
        assertThat(whole).as("of %d", all).isGreaterThan(all / 2);
    }

    /** Sum and union of the plies are equal, in one piece; no hole larger than rounding. */
    private static void assertWhole(Sketch sketch) {
        assertWhole(sketch, "");
    }

    private static void assertWhole(Sketch sketch, String which) {
        List<Area> plies = sketch.cutAt(1200);
        Area union = Area.union(plies);
        assertThat(union.mm2())
                .as("no overlap %s", which)
                .isCloseTo(plies.stream().mapToDouble(Area::mm2).sum(), within(GRID_MM2));
        Area joined =
                Area.union(plies.stream().flatMap(AnyAnglePropertiesTest::grown).toList());
        assertThat(joined.pieces()).as("in one piece %s", which).isEqualTo(1);
        List<List<Vec>> rings = joined.rings();
        for (List<Vec> hole : rings.subList(1, rings.size())) {
            assertThat(Area.of(hole).mm2()).as("a hole %s", which).isLessThan(GRID_MM2);
        }
    }

    /** Shifted by two hundredths of a millimetre to each side, so that what only touches counts as joined. */
    private static Stream<Area> grown(Area ply) {
        List<Vec> ring = ply.rings().getFirst();
        return Stream.of(new Vec(0.02, 0.02), new Vec(-0.02, 0.02), new Vec(0.02, -0.02), new Vec(-0.02, -0.02))
                .map(by -> Area.of(ring.stream().map(p -> p.plus(by)).toList()));
    }

    private static Wall draw(Sketch sketch, RandomGenerator random, String name, Pick from, Pick to) {
        SetOut[] setOuts = {
            new SetOut.OnFace(0), new SetOut.MiddleOfStructure(), new SetOut.InnerFace(), new SetOut.OnFace(1)
        };
        return draw(sketch, random, name, setOuts[random.nextInt(setOuts.length)], from, to);
    }

    private static Wall draw(Sketch sketch, RandomGenerator random, String name, SetOut setOut, Pick from, Pick to) {
        sketch.put(buildUp(random, name));
        Outcome outcome = sketch.tryRun(new DrawWalls(
                NewWall.of(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        Sketch.id(name),
                        setOut,
                        Side.values()[random.nextInt(2)],
                        WallEnd.Reach.STRUCTURE),
                List.of(from, to),
                false));
        if (!(outcome instanceof Change change)) return null;
        return (Wall) change.after().stream()
                .filter(Wall.class::isInstance)
                .findFirst()
                .orElseThrow();
    }

    /** Plies of random thickness round one that carries. */
    private static BuildUp buildUp(RandomGenerator random, String name) {
        List<Ply> plies = new ArrayList<>();
        int count = 1 + random.nextInt(5), carrying = random.nextInt(count);
        Does[] others = {Does.BOARDS, Does.INSULATES, Does.AIR_GAP, Does.FACING, Does.LINING, Does.SHEET};
        for (int i = 0; i < count; i++) {
            Does does = i == carrying ? Does.CARRIES : others[random.nextInt(others.length)];
            double mm = does == Does.SHEET ? 0 : i == carrying ? 60 + random.nextInt(150) : 10 + random.nextInt(90);
            plies.add(Sketch.ply(MATERIALS[random.nextInt(MATERIALS.length)], mm, does));
        }
        return Sketch.buildUp(name, plies.toArray(Ply[]::new));
    }
}
