package org.leanlintel.core.picture.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.dimension.DrawString;
import org.leanlintel.core.edit.wall.PlacePost;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WorkState;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.TextBox;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** The level of a floor that lies 150 below its storey, from 1,000 to 5,000 each way in a shell of 7,200 by 6,000, at 1:50. */
class FloorWordsTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();

    @BeforeEach
    void layFloor() {
        sketch.shell(7200, 6000);
        sketch.put(new BuildUp(
                Sketch.id("slab"),
                "F",
                "Slab",
                BuildUp.Use.GROUND_FLOOR,
                List.of(Sketch.ply("stud", 150, Does.CARRIES)),
                "",
                "",
                ""));
        lay(new Floor.Level());
    }

    private void lay(Floor.Fall fall) {
        List<Vec> ring = List.of(new Vec(1000, 1000), new Vec(5000, 1000), new Vec(5000, 5000), new Vec(1000, 5000));
        sketch.put(new Floor(
                Sketch.id("floor"),
                Sketch.STOREY,
                Sketch.LAYER,
                "FL1",
                Sketch.id("slab"),
                new Floor.Drawn(ring),
                -150,
                0,
                fall,
                WorkState.NEW));
    }

    /** The boxes of its words, in drawing millimetres. */
    private List<Bounds> words() {
        return DrawingPicture.of(sketch.building(), Sketch.PLAN, LETTERING).picture().groups().stream()
                .filter(g -> g.element().equals(Sketch.id("floor")))
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(i -> TextBox.of((Item.Text) i, 50, LETTERING).bounds())
                .toList();
    }

    /** A string at a height, between two points of the floor. */
    private void measure(double from, double to, double y) {
        sketch.run(new DrawString(
                Sketch.PLAN,
                Sketch.LAYER,
                new Vec(1, 0),
                new Vec(from, y),
                List.of(new Hold.AtPoint(new Vec(from, y)), new Hold.AtPoint(new Vec(to, y)))));
    }

    @Test
    void itsLevelStandsInItsMiddle() {
        assertThat(words()).singleElement().satisfies(b -> {
            assertThat(b.centre().x()).isCloseTo(3000, within(1.0));
            assertThat(b.minY()).isBetween(3000.0, 3100.0);
        });
    }

    @Test
    void itsLevelGivesWayToAStringNoFurtherThanItHasTo() {
        measure(1500, 4500, 3060);
        assertThat(words()).singleElement().satisfies(b -> {
            assertThat(b.isCrossedBy(new Vec(1500, 3060), new Vec(4500, 3060))).isFalse();
            assertThat(b.centre().x()).isCloseTo(3000, within(1.0));
            assertThat(b.centre().y()).isCloseTo(3060, within(250.0));
        });
    }

    @Test
    void itsLevelGivesWayToAFitting() {
        sketch.table(new Vec(3000, 3000), 0, 1000);
        assertThat(words()).singleElement().satisfies(b -> assertThat(b.meets(new Bounds(2500, 2700, 3500, 3300)))
                .isFalse());
    }

    @Test
    void itsLevelGivesWayToAPost() {
        WallPiece.Mass stud = new WallPiece.Solid(Sketch.id("stud"), 140);
        sketch.run(new PlacePost(Sketch.STOREY, Sketch.LAYER, new Vec(3000, 3000), 0, 140, stud));
        assertThat(words()).singleElement().satisfies(b -> assertThat(b.meets(new Bounds(2930, 2930, 3070, 3070)))
                .isFalse());
    }

    /** Both together, so that they are read as one. */
    @Test
    void itsFallGoesWithItsLevel() {
        lay(new Floor.Falling(0, 1 / 80.0));
        double apart = words().getFirst().minY() - words().getLast().minY();
        measure(1500, 4500, 3060);
        List<Bounds> moved = words();
        assertThat(moved).hasSize(2).noneMatch(b -> b.isCrossedBy(new Vec(1500, 3060), new Vec(4500, 3060)));
        assertThat(moved.getFirst().minY() - moved.getLast().minY()).isCloseTo(apart, within(1e-6));
    }
}
