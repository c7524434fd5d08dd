package org.leanlintel.core.building.join;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Sketch.LINED;
import static org.leanlintel.core.Sketch.PARTITION;
import static org.leanlintel.core.Sketch.SHELL;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Wall;

/** Joins worked by hand. */
class JunctionsTest {

    private static final double CUT = 1200;
    private final Sketch sketch = new Sketch();

    /** Clockwise from the lower left, so that the outside is on the left of the run. */
    private List<Wall> rectangle(double width, double height) {
        return sketch.run(SHELL, true, 0, 0, 0, height, width, height, width, 0);
    }

    @Test
    void closedShellHasTheAreaBetweenItsOuterAndInnerFaces() {
        rectangle(7200, 4800);
        double expected = (7.2 * 4.8 - 6.62 * 4.22) * 1e6;
        List<Area> plies = sketch.cutAt(CUT);
        assertThat(plies.stream().mapToDouble(Area::mm2).sum()).isCloseTo(expected, within(1.0));
        assertThat(Area.union(plies).mm2()).isCloseTo(expected, within(1.0));
        assertThat(Area.union(plies).rings()).hasSize(2);
    }

    @Test
    void eachPlyOfAShellTurnsTheCorner() {
        rectangle(7200, 4800);
        double brick = (7.2 * 4.8 - 7.0 * 4.6) * 1e6;
        double stud = (6.9 * 4.5 - 6.62 * 4.22) * 1e6;
        assertThat(total("brick")).isCloseTo(brick, within(1.0));
        assertThat(total("stud")).isCloseTo(stud, within(1.0));
    }

    private double total(String material) {
        return sketch.model().all(Wall.class).stream()
                .mapToDouble(w -> sketch.area(w, material, CUT))
                .sum();
    }

    /** Stud 89 wide, 15 longer than the linings at the shell's end; the shell's lining loses 89. */
    @Test
    void partitionGoesThroughTheLiningToTheStructure() {
        Wall shell = sketch.run(LINED, false, 0, 0, 0, 6000).getFirst();
        double liningBefore = sketch.area(shell, "board", CUT);
        Wall partition = sketch.partition(PARTITION, new Vec(155, 3000), shell, new Vec(3000, 3000), null);

        double toLining = 3000 - 155, toStructure = 3000 - 140;
        assertThat(sketch.area(partition, "board", CUT)).isCloseTo(2 * 12.5 * toLining, within(0.01));
        assertThat(sketch.area(partition, "stud", CUT)).isCloseTo(89 * toStructure, within(0.01));
        assertThat(liningBefore - sketch.area(shell, "board", CUT)).isCloseTo(89 * 15, within(0.01));
        assertThat(sketch.area(shell, "stud", CUT)).isCloseTo(140 * 6000, within(0.01));
    }

    @Test
    void slantingPartitionLeavesNoGapAndNoOverlap() {
        Wall shell = sketch.run(LINED, false, 0, 0, 0, 6000).getFirst();
        sketch.partition(PARTITION, new Vec(155, 2000), shell, new Vec(2500, 4100), null);
        List<Area> plies = sketch.cutAt(CUT);
        assertThat(Area.union(plies).pieces()).isEqualTo(1);
        assertThat(Area.union(plies).rings()).as("no holes").hasSize(1);
        assertThat(Area.union(plies).mm2())
                .isCloseTo(plies.stream().mapToDouble(Area::mm2).sum(), within(1.0));
    }

