package org.leanlintel.core.picture.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.TextBox;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** Drawings turned on their sheet. Letters half as wide as high. */
class QuartersTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final ElementId ID = Sketch.id("thing");

    private static Item.Text text(String said, double x, double y, double degrees) {
        return new Item.Text(said, new Vec(x, y), Math.toRadians(degrees), false, List.of(new Item.Run(said, 0, 0, 2)));
    }

    private static List<Item.Text> turned(int quarters, Item.Text... texts) {
        Group group = new Group(ID, ID, List.of(texts), List.of());
        return new Quarters(quarters, new Vec(10, 20), LETTERS)
                .of(group).items().stream().map(Item.Text.class::cast).toList();
    }

    private static Bounds box(Item.Text text) {
        return TextBox.of(text, 1, LETTERS).bounds();
    }

    @Test
    void wordsAreReadFromBelowOrFromTheRight() {
        for (int degrees = -85; degrees <= 90; degrees += 5)
            for (int quarters = 0; quarters < 4; quarters++) {
                Item.Text turned = turned(quarters, text("abc", 3, 4, degrees)).getFirst();
                assertThat(Math.toDegrees(turned.angle()))
                        .as("%d degrees by %d quarters", degrees, quarters)
                        .isGreaterThan(-90 + 1e-3)
                        .isLessThan(90 + 1e-3);
            }
    }

    /** A word up the page at its right stands, after a quarter, over the point it is turned about: in the same box, read from below. */
    @Test
    void aWordThatWouldStandOnItsHeadIsTurnedRoundWhereItLies() {
        Item.Text word = text("2,400", 15, 20, 90);
        Item.Text turned = turned(1, word).getFirst();
        assertThat(turned.angle()).isCloseTo(0, within(1e-9));
        Bounds was = box(word), is = box(turned);
        assertThat(is.width()).isCloseTo(was.height(), within(1e-9));
        assertThat(is.centre().x()).isCloseTo(10 - (was.centre().y() - 20), within(1e-9));
        assertThat(is.centre().y()).isCloseTo(20 + (was.centre().x() - 10), within(1e-9));
    }

    /** The upper of two lines stays the upper one; figures in a row stay where they are told. */
    @Test
    void linesUnderEachOtherAreTurnedAsOneAndFiguresInARowEachByItself() {
        List<Item.Text> lines = turned(2, text("Kitchen", 0, 3, 0), text("12.3 m2", 0, 0, 0));
        assertThat(box(lines.get(0)).minY()).isGreaterThan(box(lines.get(1)).maxY());
        List<Item.Text> row = turned(2, text("1,200", 0, 0, 0), text("900", 30, 0, 0));
        assertThat(box(row.get(0)).minX()).isGreaterThan(box(row.get(1)).maxX());
    }

    /** What a turned drawing takes is what it took, on its side; its title stays below it, and each point lies where the sheet says. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void aPlanTurnedOnASheetLiesWhereItIsSaidTo(int quarters) {
        Sketch sketch = new Sketch();
        sketch.shell(6000, 4000);
        Drawing plan = sketch.model().get(Sketch.PLAN, Drawing.class);
        Sheet.Placed placed =
                new Sheet.Placed(plan.id(), new Vec(3000, 2000), new Vec(200, 150), quarters, new Drawing.All());
        List<Group> onSheet = SheetPicture.placed(
                placed,
                sketch.model(),
                DrawingPicture.of(sketch.building(), plan.id(), LETTERS).picture(),
                LETTERS);
        Bounds walls = onSheet.stream()
                .filter(g -> sketch.model().find(g.element()) instanceof Wall)
                .flatMap(g -> g.items().stream())
                .filter(Item.Strokes.class::isInstance)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .map(Bounds::of)
                .reduce(Bounds::with)
                .orElseThrow();
        boolean onSide = quarters % 2 == 1;
        double scale = plan.scale();
        assertThat(walls.width()).isCloseTo((onSide ? 4000 : 6000) / scale, within(1e-6));
        assertThat(walls.height()).isCloseTo((onSide ? 6000 : 4000) / scale, within(1e-6));
        Bounds said = Bounds.of(List.of(placed.onSheet(Vec.ORIGIN, scale), placed.onSheet(new Vec(6000, 4000), scale)));
        assertThat(walls.centre().distanceTo(said.centre())).isLessThan(1e-6);
        Item.Text title = onSheet.getLast().items().stream()
                .filter(Item.Text.class::isInstance)
                .map(Item.Text.class::cast)
                .findFirst()
                .orElseThrow();
        assertThat(title.angle()).isZero();
        assertThat(title.at().y()).isLessThan(walls.minY());
    }
}
