package org.leanlintel.core.building;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.building.join.Slab;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.wall.CurveWall;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.edit.wall.PlacePiece;
import org.leanlintel.core.edit.wall.RemakeWalls;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.Plan;

/** What holds of any layout of rectilinear walls the edits let through. The seed in a test's name repeats it. */
@Tag("slow")
class LayoutPropertiesTest {

    private static final ElementId[] BUILD_UPS = {Sketch.SHELL, Sketch.LINED, Sketch.PARTITION};

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 60);
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void pliesFillTheWallsOutlineAndNeverOverlap(long seed) {
        Sketch sketch = layout(seed, random(seed));
        List<Area> plies = sketch.cutAt(2400);
        assertThat(plies).as("every ply is a clean ring").allMatch(Area::isClean);
        double sum = plies.stream().mapToDouble(Area::mm2).sum();
        Area union = Area.union(plies);
        assertThat(union.mm2()).as("no overlap").isCloseTo(sum, within(Tolerance.OVERLAP_MM2));
        List<Area> outlines = outlines(sketch);
        assertThat(union.minus(Area.union(outlines)).mm2())
                .as("nothing outside the outlines")
                .isLessThan(Tolerance.OVERLAP_MM2);
        assertThat(Area.union(outlines).minus(union).mm2())
                .as("no gap inside the outlines")
                .isLessThan(Tolerance.OVERLAP_MM2);
    }

    /** Plain rectangles of walls, lengthened at shared corners to the far faces of the other wall. */
    private static List<Area> outlines(Sketch sketch) {
        List<Area> outlines = new ArrayList<>();
        for (Wall wall : sketch.model().all(Wall.class)) {
            Strip strip = sketch.building().strip(wall.id());
            double from = -reach(sketch, strip, End.START), to = strip.length() + reach(sketch, strip, End.END);
            outlines.add(Area.of(List.of(
                    strip.at(from, strip.lo()),
                    strip.at(to, strip.lo()),
                    strip.at(to, strip.hi()),
                    strip.at(from, strip.hi()))));
        }
        return outlines;
    }

    /** How far a wall runs past its end point: to the farthest face of what it meets at a corner; the outline of a wall it stands on covers the rest. */
    private static double reach(Sketch sketch, Strip strip, End end) {
        if (!(strip.wall().at(end) instanceof WallEnd.AtCorner corner)) return 0;
        Vec away = strip.axis().chord().direction().times(end == End.END ? 1 : -1);
        double reach = 0;
        for (var ref : sketch.model().relations().endsAt(corner.corner())) {
            Strip other = sketch.building().strip(ref.wall().id());
            if (other == strip) continue;
            Vec left = other.axis().chord().direction().left();
            reach = Math.max(other.lo() * left.dot(away), other.hi() * left.dot(away));
        }
        return reach;
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void everyEditAndItsUndoGiveBackTheSameModel(long seed) {
        RandomGenerator random = random(seed);
        Sketch sketch = layout(seed, random);
        for (int i = 0; i < 12; i++) {
            Model before = sketch.model();
            if (!(sketch.tryRun(anyEdit(sketch, random)) instanceof Change change)) continue;
            assertThat(sketch.model()).isNotEqualTo(before);
            sketch.apply(change.inverse());
            assertThat(sketch.model()).isEqualTo(before);
            sketch.apply(change);
        }
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void aBuildingMadeFromAnEarlierOneIsTheSameAsOneFromNothing(long seed) {
        RandomGenerator random = random(seed);
        Sketch sketch = layout(seed, random);
        for (int i = 0; i < 6; i++) sketch.tryRun(anyEdit(sketch, random));
        assertThat(new Bodies(sketch.building()).on(Sketch.STOREY))
                .isEqualTo(new Bodies(Building.of(sketch.model())).on(Sketch.STOREY));
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void aPlanDrawnFromAnEarlierOneIsTheSameAsOneFromNothing(long seed) {
        RandomGenerator random = random(seed);
        Sketch sketch = layout(seed, random);
        strings(sketch, random);
        Plan plan = Plan.of(sketch.building(), Sketch.PLAN, LETTERING);
        Map<ElementId, Group> shown = byElement(plan.picture());
        for (int i = 0; i < 10; i++) {
            if (!(sketch.tryRun(anyEdit(sketch, random)) instanceof Change)) continue;
            Plan next = Plan.of(sketch.building(), Sketch.PLAN, LETTERING);
            Picture.Difference difference = next.since(plan);
            difference.gone().forEach(shown::remove);
            difference.changed().forEach(g -> shown.put(g.element(), g));
            plan = next;
        }
        Picture fromNothing =
                Plan.of(Building.of(sketch.model()), Sketch.PLAN, LETTERING).picture();
        assertThat(plan.picture()).isEqualTo(fromNothing);
        assertThat(shown)
                .as("what a board shows that only heard of differences")
                .isEqualTo(byElement(fromNothing));
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void roomsAndWallsFillTheOutlineOfTheStorey(long seed) {
        RandomGenerator random = random(seed);
        Sketch sketch = layout(seed, random);
        for (int i = 0; i < 6; i++) {
            Rooms.in(sketch.building()).of(Sketch.STOREY);
            sketch.tryRun(anyEdit(sketch, random));
        }
        Rooms rooms = Rooms.in(sketch.building());
        List<Area> all = new ArrayList<>();
        for (RoomSpace space : rooms.of(Sketch.STOREY)) all.add(space.net());
        double sum = all.stream().mapToDouble(Area::mm2).sum();
        Area walls = Area.union(footprints(sketch));
        assertThat(Area.union(all).mm2()).as("no two rooms overlap").isCloseTo(sum, within(Tolerance.OVERLAP_MM2));
        assertThat(Area.union(all).and(walls).mm2()).as("no room in a wall").isLessThan(Tolerance.SLIVER_MM2);
        all.addAll(footprints(sketch));
        assertThat(Area.union(all).mm2())
                .as("what walls close round is rooms")
                .isCloseTo(walls.filled().mm2(), within(Tolerance.LEAST_ROOM_MM2));
        assertThat(net(rooms))
                .as("the same as found from nothing")
                .isEqualTo(net(Rooms.in(Building.of(sketch.model()))));
    }

    private static List<List<List<Vec>>> net(Rooms rooms) {
        return rooms.of(Sketch.STOREY).stream().map(s -> s.net().rings()).toList();
    }

    private static List<Area> footprints(Sketch sketch) {
        List<Area> all = new ArrayList<>();
        for (WallSolid solid : sketch.building().solidsOf(Sketch.STOREY)) {
            all.add(solid.footprint());
            for (Slab slab : solid.slabs()) if (slab.lowMm() <= 0) all.add(Area.of(solid.outline(slab)));
        }
        return all;
    }

    private static Map<ElementId, Group> byElement(Picture picture) {
        Map<ElementId, Group> groups = new HashMap<>();
        for (Group g : picture.groups()) groups.put(g.element(), g);
        return groups;
    }

    private static void strings(Sketch sketch, RandomGenerator random) {
        List<Wall> walls = sketch.model().all(Wall.class);
        for (int i = 0; i < 4; i++) {
            List<Hold> holds = new ArrayList<>();
            for (int k = 0; k < 4; k++)
                holds.add(
                        new Hold.OnFace(walls.get(random.nextInt(walls.size())).id(), random.nextInt(3)));
            Vec direction = random.nextBoolean() ? new Vec(1, 0) : new Vec(0, 1);
            sketch.tryRun(new DrawString(Sketch.PLAN, Sketch.LAYER, direction, new Vec(-900, -900), holds));
        }
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void whatIsDoneAndTakenBackLeavesThePictureAsItWas(long seed) {
        RandomGenerator random = random(seed);
        Sketch sketch = layout(seed, random);
        for (Wall wall : sketch.model().all(Wall.class)) {
            List<List<Item>> before = drawn(sketch);
            Vec by = new Vec(random.nextInt(300) - 150, random.nextInt(300) - 150);
            if (sketch.tryRun(new Move(List.of(wall.id()), by)) instanceof Change) {
                sketch.run(new Move(List.of(wall.id()), by.times(-1)));
                assertThat(drawn(sketch))
                        .as("%s moved there and back", wall.mark())
                        .isEqualTo(before);
            }
            if (sketch.tryRun(new Delete(List.of(wall.id()))) instanceof Change change) {
                sketch.apply(change.inverse());
                assertThat(drawn(sketch)).as("%s deleted, undone", wall.mark()).isEqualTo(before);
            }
            if (sketch.tryRun(new RemakeWalls(List.of(wall.id()), Sketch.LINED, new RemakeWalls.At(wall.setOut())))
                    instanceof Change) {
                sketch.run(new RemakeWalls(List.of(wall.id()), wall.buildUp(), new RemakeWalls.At(wall.setOut())));
                assertThat(drawn(sketch)).as("%s remade and back", wall.mark()).isEqualTo(before);
            }
        }
        List<List<Item>> before = drawn(sketch);
        BuildUp partition = sketch.model().get(Sketch.PARTITION, BuildUp.class);
        BuildUp thick = Sketch.buildUp("partition", Sketch.ply("stud", 120, Does.CARRIES));
        if (sketch.tryRun(new Revise(thick)) instanceof Change) {
            sketch.run(new Revise(partition));
            assertThat(drawn(sketch)).as("a build-up changed and back").isEqualTo(before);
        }
    }

    private static List<List<Item>> drawn(Sketch sketch) {
        return Plan.of(sketch.building(), Sketch.PLAN, LETTERING).picture().groups().stream()
                .map(Group::items)
                .toList();
    }

    private static RandomGenerator random(long seed) {
        return RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }

    private static Sketch layout(long seed, RandomGenerator random) {
        Sketch sketch = new Sketch();
        double w = 4000 + random.nextInt(60) * 100, h = 3000 + random.nextInt(60) * 100;
        double nx = w / 2 + random.nextInt(10) * 50, ny = h / 2 + random.nextInt(10) * 50;
        ElementId shell = BUILD_UPS[random.nextInt(2)];
        if (seed % 2 == 0) sketch.run(shell, true, 0, 0, 0, h, w, h, w, 0);
        else sketch.run(shell, true, 0, 0, 0, h, nx, h, nx, ny, w, ny, w, 0);
        for (int i = 0; i < 14; i++) sketch.tryRun(anyPartition(sketch, random));
        return sketch;
    }

    private static Edit anyEdit(Sketch sketch, RandomGenerator random) {
        List<Wall> walls = sketch.model().all(Wall.class);
        Wall wall = walls.get(random.nextInt(walls.size()));
        return switch (random.nextInt(8)) {
            case 0 -> new Delete(List.of(wall.id()));
            case 1 -> anyPartition(sketch, random);
            case 5, 6 -> anyPiece(wall, random);
            case 7 ->
                new CurveWall(
                        wall.id(),
                        new CurveWall.Radius(2000 + random.nextInt(20_000), Side.values()[random.nextInt(2)]));
            case 2 ->
                new PlaceOpening(
                        wall.id(),
                        Sketch.LAYER,
                        Placing.from(End.START, random.nextInt(4000)),
                        910,
                        2100,
                        0,
                        new Opening.SwingDoor(End.END, Side.LEFT));
            default -> new Move(List.of(wall.id()), new Vec(random.nextInt(800) - 400, random.nextInt(800) - 400));
        };
    }

    private static Edit anyPiece(Wall wall, RandomGenerator random) {
        WallPiece.Stretch stretch = random.nextBoolean()
                ? new WallPiece.Whole()
                : new WallPiece.Part(Placing.from(End.START, random.nextInt(4000)), 200 + random.nextInt(600));
        WallPiece.Make make =
                switch (random.nextInt(4)) {
                    case 0 -> new WallPiece.Niche(20 + random.nextInt(80));
                    case 1 -> new WallPiece.Boxed(Sketch.id("board"), 12.5, 100);
                    case 2 -> new WallPiece.Solid(Sketch.id("brick"), 100 + random.nextInt(200));
                    default -> new WallPiece.Lined(List.of(Sketch.ply("insulation", 10, Does.LINING)));
                };
        Side side = Side.values()[random.nextInt(2)];
        double low = random.nextInt(1300);
        return new PlacePiece(wall.id(), Sketch.LAYER, side, stretch, low, 2500 - low - random.nextInt(500), make);
    }

    /** What is built of one wall and the pieces on it lies beside each other at every height. */
    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void piecesNeverOverlapTheWallTheyStandOn(long seed) {
        RandomGenerator random = random(seed);
        Sketch sketch = layout(seed, random);
        for (int i = 0; i < 30; i++) {
            List<Wall> walls = sketch.model().all(Wall.class);
            sketch.tryRun(anyPiece(walls.get(random.nextInt(walls.size())), random));
        }
        assertThat(sketch.model().all(WallPiece.class)).isNotEmpty();
        for (Wall wall : sketch.model().all(Wall.class)) {
            List<Body> bodies = sketch.building().solid(wall.id()).bodies();
            for (double mm : new double[] {200, 900, 1500, 2300}) {
                List<Area> areas = Sketch.at(bodies, mm).stream()
                        .map(b -> Area.of(b.outline()))
                        .toList();
                double sum = areas.stream().mapToDouble(Area::mm2).sum();
                assertThat(Area.union(areas).mm2())
                        .as("%s at %s", wall.mark(), mm)
                        .isCloseTo(sum, within(1.0));
            }
        }
    }

    /** A wall square to the side of some wall, to where it meets another or comes to a free end. */
    private static Edit anyPartition(Sketch sketch, RandomGenerator random) {
        List<Wall> walls = sketch.model().all(Wall.class);
        Wall host = walls.get(random.nextInt(walls.size()));
        Strip strip = sketch.building().strip(host.id());
        Vec from = strip.at(strip.length() * random.nextDouble(0.05, 0.95), 0);
        Vec direction = strip.axis().chord().direction().left().times(random.nextBoolean() ? -1 : 1);
        double length = 600 + random.nextInt(4000);
        Hold end = new Hold.AtPoint(from.along(direction, length));
        Vec to = from.along(direction, length);
        for (Wall other : walls) {
            Strip o = sketch.building().strip(other.id());
            Double along = new Line(from, direction).meets(o.axis().chord());
            if (other.equals(host) || along == null || along < 200 || along > length) continue;
            double place = o.axis().chord().along(from.along(direction, along));
            if (place < 0 || place > o.length()) continue;
            to = from.along(direction, along);
            length = along;
            end = new Hold.OnFace(other.id(), 0);
        }
        return new DrawWalls(
                NewWall.of(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        BUILD_UPS[random.nextInt(BUILD_UPS.length)],
                        new SetOut.MiddleOfStructure(),
                        Side.LEFT,
                        WallEnd.Reach.STRUCTURE),
                List.of(new Pick(from, new Hold.OnFace(host.id(), 0)), new Pick(to, end)),
                false);
    }
}