    /** Brick of the one turns into the facing of the other; the cavity of the one stops at the facing of the other. */
    @Test
    void differentBuildUpsShareTheCornerPlyByPly() {
        sketch.put(
                Sketch.buildUp("boarded", Sketch.ply("brick", 20, Does.FACING), Sketch.ply("stud", 140, Does.CARRIES)));
        Wall first = sketch.run(SHELL, false, 0, 0, 0, 5000).getFirst();
        Wall second =
                sketch.run(Sketch.id("boarded"), false, 0, 5000, 5000, 5000).getFirst();

        // In corner coordinates (a from the first's outer face, b from the second's): structure meets on the line from
        // (150, 20) to (290, 160); the facings on the line from (0, 0) to (100, 20); the cavity stops at b = 20.
        assertThat(sketch.area(first, "stud", CUT)).isCloseTo(140 * (5000 - (20 + 160) / 2.0), within(0.01));
        assertThat(sketch.area(first, "brick", CUT)).isCloseTo(100 * (5000 - 10), within(0.01));
        assertThat(sketch.area(first, "air", CUT)).isCloseTo(50 * (5000 - 20), within(0.01));
        assertThat(sketch.area(second, "stud", CUT)).isCloseTo(140 * (5000 - (150 + 290) / 2.0), within(0.01));
        assertThat(sketch.area(second, "brick", CUT)).isCloseTo(20 * (5000 - 50), within(0.01));
        List<Area> plies = sketch.cutAt(CUT);
        assertThat(Area.union(plies).mm2()).isCloseTo(290 * 5000.0 + 160 * 5000.0 - 290 * 160.0, within(1.0));
    }

    @Test
    void wideningTheShellKeepsItsSetOutLineAndPartitionsStillMeetIt() {
        List<Wall> shell = rectangle(7200, 4800);
        Wall partition =
                sketch.partition(PARTITION, new Vec(3600, 4510), shell.get(1), new Vec(3600, 290), shell.get(3));
        assertThat(sketch.area(partition, "stud", CUT)).isCloseTo(89 * (4800 - 2 * 290), within(0.01));

        sketch.run(new Revise(Sketch.buildUp(
                "shell",
                Sketch.ply("brick", 100, Does.FACING),
                Sketch.ply("air", 50, Does.AIR_GAP),
                Sketch.ply("stud", 190, Does.CARRIES))));

        assertThat(sketch.building().strip(shell.get(1).id()).axis().start()).isEqualTo(new Vec(0, 4800));
        assertThat(sketch.area(partition, "stud", CUT)).isCloseTo(89 * (4800 - 2 * 340), within(0.01));
        List<Area> plies = sketch.cutAt(CUT);
        assertThat(Area.union(plies).mm2())
                .isCloseTo(plies.stream().mapToDouble(Area::mm2).sum(), within(1.0));
    }

    @Test
    void movingAWallTakesItsNeighboursEndsAlong() {
        List<Wall> shell = rectangle(7200, 4800);
        Wall partition =
                sketch.partition(PARTITION, new Vec(290, 2400), shell.get(0), new Vec(6910, 2400), shell.get(2));
        sketch.run(new Move(List.of(shell.get(2).id()), new Vec(300, 70)));

        assertThat(sketch.building().strip(shell.get(1).id()).length()).isCloseTo(7500, within(1e-9));
        assertThat(sketch.building().strip(shell.get(2).id()).length())
                .as("moves square to itself")
                .isCloseTo(4800, within(1e-9));
        assertThat(sketch.area(partition, "stud", CUT)).isCloseTo(89 * (7500 - 580), within(0.01));
    }

    @Test
    void wallsInLineOfOneBuildUpMeetSquare() {
        sketch.run(SHELL, false, 0, 0, 0, 3000);
        sketch.run(SHELL, false, 0, 3000, 0, 7000);
        assertThat(total("brick")).isCloseTo(100 * 7000, within(0.01));
        assertThat(Area.union(sketch.cutAt(CUT)).pieces()).isEqualTo(1);
    }

    @Test
    void aThirdWallAtACornerStandsAgainstTheOthers() {
        sketch.run(SHELL, false, 0, 0, 0, 3000, 0, 6000);
        sketch.run(PARTITION, false, 0, 3000, 4000, 3000);
        List<Area> plies = sketch.cutAt(CUT);
        assertThat(Area.union(plies).mm2())
                .isCloseTo(plies.stream().mapToDouble(Area::mm2).sum(), within(1.0));
        assertThat(Area.union(plies).pieces()).isEqualTo(1);
    }
}
