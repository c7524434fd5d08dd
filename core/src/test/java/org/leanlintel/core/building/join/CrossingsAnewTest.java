package org.leanlintel.core.building.join;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Pick;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.wall.DrawWalls;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.edit.wall.RemakeWalls;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.Plan;

/** Two walls across each other: whatever becomes of one half, the others are fitted as if all were drawn anew. */
class CrossingsAnewTest {

    private final Sketch sketch = new Sketch();
    private Wall one;
    private Wall other;

    /** A wall with the thicker structure drawn across a partition: its halves go through to each other. */
    @BeforeEach
    void crossing() {
        draw(Sketch.PARTITION, 0, 2000, 5000, 2000);
        List<Wall> halves = draw(Sketch.LINED, 2500, 0, 2500, 4500);
        assertThat(halves).hasSize(2);
        one = halves.get(0);
        other = halves.get(1);
    }

    private List<Wall> draw(ElementId buildUp, double x0, double y0, double x1, double y1) {
        return Sketch.made(sketch.run(new DrawWalls(
                NewWall.of(
                        Sketch.STOREY,
                        Sketch.LAYER,
                        buildUp,
                        new SetOut.MiddleOfStructure(),
                        Side.LEFT,
                        WallEnd.Reach.STRUCTURE),
                List.of(Pick.bare(x0, y0), Pick.bare(x1, y1)),
                false)));
    }

    private void isAsFromNothing(String when) {
        Building anew = Building.of(sketch.model());
        for (Wall w : sketch.model().all(Wall.class))
            assertThat(sketch.building().solid(w.id()).bodies())
                    .as("%s, %s", w.mark(), when)
                    .isEqualTo(anew.solid(w.id()).bodies());
        assertThat(picture(sketch.building())).as(when).isEqualTo(picture(anew));
    }

    private static Picture picture(Building building) {
        return Plan.of(building, Sketch.PLAN, new Lettering(Map.of(), Map.of(), 0.5, 0.7))
                .picture();
    }

    @ParameterizedTest(name = "first half: {0}")
    @ValueSource(booleans = {true, false})
    void eitherHalfIsFittedAnew(boolean first) {
        Wall half = first ? one : other;
        for (Edit edit : List.of(
                new RemakeWalls(List.of(half.id()), Sketch.SHELL),
                new RemakeWalls(List.of(half.id()), Sketch.PARTITION),
                new Move(List.of(half.id()), new Vec(40, 0)),
                new Delete(List.of(half.id())))) {
            Change change = sketch.run(edit);
            isAsFromNothing("after " + change.name());
        }
        assertThat(sketch.model().all(Wall.class)).hasSize(2);
    }
}
