package org.leanlintel.core.building.join;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Sketch.LINED;
import static org.leanlintel.core.Sketch.PARTITION;
import static org.leanlintel.core.Sketch.SHELL;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.sound.CutWholeNews;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Meeting;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/** What the drafter decides about a junction, free ends, and more than two walls at a corner; worked by hand. */
class DecidedJunctionsTest {

    private static final double CUT = 1200;
    private final Sketch sketch = new Sketch();

    private Corner startOf(Wall wall) {
        return sketch.model().get(((WallEnd.AtCorner) wall.start()).corner(), Corner.class);
    }

    private void decide(Corner corner, Meeting meeting) {
        sketch.run(new Revise(corner.decided(meeting)));
    }

    private Wall middle(ElementId buildUp, Pick from, double x, double y) {
        Change change = sketch.run(new DrawWalls(
                NewWall.of(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        buildUp,
                        new SetOut.MiddleOfStructure(),
                        Side.LEFT,
                        WallEnd.Reach.STRUCTURE),
                List.of(from, Pick.bare(x, y)),
                false));
        return (Wall) change.after().stream()
                .filter(Wall.class::isInstance)
                .findFirst()
                .orElseThrow();
    }

    private Pick at(Corner corner) {
        return new Pick(corner.at(), new Hold.AtCorner(corner.id()));
    }

    /** Studs of 140 at 150 to 290 from the outside: shared, each is cut on the slant; run through, one gains 70, one loses 70. */
    @Test
    void oneStructureRunsThroughACornerAndTheOtherStops() {
        List<Wall> shell = sketch.run(SHELL, true, 0, 0, 0, 4800, 7200, 4800, 7200, 0);
        Wall west = shell.get(0), south = shell.get(3);
        double shared = 140 * (4800 - 220 - 220);
        assertThat(sketch.area(west, "stud", CUT)).isCloseTo(shared, within(0.5));
        double union = Area.union(sketch.cutAt(CUT)).mm2();

        decide(startOf(west), new Meeting.Through(west.id()));
        assertThat(sketch.area(west, "stud", CUT)).isCloseTo(140 * (4800 - 150 - 220), within(0.5));
        assertThat(sketch.area(south, "stud", CUT)).isCloseTo(140 * (7200 - 290 - 220), within(0.5));
        assertThat(sketch.area(west, "brick", CUT)).as("brick turns as before").isCloseTo(100 * 4700, within(0.5));
        assertThat(Area.union(sketch.cutAt(CUT)).mm2()).isCloseTo(union, within(0.5));

        sketch.run(new Move(List.of(south.id()), new Vec(0, -300)));
        assertThat(sketch.area(west, "stud", CUT))
                .as("it survives a move")
                .isCloseTo(140 * (5100 - 150 - 220), within(0.5));
    }

    @Test
    void aDecisionGoesWithTheWallItNames() {
        List<Wall> shell = sketch.run(SHELL, true, 0, 0, 0, 4800, 7200, 4800, 7200, 0);
        decide(startOf(shell.get(0)), new Meeting.Through(shell.get(3).id()));
        sketch.run(new Delete(List.of(shell.get(3).id())));
        assertThat(startOf(shell.get(0)).meeting()).isEqualTo(new Meeting.ByRule());
        assertThat(sketch.tryRun(new Revise(startOf(shell.get(0)).decided(new Meeting.Through(Sketch.id("gone"))))))
                .isInstanceOf(Refusal.class);
    }

    /** Boards of 12.5 on both faces and across the end: 89 x 12.5 of board where there was stud. */
    @Test
    void aLiningReturnsRoundAFreeEnd() {
        Wall wall = middle(PARTITION, Pick.bare(0, 0), 3000, 0);
        assertThat(sketch.area(wall, "stud", CUT)).isCloseTo(89 * 3000, within(0.01));
        decide(startOf(wall), new Meeting.Returned());
        assertThat(sketch.area(wall, "stud", CUT)).isCloseTo(89 * 2987.5, within(0.01));
        assertThat(sketch.area(wall, "board", CUT)).isCloseTo(2 * 12.5 * 3000 + 89 * 12.5, within(0.01));
        assertThat(Area.union(sketch.cutAt(CUT)).mm2()).isCloseTo(114 * 3000, within(0.01));
        Wall bare = middle(LINED, Pick.bare(0, 2000), 3000, 2000);
        decide(startOf(bare), new Meeting.Returned());
        assertThat(sketch.area(bare, "board", CUT))
                .as("140 x 15 across the end")
                .isCloseTo(15 * 3000 + 140 * 15, within(0.01));
    }

