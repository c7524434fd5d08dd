package org.leanlintel.core.picture.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.leanlintel.core.Records.with;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.HouseOfTwo;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.wall.DrawRectangle;
import org.leanlintel.core.edit.wall.NewWall;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Framing;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.SetOut;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.TimberSize;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** How the floor of the upper storey of a house of two is shown to span, 24 mm long on paper at 1:50. */
class FloorSpansTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final HouseOfTwo house = new HouseOfTwo();
    private final Floor floor = house.layFloorAbove();

    private List<Item> items() {
        return DrawingPicture.of(house.sketch.building(), house.planAbove(), LETTERS).picture().groups().stream()
                .filter(g -> g.element().equals(floor.id()))
                .flatMap(g -> g.items().stream())
                .toList();
    }

    private void showSpans(boolean shown) {
        Lens l = house.sketch.model().get(Sketch.LENS, Lens.class);
        house.sketch.put(with(l, "floorSpans", shown));
    }

    private void makeFloorOf(Ply... downwards) {
        house.sketch.put(
                new BuildUp(HouseOfTwo.FLOOR, "FX", "Floor", BuildUp.Use.FLOOR, List.of(downwards), "", "", ""));
    }

    /** From its one end to its other. */
    private List<Vec> line() {
        List<Vec> all = items().stream()
                .filter(Item.Strokes.class::isInstance)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .findFirst()
                .orElseThrow();
        return all.subList(1, 3);
    }

    private List<String> texts() {
        return items().stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    @Test
    void theLensSaysWhetherItIsShown() {
        assertThat(items()).isEmpty();
        showSpans(true);
        assertThat(texts()).containsExactly("FL1  FX");
        showSpans(false);
        assertThat(items()).isEmpty();
    }

    @Test
    void itLiesAlongTheSpan() {
        showSpans(true);
        Vec along = line().get(1).minus(line().get(0));
        assertThat(along.x()).isCloseTo(24 * 50, within(0.01));
        assertThat(along.y()).isCloseTo(0, within(0.01));
        house.sketch.run(new Revise(floor.within(floor.outline(), Math.PI / 2)));
        along = line().get(1).minus(line().get(0));
        assertThat(along.x()).isCloseTo(0, within(0.01));
        assertThat(Math.abs(along.y())).isCloseTo(24 * 50, within(0.01));
    }

    @Test
    void timbersAreNamedWithTheirCentres() {
        showSpans(true);
        TimberSize size = new TimberSize("45x220", 45, 220, "EN 336");
        Framing joists = new Framing.Timbers(size, 400, Sketch.id("stud"), 0.12);
        Ply board = Sketch.ply("board", 20, Does.LINING);
        makeFloorOf(board, new Ply(Sketch.id("stud"), 220, Does.CARRIES, joists));
        assertThat(texts()).containsExactly("FL1  FX", "45x220 at 400");
    }

    @Test
    void whatLiesOnTheGroundSpansNowhere() {
        showSpans(true);
        makeFloorOf(Sketch.ply("stud", 150, Does.CARRIES), Sketch.ply("board", 150, Does.BOARDS));
        assertThat(items()).isEmpty();
        makeFloorOf(Sketch.ply("stud", 150, Does.CARRIES), Sketch.ply("board", 15, Does.LINING));
        assertThat(items()).as("a ceiling under it carries nothing").isNotEmpty();
    }

    /** It spans nowhere any more, and the rooms of the other shell are none of its affair. */
    @Test
    void aFloorWhoseShellIsOpenIsDrawnWithoutIt() {
        showSpans(true);
        assertThat(items()).isNotEmpty();
        NewWall made = NewWall.of(
                house.first.id(),
                Sketch.LAYER,
                house.above.getFirst().buildUp(),
                new SetOut.OnFace(0),
                Side.LEFT,
                WallEnd.Reach.STRUCTURE);
        house.sketch.run(
                new DrawRectangle(made, new Vec(20_000, 0), new Vec(24_000, 3000), 0, DrawRectangle.Sizes.OUTSIDE));
        house.sketch.run(new Delete(List.of(house.above.getFirst().id())));
        assertThat(items()).isEmpty();
    }

    @Test
    void itKeepsClearOfTheStairs() {
        showSpans(true);
        assertThat(line().get(0).y()).as("in the middle of the room").isCloseTo(2000, within(200.0));
        Stair stair = house.stair(900, StairMake.Rails.NONE, Stair.Above.FOUND);
        house.sketch.run(new Revise(stair.at(new Vec(1000, 2450), 0, stair.shape())));
        Bounds open = new Bounds(1187.5, 1550, 4000, 2450);
        assertThat(Bounds.of(line()).meets(open)).isFalse();
    }
}
