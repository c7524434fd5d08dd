package org.leanlintel.core.edit.wall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.Plan;

/** Where walls can stand: what is accepted is drawn, and what cannot stand is refused with what would work. */
class JoiningWallsTest {

    private static final double CUT = 1200;

    /** The inner corner of the recess: 155 inside the outer corner at 4,000, 4,000. */
    private static final Vec Q = new Vec(3845, 3845);

    private final Sketch sketch = new Sketch();

    /** An L of 8,000 by 8,000 whose recess takes its north-east quarter; walls of 140 structure and 15 lining, outside in. */
    private List<Wall> recessed() {
        return sketch.run(Sketch.LINED, true, 0, 0, 0, 8000, 4000, 8000, 4000, 4000, 8000, 4000, 8000, 0);
    }

    private List<Group> drawn() {
        return Plan.of(sketch.building(), Sketch.PLAN, new Lettering(java.util.Map.of(), java.util.Map.of(), 0.5, 0.7))
                .picture()
                .groups();
    }

    private List<Catch> catches() {
        return drawn().stream().flatMap(g -> g.catches().stream()).toList();
    }

    private DrawWalls partition(SetOut setOut, Side outside, Pick... picks) {
        return new DrawWalls(
                NewWall.of(Sketch.STOREY, Sketch.LAYER, Sketch.PARTITION, setOut, outside, WallEnd.Reach.STRUCTURE),
                List.of(picks),
                false);
    }

    private double overlaps() {
        double apart = 0;
        for (Area a : sketch.cutAt(CUT)) apart += a.mm2();
        return apart - Area.union(sketch.cutAt(CUT)).mm2();
    }

    /** The corner that stands out into the rooms, 155 inside the outer corner at 4,000, 4,000. */
    @Test
    void theFacesOfARecessAreCaughtUpToItsInnerCorner() {
        recessed();
        assertThat(catches())
                .filteredOn(c -> c.words().endsWith(" face"))
                .filteredOn(c -> c.from().distanceTo(Q) < 1 || c.to().distanceTo(Q) < 1)
                .as("the faces of both walls end there")
                .hasSize(2);
    }

    /** Flush with the face of the recess it runs on from: it stands on the lining, whose corner reaches as far. */
    @Test
    void fromTheInnerCornerOfARecessToTheOppositeWall() {
        List<Wall> walls = recessed();
        Wall west = walls.get(0), upright = walls.get(2);
        Change change = sketch.run(partition(
                new SetOut.InnerFace(),
                Side.RIGHT,
                new Pick(new Vec(3845, 3845), new Hold.OnFace(upright.id(), 2)),
                new Pick(new Vec(155, 3845), new Hold.OnFace(west.id(), 2))));
        Wall made = Sketch.made(change).getFirst();
        assertThat(made.start()).isInstanceOf(WallEnd.OnSide.class);
        assertThat(made.end()).isInstanceOf(WallEnd.OnSide.class);
        assertThat(overlaps()).isLessThan(1);
        assertThat(Area.union(sketch.cutAt(CUT)).parts())
                .as("one piece, without a slit")
                .hasSize(1);
        // 350 of the second is the stud's line, led on through the corner of the host's structure
        // its stud lies from 3,857.5 to 3,946.5 and stops at the lining, 15 before the structure at 3,860
        assertThat(toStructure(new Vec(2000, 6000))).isCloseTo(3720 * (7860 - 3946.5), within(2.0));
        assertThat(toStructure(new Vec(2000, 2000)))
                .isCloseTo(3720 * (3857.5 - 140) + 4000 * (3860 - 140), within(400.0));
    }

    private double toStructure(Vec at) {
        return Rooms.in(sketch.building())
                .at(Sketch.STOREY, at)
                .walls(sketch.building())
                .toStructure()
                .mm2();
    }

    @Test
    void theFaceAlongWhichItRunsIsNotWhatItStandsOn() {
        List<Wall> walls = recessed();
        Wall level = walls.get(3), west = walls.get(0);
        Wall made = Sketch.made(sketch.run(partition(
                        new SetOut.InnerFace(),
                        Side.RIGHT,
                        new Pick(new Vec(3845, 3845), new Hold.OnFace(level.id(), 2)),
                        new Pick(new Vec(155, 3845), new Hold.OnFace(west.id(), 2)))))
                .getFirst();
        assertThat(((WallEnd.OnSide) made.start()).wall())
                .as("the wall it meets")
                .isEqualTo(walls.get(2).id());
    }