    /**
     * Three at 120 degrees, half structure 44.5: faces of neighbours meet 44.5 tan 30 = 25.692 from the corner, and each
     * structure ends in a point at the corner, so it loses a triangle of 89 x 25.692 / 2.
     */
    @Test
    void threePartitionsShareTheMiddle() {
        Wall one = middle(PARTITION, Pick.bare(0, 0), 3000, 0);
        Pick corner = at(startOf(one));
        for (double angle : new double[] {120, 240}) {
            Vec far = Vec.ofAngle(Math.toRadians(angle)).times(3000);
            middle(PARTITION, corner, far.x(), far.y());
        }
        double faces = 44.5 * Math.tan(Math.toRadians(30)), outer = 57 * Math.tan(Math.toRadians(30));
        assertThat(sketch.area(one, "stud", CUT)).isCloseTo(89 * 3000 - 89 * faces / 2, within(0.5));
        assertThat(sketch.area(one, "board", CUT)).isCloseTo(2 * 12.5 * (3000 - (faces + outer) / 2), within(0.5));
        List<Area> plies = sketch.cutAt(CUT);
        assertThat(Area.union(plies).mm2())
                .isCloseTo(plies.stream().mapToDouble(Area::mm2).sum(), within(Tolerance.SLIVER_MM2));
    }

    /** Four at right angles: 140 of structure is thicker than 89 and runs through, unless it is decided otherwise. */
    @Test
    void atACrossingTheThickerStructureRunsThroughOrTheChosenOne() {
        sketch.put(Sketch.buildUp(
                "thick",
                Sketch.ply("board", 15, Does.LINING),
                Sketch.ply("stud", 140, Does.CARRIES),
                Sketch.ply("board", 15, Does.LINING)));
        Wall east = middle(PARTITION, Pick.bare(0, 0), 3000, 0);
        Corner corner = startOf(east);
        middle(PARTITION, at(corner), -3000, 0);
        Wall north = middle(Sketch.id("thick"), at(corner), 0, 3000);
        middle(Sketch.id("thick"), at(corner), 0, -3000);
        assertThat(sketch.area(north, "stud", CUT)).isCloseTo(140 * 3000, within(0.5));
        assertThat(sketch.area(east, "stud", CUT)).isCloseTo(89 * (3000 - 70), within(0.5));
        decide(corner, new Meeting.Through(east.id()));
        assertThat(sketch.area(east, "stud", CUT)).isCloseTo(89 * 3000, within(0.5));
        assertThat(sketch.area(north, "stud", CUT)).isCloseTo(140 * (3000 - 44.5), within(0.5));
    }

    /** 20 mm short of the face at 290, 20 mm past the outer face, and 40 mm short, which is a gap. */
    @Test
    void anEndDrawnAHairShortOrPastIsAttached() {
        Wall shell = sketch.run(SHELL, false, 0, 0, 0, 6000).getFirst();
        for (double x : new double[] {310, -20}) {
            Wall near = middle(PARTITION, Pick.bare(3000, 3000), x, 3000);
            assertThat(near.end()).isInstanceOf(WallEnd.OnSide.class);
            assertThat(sketch.area(near, "stud", CUT)).isCloseTo(89 * (3000 - 290), within(0.01));
            sketch.run(new Delete(List.of(near.id())));
        }
        assertThat(middle(PARTITION, Pick.bare(3000, 3000), 330, 3000).end()).isInstanceOf(WallEnd.AtCorner.class);
        Wall beside = middle(PARTITION, Pick.bare(-3000, 6000), 20, 6000);
        assertThat(beside.end()).as("a corner on its own line").isEqualTo(shell.end());
    }

    /**
     * Across a run in line stand two partitions of 114, 12 degrees apart: what stands on the run's side can't be joined ply by
     * ply there. Cut whole, the faces of the two meet 57 / tan 6 = 542.3 from the corner, and nothing lies twice.
     */
    @Test
    void wallsThatCannotBeJoinedPlyByPlyAreCutWhole() {
        Wall one = middle(PARTITION, Pick.bare(0, 0), 3000, 0);
        middle(PARTITION, at(startOf(one)), -3000, 0);
        Wall upright = middle(PARTITION, at(startOf(one)), 0, 3000);
        assertThat(startOf(one).meeting()).isEqualTo(new Meeting.ByRule());
        Building before = sketch.building();
        Vec close = Vec.ofAngle(Math.toRadians(78)).times(3000);
        Wall slanting = middle(PARTITION, at(startOf(one)), close.x(), close.y());

        assertThat(startOf(one).meeting()).isEqualTo(new Meeting.Mitred());
        assertThat(CutWholeNews.between(before.model(), sketch.model()))
                .containsExactly("W1, W2, W3, W4 are cut whole where they meet, not joined ply by ply.");
        List<Area> plies = sketch.cutAt(CUT);
        double sum = plies.stream().mapToDouble(Area::mm2).sum();
        assertThat(Area.union(plies).mm2()).isCloseTo(sum, within(Tolerance.SLIVER_MM2));
        assertThat(Area.union(plies).holesMm2()).isZero();
        double inner = 57 / Math.tan(Math.toRadians(6)), outer = 57;
        assertThat(sketch.area(upright, "board", CUT))
                .as("each board is cut where its faces reach the cut")
                .isCloseTo(12.5 * (3000 - inner * (1 - 6.25 / 57) + 3000 - outer * (1 - 6.25 / 57)), within(0.5));

        sketch.run(new Delete(List.of(slanting.id())));
        assertThat(startOf(one).meeting())
                .as("three that are cut whole stay so")
                .isEqualTo(new Meeting.Mitred());
        sketch.run(new Delete(List.of(upright.id())));
        assertThat(startOf(one).meeting()).as("two turn the corner ply by ply").isEqualTo(new Meeting.ByRule());
    }

