package org.leanlintel.core.edit.gap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.feature.Gaps;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.wall.PlacePiece;
import org.leanlintel.core.edit.wall.Split;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Gap.Faces;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;

/** Gaps beside and ahead of walls, and typing into them. Shell 7,200 by 4,800 in 290 mm, partitions of 114 mm. */
class GapsTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);
    private final Wall west = shell.get(0), east = shell.get(2);
    private final Wall middle = sketch.across(shell, 3600);

    private List<Gaps.Measured> gaps(Wall wall, Faces faces) {
        return Gaps.of(sketch.building(), wall.id(), faces);
    }

    private static Gap beside(Wall wall, Side side, Wall other) {
        return new Gap.Beside(wall.id(), side, other.id());
    }

    private double clear(Gap gap, Faces faces) {
        return Gaps.of(sketch.building(), gap, faces).clearMm();
    }

    /** 3,600 less half a partition and the shell: 3,600 - 57 - 290 = 3,253. Its stud is 12.5 behind its lining. */
    @Test
    void measuresBetweenTheFacesAskedFor() {
        assertThat(gaps(middle, Faces.FINISH))
                .extracting(Gaps.Measured::gap)
                .containsExactly(beside(middle, Side.LEFT, west), beside(middle, Side.RIGHT, east));
        assertThat(clear(beside(middle, Side.LEFT, west), Faces.FINISH)).isCloseTo(3253, within(1e-6));
        assertThat(clear(beside(middle, Side.LEFT, west), Faces.STRUCTURE)).isCloseTo(3265.5, within(1e-6));
        assertThat(clear(beside(middle, Side.LEFT, west), Faces.MIDDLE)).isCloseTo(3600 - 220, within(1e-6));
    }

    /** A lining of its own counts: 3,253 - 10. */
    @Test
    void aLiningOfItsOwnCountsInTheFinish() {
        WallPiece.Make tiles = new WallPiece.Lined(List.of(Sketch.ply("board", 10, Does.LINING)));
        sketch.run(new PlacePiece(middle.id(), Sketch.LAYER, Side.LEFT, new WallPiece.Whole(), 0, 2000, tiles));
        assertThat(clear(beside(middle, Side.LEFT, west), Faces.FINISH)).isCloseTo(3243, within(1e-6));
        assertThat(clear(beside(middle, Side.LEFT, west), Faces.STRUCTURE)).isCloseTo(3265.5, within(1e-6));
    }

    @Test
    void aNearerWallHidesWhatLiesBehindIt() {
        Wall second = sketch.across(shell, 2000);
        assertThat(gaps(middle, Faces.FINISH)).extracting(g -> g.gap().other()).containsExactly(second.id(), east.id());
        Wall half = sketch.partition(Sketch.PARTITION, new Vec(5000, 290), shell.get(3), new Vec(5000, 2000), null);
        assertThat(gaps(middle, Faces.FINISH))
                .as("the half wall hides a part of the east wall only")
                .extracting(g -> g.gap().other())
                .containsExactly(second.id(), half.id(), east.id());
    }

    /** 290 + 3,000 + 57 = 3,347; the east wall moves out by what was missing when it is to move. */
    @Test
    void theWallOrItsNeighbourMoves() {
        Opening door = sketch.door(middle, 1000, 910);
        Change change = sketch.run(new SetGap(beside(middle, Side.LEFT, west), Faces.FINISH, 3000, false));
        assertThat(change.name()).isEqualTo("set gap of W5 to W1 to 3000");
        assertThat(sketch.lineOf(middle)).isCloseTo(3347, within(1e-6));
        assertThat(sketch.model().get(door.id(), Opening.class))
                .as("the door keeps its rule")
                .isEqualTo(door);

        sketch.run(new SetGap(beside(middle, Side.RIGHT, east), Faces.FINISH, 3600, true));
        assertThat(sketch.lineOf(middle)).isCloseTo(3347, within(1e-6));
        assertThat(sketch.lineOf(east)).isCloseTo(3347 + 57 + 3600 + 290, within(1e-6));
        assertThat(sketch.building().strip(shell.get(1).id()).length())
                .as("the walls joined to it stretch")
                .isCloseTo(3347 + 57 + 3600 + 290, within(1e-6));
    }

    /** From the free end of a wing wall at 2,000 to the partition's face at 3,543. */
    @Test
    void aFreeEndHasAGapAhead() {
        Wall wing = sketch.partition(Sketch.PARTITION, new Vec(290, 2400), west, new Vec(2000, 2400), null);
        Gap ahead = new Gap.Ahead(wing.id(), End.END, middle.id());
        assertThat(gaps(wing, Faces.FINISH)).extracting(Gaps.Measured::gap).contains(ahead);
        assertThat(clear(ahead, Faces.FINISH)).isCloseTo(1543, within(1e-6));
        sketch.run(new SetGap(ahead, Faces.FINISH, 900, false));
        assertThat(sketch.building().strip(wing.id()).axis().end().x()).isCloseTo(3543 - 900, within(1e-6));
        sketch.run(new SetGap(ahead, Faces.FINISH, 1000, true));
        assertThat(sketch.lineOf(middle)).isCloseTo(3543 - 900 + 1000 + 57, within(1e-6));
    }

    @Test
    void whatCannotBeIsRefusedInWords() {
        Gap gap = beside(middle, Side.LEFT, west);
        assertThat(sketch.refusal(new SetGap(gap, Faces.FINISH, 3253, false))).isEqualTo("That gap is 3253 already.");
        assertThat(sketch.refusal(new SetGap(gap, Faces.FINISH, 7000, false)))
                .isEqualTo(
                        "W5 would meet W2 past its end or in its corner: draw it 494 further along W2, or from the corner itself.");
        assertThat(sketch.refusal(new SetGap(beside(middle, Side.LEFT, shell.get(1)), Faces.FINISH, 100, false)))
                .isEqualTo("W5 and W2 do not lie beside each other any more, so there is no gap between them.");
    }

    /** In line with the north wall after it was split, the other half goes along. */
    @Test
    void whatRunsOnInLineMovesWithAWall() {
        Change split = sketch.run(new Split(shell.get(1).id(), new Vec(5000, 4800)));
        Wall other = Sketch.made(split).stream()
                .filter(w -> w.mark().equals("W6"))
                .findFirst()
                .orElseThrow();
        sketch.run(new Move(List.of(other.id()), new Vec(300, 600)));
        assertThat(sketch.lineOf(shell.get(1))).isCloseTo(5400, within(1e-6));
        assertThat(sketch.lineOf(other)).isCloseTo(5400, within(1e-6));
    }
}
