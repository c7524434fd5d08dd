package org.leanlintel.core.edit.wall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.change.ReviseAll;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallEnd.Reach;

/** Splitting, joining, cutting out, running to another wall, and taking ends and corners elsewhere. */
class ChangingWallsTest {

    private static final double CUT = 1200;

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);
    private final Wall west = shell.get(0), north = shell.get(1), east = shell.get(2), south = shell.get(3);

    private double standing() {
        return Area.union(sketch.cutAt(CUT)).mm2();
    }

    private Wall named(String mark) {
        return sketch.model().all(Wall.class).stream()
                .filter(w -> w.mark().equals(mark))
                .findFirst()
                .orElseThrow();
    }

    private double length(Wall wall) {
        return sketch.building().strip(wall.id()).length();
    }

    /** North is drawn from west to east: a door at 1,000, a window 600 from the far end, a partition at 2,400. */
    @Test
    void splittingMovesNothingAndJoiningHeals() {
        Opening door = sketch.door(north, 1000, 910);
        Opening window = sketch.window(north, 5400, 1200, 900, 1200);
        Wall partition = sketch.across(shell, 2800);
        double before = standing();
        Model whole = sketch.model();
        Change split = sketch.run(new Split(north.id(), new Vec(4000, 4800)));
        assertThat(split.name()).isEqualTo("split wall W2");
        Wall second = named("W6");
        assertThat(length(north)).isCloseTo(4000, within(1e-6));
        assertThat(length(second)).isCloseTo(3200, within(1e-6));
        assertThat(standing()).isCloseTo(before, within(0.5));
        assertThat(sketch.model().get(door.id(), Opening.class)).isEqualTo(door);
        assertThat(sketch.model().get(window.id(), Opening.class).wall()).isEqualTo(second.id());
        assertThat(((Placing.Off) sketch.model().get(window.id(), Opening.class).placing()).distanceMm())
                .as("5,400 less 4,000")
                .isCloseTo(1400, within(1e-6));
        assertThat(sketch.wall(partition).end()).isEqualTo(partition.end());

        sketch.run(new JoinInLine(List.of(second.id(), north.id())));
        assertThat(length(north)).isCloseTo(7200, within(1e-6));
        assertThat(standing()).isCloseTo(before, within(0.5));
        assertThat(sketch.model()).as("as if it had never been split").isEqualTo(whole);
    }

    @Test
    void whatStandsAtTheSplitIsInTheWay() {
        sketch.door(north, 1000, 910);
        sketch.across(shell, 2800);
        assertThat(sketch.refusal(new Split(north.id(), new Vec(1500, 4800))))
                .isEqualTo("W2 cannot be split there: the door D1 is in the way.");
        assertThat(sketch.refusal(new Split(north.id(), new Vec(2800, 4800))))
                .isEqualTo("W2 cannot be split there: the wall W5 is in the way.");
        assertThat(sketch.refusal(new Split(north.id(), new Vec(100, 4800))))
                .isEqualTo("W2 cannot be split so near its end.");
    }

    /** A wall at the corner between two that are joined comes to stand on the side. */
    @Test
    void aWallBetweenTwoThatAreJoinedStandsOnTheirSide() {
        sketch.run(new Split(north.id(), new Vec(4000, 4800)));
        WallEnd.AtCorner corner = (WallEnd.AtCorner) sketch.wall(north).end();
        Corner at = sketch.model().get(corner.corner(), Corner.class);
        sketch.run(new DrawWalls(
                sketch.newWall(Sketch.PARTITION),
                List.of(new Pick(at.at(), new Hold.AtCorner(at.id())), Pick.bare(4000, 2000)),
                false));
        double before = standing();
        sketch.run(new JoinInLine(List.of(north.id(), named("W5").id())));
        assertThat(named("W6").start()).isEqualTo(new WallEnd.OnSide(north.id(), at.at(), Reach.STRUCTURE));
        assertThat(standing()).isCloseTo(before, within(0.5));
    }

    /** Drawn towards each other with 600 between: the second one is turned about, and its door stays. */
    @Test
    void wallsDrawnTowardsEachOtherAreJoinedAcrossTheRoomBetween() {
        Wall one = sketch.run(Sketch.SHELL, false, 20_000, 0, 22_000, 0).getFirst();
        Wall two = Sketch.made(sketch.run(new DrawWalls(
                        NewWall.of(
                                Sketch.STOREY,
                                Sketch.LAYER,
                                Sketch.SHELL,
                                one.setOut(),
                                one.outside().other(),
                                Reach.STRUCTURE),
                        List.of(Pick.bare(26_000, 0), Pick.bare(22_600, 0)),
                        false)))
                .getFirst();
        Opening door = sketch.door(two, 500, 900);
        sketch.run(new JoinInLine(List.of(one.id(), two.id())));
        assertThat(length(one)).isCloseTo(6000, within(1e-6));
        Opening joined = sketch.model().get(door.id(), Opening.class);
        assertThat(sketch.building().solid(one.id()).opening(door.id()).from())
                .as("26,000 - 500 - 900 - 20,000")
                .isCloseTo(4600, within(1e-6));
        assertThat(joined.kind()).isEqualTo(door.kind().turnedAbout());
        assertThat(sketch.area(one, "stud", CUT)).isCloseTo(140 * (6000 - 900), within(0.1));
    }

    @Test
    void wallsThatAreNotAlikeOrNotInLineAreNotJoined() {
        assertThat(sketch.refusal(new JoinInLine(List.of(north.id(), west.id()))))
                .isEqualTo("W1 and W2 are not in line.");
        sketch.run(new Split(north.id(), new Vec(4000, 4800)));
        sketch.run(new Revise(sketch.wall(north).rising(new Rise(new Rise.OnFloor(), new Rise.Fixed(1800)))));
        assertThat(sketch.refusal(new JoinInLine(List.of(north.id(), named("W5").id()))))
                .startsWith("W2 and W5 are not alike:");
    }

    /** 1,500 off either end of the north wall, which shares its corners: what is left keeps its mark, the others stay. */
    @Test
    void aCutUpToAnEndTakesTheEndBack() {
        sketch.run(new CutOut(north.id(), new Vec(5700, 4800), new Vec(7200, 4800)));
        assertThat(length(north)).isCloseTo(5700, within(1e-6));
        assertThat(length(east)).isCloseTo(4800, within(1e-6));
        sketch.run(new CutOut(north.id(), new Vec(0, 4800), new Vec(1500, 4800)));
        Wall left = named("W2");
        assertThat(length(left)).isCloseTo(4200, within(1e-6));
        assertThat(length(west)).isCloseTo(4800, within(1e-6));
        assertThat(sketch.model().all(Wall.class)).hasSize(4);
        assertThat(sketch.refusal(new CutOut(left.id(), new Vec(1500, 4800), new Vec(5700, 4800))))
                .isEqualTo("That is all of W2: delete it instead.");
    }

    /** 1,000 out of 7,200 with the door in it; the partition that stood there is free. */
    @Test
    void aStretchIsCutOutWithWhatIsInIt() {
        Opening door = sketch.door(north, 3050, 910);
        double before = sketch.area(north, "stud", CUT);
        Change change = sketch.run(new CutOut(north.id(), new Vec(4000, 4700), new Vec(3000, 4810)));
        assertThat(change.name()).isEqualTo("cut 1000 out of W2");
        assertThat(sketch.model().find(door.id())).isNull();
        assertThat(length(north)).isCloseTo(3000, within(1e-6));
        assertThat(length(named("W5"))).isCloseTo(3200, within(1e-6));
        double after = sketch.area(north, "stud", CUT) + sketch.area(named("W5"), "stud", CUT);
        assertThat(before - after).isCloseTo(140 * (1000 - 910), within(0.1));
        sketch.door(west, 1000, 910);
        assertThat(sketch.model().all(Opening.class))
                .as("ids given later are free")
                .hasSize(1);
        assertThat(sketch.refusal(new CutOut(west.id(), new Vec(0, 2000), new Vec(50, 2000))))
                .startsWith("Pick two places along W1");
    }

    /** A wing wall runs on to the north wall, is cut at another partition, and cannot run to what lies beside it. */
    @Test
    void aWallRunsToAnotherOrIsCutThere() {
        Wall wing = sketch.partition(Sketch.PARTITION, new Vec(3600, 290), south, new Vec(3600, 2000), null);
        Change extended = sketch.run(new RunTo(wing.id(), End.END, north.id(), Reach.STRUCTURE));
        assertThat(extended.name()).isEqualTo("extend W5 to W2");
        assertThat(sketch.area(wing, "stud", CUT)).isCloseTo(89 * (4800 - 580), within(0.1));
        assertThat(sketch.refusal(new RunTo(wing.id(), End.END, west.id(), Reach.STRUCTURE)))
                .isEqualTo("W5 runs beside W1 and never meets it.");

        Wall level = sketch.partition(Sketch.PARTITION, new Vec(290, 3000), west, new Vec(2000, 3000), null);
        sketch.run(new RunTo(level.id(), End.END, wing.id(), Reach.FACE));
        assertThat(sketch.area(level, "stud", CUT)).as("to the face at 3,543").isCloseTo(89 * 3253, within(0.1));
        Wall lower = sketch.across(shell, 2500);
        assertThat(lower.mark()).as("drawn across, it is two").isEqualTo("W7");
        Change cut = sketch.run(new RunTo(level.id(), End.END, lower.id(), Reach.FACE));
        assertThat(cut.name()).isEqualTo("cut W6 to W7");
        assertThat(sketch.area(level, "stud", CUT)).as("to the face at 2,443").isCloseTo(89 * 2153, within(0.1));
        assertThat(sketch.area(lower, "stud", CUT)).as("one again").isCloseTo(89 * (4800 - 580), within(0.1));

        Wall outside =
                sketch.run(Sketch.PARTITION, false, 9000, 6000, 12_000, 6000).getFirst();
        assertThat(sketch.refusal(new RunTo(outside.id(), End.START, east.id(), Reach.STRUCTURE)))
                .isEqualTo("W8 would pass W3 1200 beyond its end.");
        assertThat(sketch.refusal(new RunTo(level.id(), End.START, wing.id(), Reach.STRUCTURE)))
                .isEqualTo("W5 lies behind the other end of W6: point at that end instead.");
    }

    /** The wall that stood on the one cut makes a corner with it. */
    @Test
    void aWallCutAtOneThatStandsOnItMakesACorner() {
        Wall level = sketch.partition(Sketch.PARTITION, new Vec(290, 3000), west, new Vec(6910, 3000), east);
        Wall wing = sketch.partition(Sketch.PARTITION, new Vec(3600, 290), south, new Vec(3600, 2943), level);
        sketch.run(new RunTo(level.id(), End.END, wing.id(), Reach.STRUCTURE));
        assertThat(sketch.wall(level).end()).isEqualTo(sketch.wall(wing).end()).isInstanceOf(WallEnd.AtCorner.class);
        assertThat(sketch.building().strip(level.id()).axis().end().distanceTo(new Vec(3600, 3000)))
                .isLessThan(1e-6);
    }

    /** A corner takes both its walls along; an end comes to stand on what it is taken to, or is free. */
    @Test
    void endsAndCornersAreTakenElsewhere() {
        Change corner = sketch.run(new MoveEnd(north.id(), End.END, Pick.bare(8000, 5000), Reach.STRUCTURE));
        assertThat(corner.name()).isEqualTo("move corner of W2, W3");
        assertThat(sketch.building().strip(east.id()).axis().start()).isEqualTo(new Vec(8000, 5000));
        sketch.apply(corner.inverse());

        Wall wing = sketch.partition(Sketch.PARTITION, new Vec(3600, 290), south, new Vec(3600, 2000), null);
        sketch.run(new MoveEnd(wing.id(), End.END, Pick.bare(3600, 2500), Reach.STRUCTURE));
        assertThat(sketch.wall(wing).end()).as("its corner goes along").isEqualTo(wing.end());
        sketch.run(new MoveEnd(wing.id(), End.END, Pick.bare(3600, 4495), Reach.STRUCTURE));
        assertThat(sketch.wall(wing).end())
                .as("15 short of the wall is meant to meet it")
                .isInstanceOf(WallEnd.OnSide.class);
        assertThat(sketch.model().all(Corner.class))
                .as("no corner is left behind")
                .hasSize(4);
        sketch.run(new MoveEnd(wing.id(), End.END, Pick.bare(3600, 3000), Reach.STRUCTURE));
        assertThat(sketch.wall(wing).end()).isInstanceOf(WallEnd.AtCorner.class);
        assertThat(length(wing)).isCloseTo(3000, within(1e-6));
    }

    @Test
    void severalWallsAreRevisedInOneEdit() {
        Rise low = new Rise(new Rise.OnFloor(), new Rise.Fixed(1100));
        Change change = sketch.run(new ReviseAll(List.of(north.rising(low), south.rising(low))));
        assertThat(change.name()).isEqualTo("change 2 things");
        assertThat(sketch.wall(south).rise()).isEqualTo(low);
    }
}
