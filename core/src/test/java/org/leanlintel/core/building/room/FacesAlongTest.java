package org.leanlintel.core.building.room;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.wall.CurveWall;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Wall;

/** What set-out lines enclose, walked round face by face. */
class FacesAlongTest {

    private final Sketch sketch = new Sketch();

    private List<Area> faces() {
        FacesOracle.assertFaces(sketch.building(), Sketch.STOREY);
        return sketch.building().get(new FacesAlong.Of(Sketch.STOREY, Parting.ROOMS));
    }

    private void ring(double x, double y, double width, double height) {
        sketch.run(Sketch.PARTITION, true, x, y, x, y + height, x + width, y + height, x + width, y);
    }

    @Test
    void aWallAcrossMakesTwoOfOne() {
        List<Wall> shell = sketch.shell(9000, 6000);
        assertThat(faces()).singleElement().satisfies(f -> assertThat(f.mm2()).isEqualTo(54e6));
        sketch.across(shell, 4000);
        assertThat(faces()).hasSize(2);
    }

    @Test
    void aWallThatEndsInTheRoomPartsNothing() {
        Wall south = sketch.shell(9000, 6000).get(3);
        sketch.partition(Sketch.PARTITION, new Vec(3000, 0), south, new Vec(3000, 2500), null);
        assertThat(faces()).hasSize(1);
    }

    @Test
    void whatStandsFreeWithinIsAHoleAndARoomOfItsOwn() {
        sketch.shell(12_000, 9000);
        ring(3000, 3000, 3000, 3000);
        assertThat(faces()).extracting(f -> Math.round(f.mm2() / 1e6)).containsExactlyInAnyOrder(99L, 9L);
        ring(4000, 4000, 1000, 1000);
        assertThat(faces()).extracting(f -> Math.round(f.mm2() / 1e6)).containsExactlyInAnyOrder(99L, 8L, 1L);
    }

    @Test
    void aWallThatLeadsToItLeavesItAHole() {
        Wall south = sketch.shell(12_000, 9000).get(3);
        ring(3000, 3000, 3000, 3000);
        Wall low = sketch.model().all(Wall.class).stream()
                .filter(w -> sketch.building().strip(w.id()).axis().start().y() == 3000
                        && sketch.building().strip(w.id()).axis().end().y() == 3000)
                .findFirst()
                .orElseThrow();
        sketch.partition(Sketch.PARTITION, new Vec(4000, 0), south, new Vec(4000, 3000), low);
        assertThat(faces()).extracting(f -> Math.round(f.mm2() / 1e6)).containsExactlyInAnyOrder(99L, 9L);
    }

    @Test
    void anArcEnclosesWhatLiesUnderIt() {
        List<Wall> shell = sketch.shell(9000, 6000);
        double straight = faces().getFirst().mm2();
        sketch.run(new CurveWall(shell.get(0).id(), new CurveWall.Through(new Vec(-600, 3000))));
        assertThat(faces()).singleElement().satisfies(f -> assertThat(Math.abs(f.mm2() - straight))
                .isGreaterThan(1e6));
    }
}
