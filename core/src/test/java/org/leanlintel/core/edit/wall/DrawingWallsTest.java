package org.leanlintel.core.edit.wall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.feature.Gaps;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Gap.Faces;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/** Footprints, rooms and parallel walls from typed numbers; worked by hand. */
class DrawingWallsTest {

    private final Sketch sketch = new Sketch();

    private static NewWall wall(ElementId buildUp, SetOut setOut) {
        return NewWall.of(Sketch.STOREY, Sketch.LAYER, buildUp, setOut, Side.LEFT, WallEnd.Reach.STRUCTURE);
    }

    private List<Wall> rectangle(NewWall wall, Vec from, Vec to, double radians, DrawRectangle.Sizes sizes) {
        return Sketch.made(sketch.run(new DrawRectangle(wall, from, to, radians, sizes)));
    }

    private Bounds bounds() {
        return Bounds.of(sketch.cutAt(1200).stream()
                .flatMap(a -> a.rings().stream())
                .flatMap(List::stream)
                .toList());
    }

    /** By its outside, 7,200 by 4,800 whichever way it was pulled and wherever its set-out line lies. */
    @Test
    void aFootprintByItsOutsideSizes() {
        for (SetOut setOut : List.of(new SetOut.OnFace(0), new SetOut.InnerFace(), new SetOut.MiddleOfStructure())) {
            List<Wall> walls = rectangle(
                    wall(Sketch.SHELL, setOut), new Vec(7200, 0), new Vec(0, 4800), 0, DrawRectangle.Sizes.OUTSIDE);
            assertThat(walls).hasSize(4);
            assertThat(bounds()).isEqualTo(new Bounds(0, 0, 7200, 4800));
            double ring = 7200 * 4800 - 6620 * 4220;
            assertThat(Area.union(sketch.cutAt(1200)).mm2()).isCloseTo(ring, within(1.0));
            sketch.run(new Delete(walls.stream().map(Wall::id).toList()));
        }
    }

    /** By its inside: 290 further out all round, and turned by 30 degrees it has the same area. */
    @Test
    void aFootprintByItsInsideSizes() {
        NewWall made = wall(Sketch.SHELL, new SetOut.OnFace(0));
        rectangle(made, new Vec(0, 0), new Vec(6000, 4000), 0, DrawRectangle.Sizes.INSIDE);
        assertThat(bounds()).isEqualTo(new Bounds(-290, -290, 6290, 4290));
        Vec across = Vec.ofAngle(Math.toRadians(30)).times(6000),
                up = Vec.ofAngle(Math.toRadians(120)).times(4000);
        Vec from = new Vec(20_000, 0);
        double before = Area.union(sketch.cutAt(1200)).mm2();
        rectangle(made, from, from.plus(across).plus(up), Math.toRadians(30), DrawRectangle.Sizes.INSIDE);
        assertThat(Area.union(sketch.cutAt(1200)).mm2() / before).isCloseTo(2, within(1e-6));
    }