    @Test
    void whatADrafterDecidedAndDoesNotFitIsRefusedInWords() {
        Wall one = middle(PARTITION, Pick.bare(0, 0), 3000, 0);
        middle(PARTITION, at(startOf(one)), -3000, 0);
        assertThat(sketch.tryRun(new Revise(startOf(one).decided(new Meeting.Mitred()))))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.sentence()).startsWith("Only three or more straight walls"));
        middle(PARTITION, at(startOf(one)), 0, 3000);
        Vec close = Vec.ofAngle(Math.toRadians(78)).times(3000);
        middle(PARTITION, at(startOf(one)), close.x(), close.y());
        assertThat(sketch.tryRun(new Revise(startOf(one).decided(new Meeting.Through(one.id())))))
                .isInstanceOfSatisfying(
                        Refusal.class, r -> assertThat(r.sentence()).contains("do not fit together at one corner"));
    }

    /**
     * A pinwheel: four walls of 114, each with its body to the left of its line. Every one keeps its whole length, and
     * together they make a square of 228 in the middle.
     */
    @Test
    void fourWallsThatStandEachBesideItsLineAreCutWhole() {
        Pick centre = Pick.bare(0, 0);
        for (int i = 0; i < 4; i++) {
            Vec far = Vec.ofAngle(i * Math.PI / 2).times(3000);
            sketch.run(new DrawWalls(
                    NewWall.of(
                            Sketch.STOREY,
                            Sketch.LAYER,
                            PARTITION,
                            new SetOut.OnFace(0),
                            Side.RIGHT,
                            WallEnd.Reach.STRUCTURE),
                    List.of(centre, Pick.bare(far.x(), far.y())),
                    false));
            centre = at(startOf(sketch.model().all(Wall.class).iterator().next()));
        }
        List<Area> plies = sketch.cutAt(CUT);
        assertThat(Area.union(plies).mm2()).isCloseTo(4 * 114 * 3000.0, within(0.5));
        assertThat(plies.stream().mapToDouble(Area::mm2).sum()).isCloseTo(4 * 114 * 3000.0, within(0.5));
    }

    /**
     * Two partitions of 114 set out on their middles at 20 degrees would meet in a tip 57 / sin 10 = 328.2 beyond the
     * corner, 656.5 from where their inner faces meet; it is cut 4 x 114 = 456 from there. What is cut off is a triangle
     * 200.5 high and 2 x 200.5 x tan 10 = 70.7 wide.
     */
    @Test
    void aVeryAcuteCornerIsBlunted() {
        double angle = Math.toRadians(20), reach = 57 / Math.sin(angle / 2), off = 2 * reach - 456;
        Wall one = middle(PARTITION, Pick.bare(0, 0), 6000, 0);
        middle(PARTITION, at(startOf(one)), 6000 * Math.cos(angle), 6000 * Math.sin(angle));
        List<Area> plies = sketch.cutAt(CUT);
        Area whole = Area.union(plies);
        double sum = plies.stream().mapToDouble(Area::mm2).sum();
        assertThat(whole.mm2()).as("nothing overlaps").isCloseTo(sum, within(0.5));
        assertThat(whole.mm2()).isCloseTo(2 * 114 * 6000 - off * off * Math.tan(angle / 2), within(1.0));
        assertThat(whole.rings()).hasSize(1);
        assertThat(whole.rings().getFirst()).noneMatch(p -> p.length() > 300 && p.x() < 0);
    }

    /** Shell of 290 in line with one of 155, a partition of 114 under the step: the thicker runs on to its far side. */
    @Test
    void aWallStandsUnderAStepOfTwoInLine() {
        Wall thick = sketch.run(SHELL, false, 0, 0, 4000, 0).getFirst();
        Wall thin = sketch.run(LINED, false, 4000, 0, 8000, 0).getFirst();
        Pick corner = new Pick(new Vec(4000, 0), new Hold.AtCorner(startOf(thin).id()));
        Wall partition = middle(PARTITION, corner, 4000, -3000);
        assertThat(sketch.area(thick, "stud", CUT)).isCloseTo(140 * 4057, within(0.01));
        assertThat(sketch.area(thin, "stud", CUT)).isCloseTo(140 * 3943, within(0.01));
        assertThat(sketch.area(thin, "board", CUT)).isCloseTo(15 * 3943, within(0.01));
        assertThat(sketch.area(partition, "stud", CUT)).isCloseTo(89 * (3000 - 290), within(0.01));
        List<Area> plies = sketch.cutAt(CUT);
        double sum = plies.stream().mapToDouble(Area::mm2).sum();
        assertThat(Area.union(plies).mm2()).as("no overlap").isCloseTo(sum, within(Tolerance.OVERLAP_MM2));
        double whole = 290 * 4057 + 155 * 3943 + 114 * (3000 - 290);
        assertThat(sum).as("no gap").isCloseTo(whole, within(1.0));
    }
}
