package org.leanlintel.core.edit.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.building.feature.Gaps;
import org.leanlintel.core.building.room.FacesOracle;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.carry.Copies;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.carry.LaySquare;
import org.leanlintel.core.edit.carry.Mirror;
import org.leanlintel.core.edit.carry.Turn;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.ReviseAll;
import org.leanlintel.core.edit.gap.KeepGap;
import org.leanlintel.core.edit.gap.SetGap;
import org.leanlintel.core.edit.opening.PlaceOpening;
import org.leanlintel.core.edit.wall.CutOut;
import org.leanlintel.core.edit.wall.DrawParallel;
import org.leanlintel.core.edit.wall.DrawRectangle;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.JoinInLine;
import org.leanlintel.core.edit.wall.MoveEnd;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.edit.wall.RunTo;
import org.leanlintel.core.edit.wall.Split;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd.Reach;
import org.leanlintel.core.model.WorkState;

/** Two hundred edits of every kind on walls, in any order, and their undos. The seed in a test's name repeats it. */
@Tag("slow")
class RandomEditsTest {

    private static final int EDITS = 200;

    private final Sketch sketch = new Sketch();

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 25);
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void anySequenceOfEditsAndItsUndosEndsWhereItBegan(long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        sketch.across(sketch.shell(9000, 6000), 4000);
        Model start = sketch.model();
        List<Change> done = new ArrayList<>();
        for (int i = 0; i < EDITS; i++) {
            Edit edit = any(random);
            Outcome outcome = sketch.tryRun(edit);
            if (outcome instanceof Refusal refusal)
                assertThat(refusal.sentence()).as("%s", edit).endsWith(".");
            if (outcome instanceof Change change) done.add(change);
            assertKept();
            if (i % 10 == 0) FacesOracle.assertFaces(sketch.building(), Sketch.STOREY);
        }
        assertThat(done).as("most kinds are accepted now and then").hasSizeGreaterThan(EDITS / 10);
        assertThat(new Bodies(sketch.building()).on(Sketch.STOREY))
                .as("worked out step by step or from nothing")
                .isEqualTo(new Bodies(Building.of(sketch.model())).on(Sketch.STOREY));
        for (Change change : done.reversed()) sketch.apply(change.inverse());
        assertThat(sketch.model()).isEqualTo(start);
    }

    private void assertKept() {
        for (KeptGap kept : sketch.model().all(KeptGap.class)) {
            Gaps.Measured now = Gaps.of(sketch.building(), kept.gap(), kept.faces());
            assertThat(now).isNotNull();
            assertThat(Math.abs(now.clearMm() - kept.clearMm())).isLessThanOrEqualTo(Tolerance.SAME_MM);
        }
    }

    private Edit any(RandomGenerator random) {
        List<Wall> walls = sketch.model().all(Wall.class);
        if (walls.isEmpty() || walls.size() < 4) return draw(random);
        Wall wall = walls.get(random.nextInt(walls.size())), other = walls.get(random.nextInt(walls.size()));
        if (walls.size() > 14) return new Delete(List.of(wall.id(), other.id()));
        List<ElementId> ids = List.of(wall.id());
        End end = End.values()[random.nextInt(2)];
        return switch (random.nextInt(18)) {
            case 0 -> draw(random);
            case 1 -> new Move(ids, step(random));
            case 2 -> setGap(random, wall);
            case 3 -> keepGap(random, wall);
            case 4 -> new Delete(List.of(anything(random)));
            case 5 -> new Split(wall.id(), near(random, wall));
            case 6 -> new CutOut(wall.id(), near(random, wall), near(random, wall));
            case 7 -> new JoinInLine(List.of(wall.id(), other.id()));
            case 8 -> new RunTo(wall.id(), end, other.id(), Reach.values()[random.nextInt(3)]);
            case 9 -> new MoveEnd(wall.id(), end, bare(near(random, wall).plus(step(random))), Reach.STRUCTURE);
            case 10 -> new Copies(ids, step(random).times(4), 1 + random.nextInt(3), random.nextBoolean());
            case 11 -> new Turn(ids, near(random, wall), Math.toRadians(15 * random.nextInt(24)), random.nextBoolean());
            case 12 ->
                new Mirror(ids, near(random, other), near(random, other).plus(new Vec(1, 3)), random.nextBoolean());
            case 13 -> random.nextBoolean() ? new Hand(new Vec(random.nextInt(9000), 0)) : new LaySquare(wall.id());
            case 14 ->
                new DrawParallel(
                        made(random), wall.id(), Side.values()[random.nextInt(2)], faces(random), random.nextInt(2000));
            case 15 -> rectangle(random);
            case 16 ->
                new PlaceOpening(
                        wall.id(),
                        Sketch.LAYER,
                        Placing.from(end, random.nextInt(4000)),
                        910,
                        2100,
                        0,
                        new Opening.SwingDoor(end, Side.LEFT));
            default -> revised(random, wall);
        };
    }

    private Edit revised(RandomGenerator random, Wall wall) {
        List<Element> walls = new ArrayList<>();
        walls.add(
                switch (random.nextInt(3)) {
                    case 0 ->
                        wall.rising(new Rise(
                                new Rise.Fixed(random.nextInt(3) * 100), new Rise.Fixed(1000 + random.nextInt(3000))));
                    case 1 -> wall.in(WorkState.values()[random.nextInt(3)]);
                    default ->
                        wall.madeOf(
                                wall.buildUp(), wall.setOut(), wall.outside().other());
                });
        return new ReviseAll(walls);
    }

    private ElementId anything(RandomGenerator random) {
        List<Element> all = new ArrayList<>();
        for (Class<? extends Element> kind : List.of(Wall.class, Opening.class, KeptGap.class))
            all.addAll(sketch.model().all(kind));
        return all.get(random.nextInt(all.size())).id();
    }

    private Edit setGap(RandomGenerator random, Wall wall) {
        List<Gaps.Measured> gaps = Gaps.of(sketch.building(), wall.id(), faces(random));
        if (gaps.isEmpty()) return draw(random);
        Gap gap = gaps.get(random.nextInt(gaps.size())).gap();
        return new SetGap(gap, faces(random), random.nextInt(4000), random.nextBoolean());
    }

    private Edit keepGap(RandomGenerator random, Wall wall) {
        for (Gaps.Measured g : Gaps.of(sketch.building(), wall.id(), Gap.Faces.FINISH))
            if (g.gap() instanceof Gap.Beside beside) return new KeepGap(beside, Gap.Faces.FINISH, g.clearMm());
        return draw(random);
    }

    private Edit draw(RandomGenerator random) {
        Vec from = place(random),
                to = random.nextBoolean() ? new Vec(from.x(), place(random).y()) : place(random);
        return new DrawWalls(made(random), List.of(bare(from), bare(to)), false);
    }

    private Edit rectangle(RandomGenerator random) {
        DrawRectangle.Sizes sizes = DrawRectangle.Sizes.values()[random.nextInt(2)];
        return new DrawRectangle(
                made(random), place(random), place(random), Math.toRadians(random.nextInt(4) * 10), sizes);
    }

    private static NewWall made(RandomGenerator random) {
        ElementId[] buildUps = {Sketch.SHELL, Sketch.LINED, Sketch.PARTITION};
        SetOut[] setOuts = {new SetOut.OnFace(0), new SetOut.MiddleOfStructure(), new SetOut.InnerFace()};
        return NewWall.of(
                Sketch.STOREY,
                Sketch.LAYER,
                buildUps[random.nextInt(3)],
                setOuts[random.nextInt(3)],
                Side.values()[random.nextInt(2)],
                Reach.values()[random.nextInt(3)]);
    }

    private static Gap.Faces faces(RandomGenerator random) {
        return Gap.Faces.values()[random.nextInt(3)];
    }

    private static Vec place(RandomGenerator random) {
        return new Vec(random.nextInt(-40, 160) * 100, random.nextInt(-40, 110) * 100);
    }

    private static Vec step(RandomGenerator random) {
        return new Vec(random.nextInt(-8, 9) * 50, random.nextInt(-8, 9) * 50);
    }

    private Vec near(RandomGenerator random, Wall wall) {
        var strip = sketch.building().strip(wall.id());
        return strip.at(Math.rint(random.nextDouble() * strip.length()), 0);
    }

    private static Pick bare(Vec at) {
        return Pick.bare(at.x(), at.y());
    }
}