    /** A room of 3,000 by 2,000 clear in the corner of a shell: two partitions, standing on the shell. */
    @Test
    void aRoomInACornerGetsOnlyTheWallsItLacks() {
        List<Wall> shell = sketch.shell(7200, 4800);
        List<Wall> walls = rectangle(
                wall(Sketch.PARTITION, new SetOut.MiddleOfStructure()),
                new Vec(290, 290),
                new Vec(3290, 2290),
                0,
                DrawRectangle.Sizes.INSIDE);
        assertThat(walls).hasSize(2);
        assertThat(walls.getFirst().start()).isInstanceOf(WallEnd.OnSide.class);
        assertThat(walls.getLast().end()).isInstanceOf(WallEnd.OnSide.class);
        Wall upright = walls.stream()
                .filter(w -> Math.abs(sketch.lineOf(w) - 3347) < 1e-6)
                .findFirst()
                .orElseThrow();
        assertThat(Gaps.of(sketch.building(), upright.id(), Faces.FINISH))
                .filteredOn(g -> g.gap().other().equals(shell.get(0).id()))
                .extracting(Gaps.Measured::clearMm)
                .first()
                .satisfies(mm -> assertThat(mm).isCloseTo(3000, within(1e-6)));

        List<Wall> beside = rectangle(
                wall(Sketch.PARTITION, new SetOut.MiddleOfStructure()),
                new Vec(3404, 290),
                new Vec(6910, 2290),
                0,
                DrawRectangle.Sizes.INSIDE);
        assertThat(beside).as("three sides stand already").hasSize(1);
        assertThat(sketch.refusal(new DrawRectangle(
                        wall(Sketch.PARTITION, new SetOut.MiddleOfStructure()),
                        new Vec(290, 290),
                        new Vec(3290, 2290),
                        0,
                        DrawRectangle.Sizes.INSIDE)))
                .isEqualTo("Walls stand along all sides of that rectangle already.");
        assertThat(sketch.refusal(new DrawRectangle(
                        wall(Sketch.PARTITION, new SetOut.InnerFace()),
                        new Vec(20_000, 0),
                        new Vec(20_050, 3000),
                        0,
                        DrawRectangle.Sizes.OUTSIDE)))
                .isEqualTo("A rectangle of walls must be at least 100 mm each way.");
    }

    /** 1,200 clear of the west wall: its middle at 290 + 1,200 + 57; once more from there by 114 more. */
    @Test
    void aParallelWallStandsAtATypedDistance() {
        List<Wall> shell = sketch.shell(7200, 4800);
        NewWall made = wall(Sketch.PARTITION, new SetOut.MiddleOfStructure());
        Wall first = Sketch.made(sketch.run(new DrawParallel(made, shell.get(0).id(), Side.RIGHT, Faces.FINISH, 1200)))
                .getFirst();
        assertThat(sketch.lineOf(first)).isCloseTo(1547, within(1e-6));
        assertThat(first.start()).isInstanceOf(WallEnd.OnSide.class);
        assertThat(first.end()).isInstanceOf(WallEnd.OnSide.class);
        Wall second = Sketch.made(sketch.run(new DrawParallel(made, first.id(), Side.RIGHT, Faces.FINISH, 1200)))
                .getFirst();
        assertThat(sketch.lineOf(second)).isCloseTo(1547 + 1314, within(1e-6));
        Wall third = Sketch.made(sketch.run(new DrawParallel(made, second.id(), Side.RIGHT, Faces.MIDDLE, 1200)))
                .getFirst();
        assertThat(sketch.lineOf(third)).isCloseTo(1547 + 1314 + 1200, within(1e-6));

        Wall outside = Sketch.made(
                        sketch.run(new DrawParallel(made, shell.get(0).id(), Side.LEFT, Faces.FINISH, 900)))
                .getFirst();
        assertThat(sketch.lineOf(outside)).isCloseTo(-957, within(1e-6));
        assertThat(sketch.building().strip(outside.id()).length())
                .as("as long as the wall")
                .isCloseTo(4800, within(1e-6));
    }

    @Test
    void aRunThatClosesHasItsOutsideOutside() {
        double[][] ways = {{0, 0, 0, 4800, 7200, 4800, 7200, 0}, {0, 0, 7200, 0, 7200, 4800, 0, 4800}};
        for (double[] way : ways) {
            List<Wall> walls = sketch.run(Sketch.SHELL, true, way);
            assertThat(bounds()).isEqualTo(new Bounds(0, 0, 7200, 4800));
            sketch.run(new Delete(walls.stream().map(Wall::id).toList()));
        }
    }

    @Test
    void aWallTurnedInsideOutKeepsItsSetOutLine() {
        Wall wall = sketch.run(Sketch.SHELL, false, 0, 0, 4000, 0).getFirst();
        assertThat(bounds()).isEqualTo(new Bounds(0, -290, 4000, 0));
        sketch.run(new Revise(
                wall.madeOf(wall.buildUp(), wall.setOut(), wall.outside().other())));
        assertThat(bounds()).isEqualTo(new Bounds(0, 0, 4000, 290));
    }
}