    /** Its middle at the corner hangs half over it: 57 of 114. */
    @Test
    void halfOverTheCornerItIsRefusedWithWhatWouldWork() {
        List<Wall> walls = recessed();
        String upright = walls.get(2).mark();
        assertThat(sketch.refusal(partition(
                        new SetOut.MiddleOfStructure(),
                        Side.RIGHT,
                        new Pick(
                                new Vec(3845, 3845),
                                new Hold.OnFace(walls.get(2).id(), 2)),
                        new Pick(
                                new Vec(155, 3845), new Hold.OnFace(walls.get(0).id(), 2)))))
                .isEqualTo(
                        "W7 would meet %s past its end or in its corner: draw it 57 further along %s, or from the corner itself."
                                .formatted(upright, upright));
    }

    /** A bare start in the body of a wall, beyond the end of its set-out line: 60 past the corner it turns outwards. */
    @Test
    void aStartInTheBodyOfAWallPastItsSetOutLineStandsOnIt() {
        List<Wall> walls = recessed();
        Wall made = Sketch.made(sketch.run(
                        partition(new SetOut.InnerFace(), Side.RIGHT, Pick.bare(3900, 3860), Pick.bare(1000, 3860))))
                .getFirst();
        assertThat(made.start()).isInstanceOfSatisfying(WallEnd.OnSide.class, s -> assertThat(s.wall())
                .isEqualTo(walls.get(2).id()));
    }

    @Test
    void aWallThatWouldRunAlongItsHostIsRefused() {
        List<Wall> walls = recessed();
        Wall made = Sketch.made(sketch.run(partition(
                        new SetOut.MiddleOfStructure(),
                        Side.LEFT,
                        new Pick(
                                new Vec(2000, 155), new Hold.OnFace(walls.get(5).id(), 2)),
                        new Pick(
                                new Vec(2000, 7845),
                                new Hold.OnFace(walls.get(1).id(), 2)))))
                .getFirst();
        WallEnd along = new WallEnd.OnSide(walls.get(0).id(), new Vec(2000, 1000), WallEnd.Reach.STRUCTURE);
        assertThat(sketch.refusal(new Revise(made.withEnd(org.leanlintel.core.model.End.START, along))))
                .isEqualTo("W7 would run along W1 and not meet it: start it at a corner of W1, or on another wall.");
    }

    /** Whatever is picked, from and to whatever is caught there: an accepted wall has a body, is drawn and can be picked. */
    @Tag("slow")
    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void whatIsAcceptedIsDrawn(long seed) {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        List<Wall> walls = new ArrayList<>(recessed());
        int accepted = 0;
        for (int i = 0; i < 60; i++) {
            List<Catch> all = catches();
            DrawWalls edit = partition(
                    List.of(new SetOut.OnFace(0), new SetOut.MiddleOfStructure(), new SetOut.InnerFace())
                            .get(random.nextInt(3)),
                    random.nextBoolean() ? Side.LEFT : Side.RIGHT,
                    pick(all, random),
                    pick(all, random));
            Building before = sketch.building();
            if (!(sketch.tryRun(edit) instanceof Change change)) {
                assertThat(sketch.building()).isSameAs(before);
                continue;
            }
            accepted++;
            for (Wall w : Sketch.made(change)) {
                assertThat(sketch.building().solid(w.id()))
                        .as("%s of %s", w.mark(), edit)
                        .isNotNull();
                assertThat(sketch.building().solid(w.id()).footprint().mm2())
                        .as(w.mark())
                        .isGreaterThan(100);
                ElementId id = w.id();
                assertThat(drawn())
                        .filteredOn(g -> g.element().equals(id))
                        .singleElement()
                        .satisfies(g -> assertThat(g.items()).isNotEmpty());
            }
            walls.addAll(Sketch.made(change));
        }
        assertThat(accepted).isPositive();
        assertThat(overlaps()).as("square millimetres that lie twice").isCloseTo(0, within(10.0 * walls.size()));
    }

    /** Somewhere along what can be caught, or at its end or its middle, holding to it or to nothing. */
    private static Pick pick(List<Catch> all, RandomGenerator random) {
        Catch c = all.get(random.nextInt(all.size()));
        double part = List.of(0.0, 0.5, 1.0, random.nextDouble()).get(random.nextInt(4));
        Vec at = c.from().plus(c.to().minus(c.from()).times(part));
        return new Pick(at, random.nextInt(4) == 0 ? new Hold.AtPoint(at) : c.hold());
    }
}
