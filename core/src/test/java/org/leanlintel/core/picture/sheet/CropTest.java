package org.leanlintel.core.picture.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.carry.Hand;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** A plan of 6,000 by 4,000 at 1:50 of which a sheet shows the left 2,000 mm. */
class CropTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final Drawing.Part LEFT = Drawing.Part.rectangle(new Vec(-500, -500), new Vec(2000, 4500));

    private final Sketch sketch = new Sketch();

    private static Sheet.Placed placed(Drawing.Frame crop) {
        return new Sheet.Placed(Sketch.PLAN, new Vec(3000, 2000), new Vec(200, 150), 0, crop);
    }

    private Picture plan() {
        return DrawingPicture.of(sketch.building(), Sketch.PLAN, LETTERS).picture();
    }

    private Bounds lines(Sheet.Placed placed) {
        List<Group> groups = SheetPicture.placed(placed, sketch.model(), plan(), LETTERS);
        return groups.subList(0, groups.size() - 1).stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Strokes.class::isInstance)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .map(Bounds::of)
                .reduce(Bounds::with)
                .orElseThrow();
    }

    @Test
    void whatIsCroppedOffIsNotOnTheSheetAndTheRestLiesWhereItLay() {
        sketch.shell(6000, 4000);
        Bounds whole = lines(placed(new Drawing.All())), left = lines(placed(LEFT));
        assertThat(left.minX()).isCloseTo(whole.minX(), within(1e-9));
        assertThat(left.minY()).isCloseTo(whole.minY(), within(1e-9));
        assertThat(left.maxX()).isCloseTo(200 + (2000 - 3000) / 50.0, within(1e-9));
        assertThat(plan().groups()).as("the drawing itself").isNotEmpty().allSatisfy(g -> assertThat(g.items())
                .isNotEmpty());
    }

    /** 2,000 on paper, about its own middle; the first figure of its scale bar reaches out by half. */
    @Test
    void itTakesAsMuchOfTheSheetAsItShows() {
        sketch.shell(6000, 4000);
        Footprint whole = Footprint.of(placed(new Drawing.All()), sketch.model(), plan(), LETTERS);
        Footprint left = Footprint.of(placed(LEFT), sketch.model(), plan(), LETTERS);
        assertThat(left.anchor().x()).isCloseTo(1000, within(1e-6));
        assertThat(left.box().minX()).isCloseTo(-20, within(0.6));
        assertThat(whole.box().minX()).isCloseTo(-60, within(0.6));
        assertThat(left.box().height()).isCloseTo(whole.box().height(), within(1e-6));
    }

    /** An L: all of the left 2,000, and of the rest what lies under 1,000. */
    @Test
    void alongAnOutlineNothingBeyondItIsShown() {
        sketch.shell(6000, 4000);
        List<Vec> ring = points(-500, -500, 6500, -500, 6500, 1000, 2000, 1000, 2000, 4500, -500, 4500);
        List<Vec> shown =
                SheetPicture.placed(placed(new Drawing.Part(ring, false)), sketch.model(), plan(), LETTERS).stream()
                        .filter(g -> sketch.model().find(g.element()) instanceof Wall)
                        .flatMap(g -> g.items().stream())
                        .filter(Item.Strokes.class::isInstance)
                        .flatMap(i -> ((Item.Strokes) i).lines().stream().flatMap(List::stream))
                        .map(p -> p.minus(new Vec(200, 150)).times(50).plus(new Vec(3000, 2000)))
                        .toList();
        assertThat(shown)
                .anyMatch(p -> p.x() > 5900 && p.y() < 900)
                .anyMatch(p -> p.x() < 100 && p.y() > 3900)
                .noneMatch(p -> p.x() > 2001 && p.y() > 1001);
    }

    private static List<Vec> points(double... xy) {
        List<Vec> points = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) points.add(new Vec(xy[i], xy[i + 1]));
        return points;
    }

    @Test
    void breakLinesRunAlongItsEdgesWhereTheyAreAskedFor() {
        sketch.shell(6000, 4000);
        Bounds edges = lines(placed(new Drawing.Part(LEFT.ring(), true)));
        assertThat(edges.minX()).isLessThanOrEqualTo(200 + (-500 - 3000) / 50.0);
        assertThat(edges.maxY()).isGreaterThanOrEqualTo(150 + (4500 - 2000) / 50.0);
    }

    /** Mirrored about x = 3,000, its right part is what was its left. */
    @Test
    void aHandedHouseShowsTheSamePart() {
        sketch.shell(6000, 4000);
        sketch.run(new AddSheet("A-1", "Part", PaperSize.A2, List.of(placed(LEFT))));
        sketch.run(new Hand(new Vec(3000, 0)));
        Drawing.Frame crop =
                sketch.model().all(Sheet.class).getFirst().drawings().getFirst().crop();
        Bounds shown = Bounds.of(((Drawing.Part) crop).ring());
        assertThat(shown.minX()).isCloseTo(4000, within(1e-6));
        assertThat(shown.maxX()).isCloseTo(6500, within(1e-6));
    }

    @Test
    void aTableIsNotCroppedByRowsOnASheet() {
        assertThatThrownBy(() -> placed(new Drawing.Rows(1, 4)))
                .isInstanceOf(Unusable.class)
                .hasMessageContaining("rows");
    }
}
