package org.leanlintel.core.edit.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.DrawSection;
import org.leanlintel.core.edit.storey.AddStorey;
import org.leanlintel.core.edit.storey.DrawFloor;
import org.leanlintel.core.edit.storey.DrawStair;
import org.leanlintel.core.edit.storey.DrawVoid;
import org.leanlintel.core.edit.storey.PlaceSteps;
import org.leanlintel.core.edit.storey.ReorderStorey;
import org.leanlintel.core.edit.storey.ReviseStorey;
import org.leanlintel.core.edit.wall.RakeUnderStair;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.StairRules.Limit;
import org.leanlintel.core.model.StairRules.What;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Boards;
import org.leanlintel.core.picture.Lettering;

/** Any sequence of edits in height: storeys stay stacked, what is kept equals what is worked out anew, and undo leads back. */
@Tag("slow")
class RandomHeightEditsTest {

    private static final int EDITS = 70;
    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final HouseOfTwo house = new HouseOfTwo(
            new Limit(What.RISE_MOST, 220, "R", true),
            new Limit(What.GOING_LEAST, 220, "G", true),
            new Limit(What.HEADROOM_LEAST, 2000, "H", true));
    private final Sketch sketch = house.sketch;

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 20);
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void storeysStayStackedAndUndoLeadsBack(long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        sketch.put(new Site(Site.ID, "", 0, -400));
        sketch.door(house.shell.get(3), 2000, 900);
        Model start = sketch.model();
        List<Change> done = new ArrayList<>();
        Boards boards = new Boards(LETTERS);
        boards.hear(sketch.building());
        for (int i = 0; i < EDITS; i++) {
            Edit edit = any(random);
            Outcome outcome = sketch.tryRun(edit);
            if (outcome instanceof Refusal refusal)
                assertThat(refusal.sentence()).as("%s", edit).endsWith(".");
            if (!(outcome instanceof Change change)) continue;
            done.add(change);
            assertStacked();
            for (Storey s : sketch.model().all(Storey.class))
                assertThat(Rooms.in(sketch.building()).of(s.id())).isNotNull();
            boards.hear(sketch.building());
        }
        assertThat(done).as("most kinds are accepted now and then").hasSizeGreaterThan(EDITS / 10);
        Building anew = Building.of(sketch.model());
        for (Storey s : sketch.model().all(Storey.class)) {
            assertThat(new Bodies(sketch.building()).on(s.id())).isEqualTo(new Bodies(anew).on(s.id()));
            assertThat(new Bodies(sketch.building()).on(s.id()))
                    .allSatisfy(b -> assertThat(Area.of(b.outline()).isClean()).isTrue());
            assertThat(netOf(sketch.building(), s)).isEqualTo(netOf(anew, s));
        }
        boards.assertShow(anew);
        assertThat(Findings.of(anew)).isEqualTo(Findings.of(sketch.building()));
        for (Change change : done.reversed()) sketch.apply(change.inverse());
        assertThat(sketch.model()).isEqualTo(start);
    }

    private static List<Long> netOf(Building building, Storey storey) {
        return Rooms.in(building).of(storey.id()).stream()
                .map(space -> Math.round(space.net().mm2()))
                .toList();
    }

    private void assertStacked() {
        List<Storey> stack = StoreySpace.stack(sketch.model());
        for (int i = 1; i < stack.size(); i++)
            assertThat(stack.get(i).levelMm())
                    .isCloseTo(stack.get(i - 1).topMm(), org.assertj.core.api.Assertions.within(1e-6));
    }

    private <E extends Element> E one(RandomGenerator random, Class<E> kind) {
        List<E> all = sketch.model().all(kind);
        return all.isEmpty() ? null : all.get(random.nextInt(all.size()));
    }

    private Edit any(RandomGenerator random) {
        Storey storey = one(random, Storey.class);
        return switch (random.nextInt(13)) {
            case 0 ->
                new AddStorey(
                        storey.id(),
                        random.nextBoolean(),
                        "S" + random.nextInt(6),
                        2200 + random.nextInt(900),
                        random.nextBoolean() ? new Storey.Built(HouseOfTwo.FLOOR) : new Storey.NotSaid(),
                        new AddStorey.Taking(random.nextBoolean(), random.nextBoolean(), random.nextBoolean()),
                        new AddStorey.NotLaid());
            case 1 -> new ReviseStorey(storey.high(1500 + random.nextInt(2000)));
            case 2 -> new ReviseStorey(storey.at(storey.levelMm() + random.nextInt(-300, 300)));
            case 3 -> new ReorderStorey(storey.id(), random.nextBoolean());
            case 4 -> floor(random, storey);
            case 5 -> new DrawVoid(storey.id(), Sketch.LAYER, ring(random));
            case 6 -> stair(random, storey);
            case 7 -> section(random, storey);
            case 8 -> steps(random);
            case 9 -> moved(random);
            case 10 -> raked(random);
            case 11 -> one(random, Wall.class) instanceof Wall w ? new RakeUnderStair(w.id()) : steps(random);
            default -> new Delete(List.of(anything(random)));
        };
    }

    private Edit floor(RandomGenerator random, Storey storey) {
        Floor.Outline outline = random.nextBoolean()
                ? new Floor.InsideShell(place(random), Floor.Edge.values()[random.nextInt(4)])
                : new Floor.Drawn(ring(random));
        Floor.Fall fall = random.nextBoolean() ? new Floor.Level() : new Floor.Falling(random.nextInt(6), 1 / 60.0);
        return new DrawFloor(storey.id(), Sketch.LAYER, HouseOfTwo.FLOOR, outline, random.nextInt(-200, 200), 0, fall);
    }

    private Edit stair(RandomGenerator random, Storey storey) {
        Side side = Side.values()[random.nextInt(2)];
        Stair.Turn turn = random.nextBoolean()
                ? new Stair.Winders(side, random.nextInt(60))
                : new Stair.Landing(
                        Stair.Way.values()[random.nextInt(3)], side, random.nextInt(2) * 1500, random.nextInt(200));
        Stair.Shape shape =
                switch (random.nextInt(3)) {
                    case 0 -> new Stair.Flights(List.of(), List.of());
                    case 1 -> new Stair.Flights(List.of(2 + random.nextInt(9)), List.of(turn));
                    default -> new Stair.Spiral(100, 2 + random.nextDouble() * 6, side);
                };
        StairMake make = new StairMake(
                22,
                random.nextBoolean() ? 12 : 0,
                18,
                StairMake.Strings.values()[random.nextInt(2)],
                32,
                235,
                90,
                StairMake.Rails.values()[random.nextInt(4)],
                900,
                Sketch.id("stud"));
        return new DrawStair(
                storey.id(),
                Sketch.LAYER,
                place(random),
                Math.PI / 6 * random.nextInt(12),
                700 + random.nextInt(400),
                shape,
                new Stair.LeastRisers(),
                new Stair.GoingByRule(),
                make,
                Stair.Above.values()[random.nextInt(2)]);
    }

    private Edit section(RandomGenerator random, Storey storey) {
        Vec from = place(random);
        return new DrawSection(
                "Section",
                storey.id(),
                Sketch.LAYER,
                from,
                from.plus(new Vec(500 + random.nextInt(6000), random.nextInt(-4000, 4000))),
                Side.values()[random.nextInt(2)],
                random.nextInt(8000),
                Sketch.LENS,
                50);
    }

    private Edit steps(RandomGenerator random) {
        Opening door = one(random, Opening.class);
        if (door == null) return moved(random);
        OutsideSteps.Way way = random.nextBoolean() ? new OutsideSteps.Steps(280) : new OutsideSteps.Ramp(1 / 12.0);
        return new PlaceSteps(door.id(), Sketch.LAYER, 1200, 900, way, Sketch.id("brick"));
    }

    private Edit moved(RandomGenerator random) {
        return new Move(List.of(anything(random)), new Vec(random.nextInt(-5, 6) * 100, random.nextInt(-5, 6) * 100));
    }

    private Edit raked(RandomGenerator random) {
        Wall wall = one(random, Wall.class);
        Rise.Head head = random.nextBoolean()
                ? Rise.Along.gable(1500 + random.nextInt(1000), 2500 + random.nextInt(2000))
                : Rise.Along.raked(random.nextInt(2500), 500 + random.nextInt(3000));
        return new Revise(wall.rising(new Rise(new Rise.OnFloor(), head)));
    }

    private ElementId anything(RandomGenerator random) {
        List<Element> all = new ArrayList<>();
        for (Class<? extends Element> kind : List.of(
                Wall.class,
                Opening.class,
                Floor.class,
                FloorVoid.class,
                Stair.class,
                OutsideSteps.class,
                SectionLine.class,
                Storey.class)) all.addAll(sketch.model().all(kind));
        return all.get(random.nextInt(all.size())).id();
    }

    private static List<Vec> ring(RandomGenerator random) {
        Vec at = place(random);
        double w = 200 + random.nextInt(3000), d = 200 + random.nextInt(2000);
        return List.of(at, at.plus(new Vec(w, 0)), at.plus(new Vec(w, d)), at.plus(new Vec(0, d)));
    }

    private static Vec place(RandomGenerator random) {
        return new Vec(random.nextInt(-5, 65) * 100, random.nextInt(-5, 45) * 100);
    }
}
