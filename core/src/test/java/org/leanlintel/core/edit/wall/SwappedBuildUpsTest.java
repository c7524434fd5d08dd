package org.leanlintel.core.edit.wall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.setting.SetOutNews;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.Plan;

/** A wall made of another build-up keeps the physical face it was set out along. */
class SwappedBuildUpsTest {

    private static final ElementId BLOCK = Sketch.id("block"), WARM = Sketch.id("warm");

    private final Sketch sketch = new Sketch();

    SwappedBuildUpsTest() {
        sketch.put(
                Sketch.buildUp("block", Sketch.ply("brick", 215, Does.CARRIES)),
                Sketch.buildUp(
                        "warm",
                        Sketch.ply("brick", 103, Does.FACING),
                        Sketch.ply("air", 50, Does.AIR_GAP),
                        Sketch.ply("insulation", 60, Does.INSULATES),
                        Sketch.ply("board", 9, Does.BOARDS),
                        Sketch.ply("stud", 140, Does.CARRIES),
                        Sketch.ply("insulation", 40, Does.INSULATES),
                        Sketch.ply("board", 15, Does.LINING)));
    }

    private Wall along(ElementId buildUp, SetOut setOut) {
        return Sketch.made(sketch.run(new DrawWalls(
                        NewWall.of(Sketch.STOREY, Sketch.LAYER, buildUp, setOut, Side.LEFT, WallEnd.Reach.STRUCTURE),
                        List.of(Pick.bare(0, 0), Pick.bare(6000, 0)),
                        false)))
                .getFirst();
    }

    /** How far left of the set-out line the outer face lies: the wall runs to the east, its outside is to the north. */
    private double outerFace(Wall wall) {
        return sketch.building().strip(wall.id()).offsetOfFace(0);
    }

    private void remake(ElementId buildUp, Wall... walls) {
        List<ElementId> ids = new ArrayList<>();
        for (Wall w : walls) ids.add(w.id());
        sketch.run(new RemakeWalls(ids, buildUp));
    }

    @Test
    void aPartitionSetOutByItsFinishedFaceStaysThere() {
        Wall wall = along(Sketch.PARTITION, new SetOut.OnFace(0));
        remake(BLOCK, wall);
        assertThat(outerFace(wall)).as("the outer face lies on the line").isZero();
        remake(WARM, wall);
        assertThat(outerFace(wall)).isZero();
    }

    @Test
    void theFaceOfTheStructureIsKeptThroughAWallOfOnePly() {
        Wall wall = along(Sketch.PARTITION, new SetOut.OnFace(1));
        remake(BLOCK, wall);
        assertThat(outerFace(wall)).isZero();
        remake(WARM, wall);
        assertThat(outerFace(wall))
                .as("103 + 50 + 60 + 9 outside the structure")
                .isEqualTo(222);
        remake(Sketch.PARTITION, wall);
        assertThat(outerFace(wall)).isEqualTo(12.5);
    }

    @Test
    void aFaceBetweenPliesIsFoundByWhatTheyDo() {
        Wall wall = along(Sketch.SHELL, new SetOut.OnFace(1));
        assertThat(outerFace(wall)).isEqualTo(100);
        remake(WARM, wall);
        assertThat(outerFace(wall)).as("facing to air gap again").isEqualTo(103);
        assertThat(SetOutNews.between(sketch.model(), sketch.model())).isEmpty();
    }

    /** The inside of the insulation of a warm wall, 120 from the structure's outside; a shell has neither. */
    @Test
    void whereThereIsNoSuchFaceThePlaceIsKeptAndSaid() {
        Wall wall = along(WARM, new SetOut.OnFace(6));
        var before = sketch.model();
        remake(Sketch.SHELL, wall);
        assertThat(outerFace(wall))
                .as("the inner face: 140 of structure are not as deep as 180")
                .isEqualTo(290);
        assertThat(SetOutNews.between(before, sketch.model()))
                .containsExactly(
                        "The set-out line of W1 lay on a face that its build-up does not have: it keeps its place,"
                                + " 140 inwards of the structure's outside.");
        remake(WARM, wall);
        assertThat(outerFace(wall)).isEqualTo(222 + 180);
    }

    @ParameterizedTest(name = "face {0}")
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7})
    void thereAndBackGivesTheSamePicture(int face) {
        Wall first = along(WARM, new SetOut.OnFace(face));
        Wall second = Sketch.made(sketch.run(new DrawWalls(
                        NewWall.of(
                                Sketch.STOREY,
                                Sketch.LAYER,
                                WARM,
                                new SetOut.OnFace(face),
                                Side.LEFT,
                                WallEnd.Reach.STRUCTURE),
                        List.of(new Pick(new Vec(6000, 0), new Hold.AtCorner(corner(first))), Pick.bare(6000, -5000)),
                        false)))
                .getFirst();
        var before = picture();
        for (ElementId other : List.of(Sketch.SHELL, BLOCK, Sketch.PARTITION)) {
            remake(other, first, second);
            remake(WARM, first, second);
            assertThat(picture()).as("by way of %s", other).isEqualTo(before);
        }
    }

    private Picture picture() {
        return Plan.of(sketch.building(), Sketch.PLAN, new Lettering(Map.of(), Map.of(), 0.5, 0.7))
                .picture();
    }

    private static ElementId corner(Wall wall) {
        return ((WallEnd.AtCorner) wall.end()).corner();
    }

    /** A string from the outside of the shell to its structure and its inner face; a board comes to lie outside the structure. */
    @Test
    void stringsAndLinesFollowTheirFaceWhenTheBuildUpItselfIsChanged() {
        Wall wall = along(Sketch.SHELL, new SetOut.OnFace(2));
        sketch.run(new DrawString(
                Sketch.PLAN,
                Sketch.LAYER,
                new Vec(0, 1),
                new Vec(2000, 0),
                List.of(new Hold.OnFace(wall.id(), 0), new Hold.OnFace(wall.id(), 2), new Hold.OnFace(wall.id(), 3))));
        BuildUp shell = sketch.model().get(Sketch.SHELL, BuildUp.class);
        List<Ply> plies = new ArrayList<>(shell.plies());
        plies.add(2, Sketch.ply("board", 9, Does.BOARDS));
        sketch.run(new Revise(Sketch.buildUp("shell", plies.toArray(Ply[]::new))));
        assertThat(outerFace(wall))
                .as("still along the structure: 100 + 50 + 9")
                .isCloseTo(159, within(1e-9));
        DimensionString string = sketch.model().all(DimensionString.class).getFirst();
        assertThat(string.holds())
                .containsExactly(
                        new Hold.OnFace(wall.id(), 0), new Hold.OnFace(wall.id(), 3), new Hold.OnFace(wall.id(), 4));
    }
}
