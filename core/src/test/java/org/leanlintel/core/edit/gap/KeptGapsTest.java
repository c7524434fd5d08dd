package org.leanlintel.core.edit.gap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.carry.Turn;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.wall.RemakeWalls;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Gap.Faces;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;

/** Kept gaps: a chain of three, contradictions, what is in the way, letting go. Partitions of 114 mm across a shell. */
class KeptGapsTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(9000, 4800);
    private final Wall a = sketch.across(shell, 2000), b = sketch.across(shell, 3500), c = sketch.across(shell, 5000);

    private static Gap.Beside right(Wall wall, Wall other) {
        return new Gap.Beside(wall.id(), Side.RIGHT, other.id());
    }

    private KeptGap keep(Wall wall, Wall other, double mm) {
        Change change = sketch.run(new KeepGap(right(wall, other), Faces.FINISH, mm));
        return (KeptGap) change.after().stream()
                .filter(KeptGap.class::isInstance)
                .findFirst()
                .orElseThrow();
    }

    private void expectLines(double ofA, double ofB, double ofC) {
        assertThat(List.of(sketch.lineOf(a), sketch.lineOf(b), sketch.lineOf(c)))
                .usingElementComparator((x, y) -> Math.abs(x - y) < 1e-6 ? 0 : Double.compare(x, y))
                .containsExactly(ofA, ofB, ofC);
    }

    private void move(Wall wall, double by) {
        sketch.run(new Move(List.of(wall.id()), new Vec(by, 0)));
    }

    /** 1,500 less 114 is 1,386 between each two. */
    @Test
    void aChainOfThreeMovesTogether() {
        keep(a, b, 1386);
        keep(b, c, 1386);
        move(a, 100);
        expectLines(2100, 3600, 5100);
        move(b, -50);
        expectLines(2050, 3550, 5050);
        move(c, 250);
        expectLines(2300, 3800, 5300);
    }

    /** Kept at 900, b's partner gives way: a comes to 3,500 - 114 - 900. */
    @Test
    void keepingAnotherValueMovesTheWallFirst() {
        Change change = sketch.run(new KeepGap(right(a, b), Faces.FINISH, 900));
        assertThat(change.name()).isEqualTo("keep 900 between W5 and W6");
        expectLines(2486, 3500, 5000);
        sketch.run(new KeepGap(right(a, b), Faces.FINISH, 1000));
        assertThat(sketch.model().all(KeptGap.class))
                .as("kept once, at the last value")
                .hasSize(1);
        expectLines(2386, 3500, 5000);
    }

    /** a to c is 2 x 1,386 + 114 = 2,886 while both others are kept. */
    @Test
    void twoThatContradictEachOtherAreRefused() {
        keep(a, b, 1386);
        keep(b, c, 1386);
        keep(a, c, 2886);
        assertThat(sketch.refusal(new KeepGap(right(a, c), Faces.FINISH, 2900)))
                .contains("is kept between")
                .contains("neither can give way")
                .contains("Let that gap go first");
        assertThat(sketch.refusal(new SetGap(right(b, c), Faces.FINISH, 1000, false)))
                .isEqualTo("The gap between W6 and W7 is kept at 1386. Let it go first, or keep it at another value.");
    }

    @Test
    void aGapThatKeptOnesHoldIsNotSetElsewhere() {
        keep(a, b, 1386);
        keep(b, c, 1386);
        assertThat(sketch.refusal(new SetGap(right(a, c), Faces.FINISH, 3000, false)))
                .isEqualTo("W5 and W7 cannot come to 3000: kept gaps hold them at 2886. Let one of those go first.");
    }

    @Test
    void whatIsInTheWayIsSaid() {
        keep(a, b, 1386);
        keep(b, c, 1386);
        assertThat(sketch.refusal(new Move(List.of(a.id()), new Vec(3800, 0))))
                .startsWith("To hold a kept gap, W6, W7 must move too. Then: ");
        expectLines(2000, 3500, 5000);
    }

    @Test
    void lettingAGapGoFreesTheWalls() {
        KeptGap kept = keep(a, b, 1386);
        Change gone = sketch.run(new Delete(List.of(kept.id())));
        assertThat(gone.name()).isEqualTo("delete kept gap");
        move(a, 100);
        expectLines(2100, 3500, 5000);
        sketch.run(new KeepGap(right(a, b), Faces.FINISH, 1286));
        sketch.run(new Delete(List.of(b.id())));
        assertThat(sketch.model().all(KeptGap.class))
                .as("goes with a wall it lies at")
                .isEmpty();
    }

    /** Lined is 155: its stud of 140 keeps the middle, so its right face goes from 57 to 85 and its left from 57 to 70. */
    @Test
    void anotherBuildUpHoldsTheGapToo() {
        keep(a, b, 1386);
        sketch.run(new RemakeWalls(List.of(b.id()), Sketch.LINED, new RemakeWalls.At(new SetOut.MiddleOfStructure())));
        assertThat(sketch.lineOf(b)).as("every wall keeps its set-out line").isCloseTo(3500, within(1e-6));
        double face = sketch.building().strip(b.id()).hi();
        assertThat(sketch.lineOf(a)).isCloseTo(3500 - face - 1386 - 57, within(1e-6));
    }

    @Test
    void undoPutsBackWhatGaveWay() {
        keep(a, b, 1386);
        Model before = sketch.model();
        Change change = sketch.run(new Move(List.of(a.id()), new Vec(100, 0)));
        assertThat(change.name()).isEqualTo("move wall W5");
        sketch.apply(change.inverse());
        assertThat(sketch.model()).isEqualTo(before);
    }

    @Test
    void wallsThatNoLongerLieBesideEachOtherAreRefused() {
        Wall free = sketch.run(Sketch.PARTITION, false, 12_000, 0, 12_000, 3000).getFirst();
        Wall other =
                sketch.run(Sketch.PARTITION, false, 14_000, 0, 14_000, 3000).getFirst();
        sketch.run(new KeepGap(right(free, other), Faces.FINISH, 1886));
        assertThat(sketch.refusal(new Turn(List.of(other.id()), new Vec(14_000, 0), 0.5, false)))
                .contains("would no longer lie beside each other");
    }
}
