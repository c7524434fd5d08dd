package org.leanlintel.core.issue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.edit.note.DrawCloud;
import org.leanlintel.core.edit.note.DrawClouds;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** A plan at 1:50 on a sheet, a house of 20 by 12 m with a partition and a note, issued; then changed. */
class ProposedCloudTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(20_000, 12_000);
    private final Wall partition = sketch.across(shell, 6000);
    private final Note note = note(15_000, 9000, "gravel");
    private final Sheet sheet = (Sheet) sketch.run(new AddSheet(
                    "A-1", "Plan", PaperSize.A2, List.of(new Sheet.Placed(Sketch.PLAN, Vec.ORIGIN, new Vec(100, 100)))))
            .after()
            .getFirst();
    private final Building issued = sketch.building();

    private Note note(double x, double y, String text) {
        return (Note) sketch.run(new PlaceNote(Sketch.PLAN, Sketch.LAYER, new Vec(x, y), text, Sketch.LETTERS))
                .after()
                .getFirst();
    }

    private static State state(Building building) {
        return new State(building.model(), id -> DrawingPicture.of(building, id, LETTERING)
                .picture());
    }

    private List<Bounds> proposed() {
        return ProposedCloud.of(state(issued), state(sketch.building())).stream()
                .map(c -> Bounds.of(c.ring()))
                .toList();
    }

    @Test
    void whereNothingIsDifferentThereIsNone() {
        assertThat(proposed()).isEmpty();
    }

    /** 200 mm, four millimetres on paper, further than the partition went or came. */
    @Test
    void aWallThatMovedIsGoneRoundAndNothingElse() {
        sketch.run(new Move(List.of(partition.id()), new Vec(300, 0)));
        assertThat(proposed()).singleElement().satisfies(b -> {
            assertThat(b.minX()).isBetween(5600.0, 5800.0);
            assertThat(b.maxX()).isBetween(6450.0, 6700.0);
            assertThat(b.height()).isCloseTo(12_000, within(800.0));
        });
    }

    /** The line that it broke and the one it is now share all but the opening. */
    @Test
    void anOpeningIsGoneRoundNotItsWall() {
        sketch.window(shell.getFirst(), 5400, 1200, 900, 1200);
        assertThat(proposed()).singleElement().satisfies(b -> {
            assertThat(b.centre().y()).as("of the wall on the left").isCloseTo(6000, within(300.0));
            assertThat(b.height()).isLessThan(3500);
            assertThat(b.width()).isLessThan(3000);
        });
    }

    @Test
    void placesApartAreRoundedEach() {
        note(3000, 3000, "sand");
        sketch.run(new Delete(List.of(note.id())));
        assertThat(proposed()).hasSize(2).allSatisfy(b -> assertThat(b.width()).isBetween(400.0, 3000.0));
    }

    @Test
    void theyAreDrawnAtOnceAndNotGoneRoundThemselves() {
        sketch.run(new Move(List.of(partition.id()), new Vec(300, 0)));
        note(15_000, 3000, "sand");
        List<DrawCloud> clouds = ProposedCloud.of(state(issued), state(sketch.building())).stream()
                .map(c -> new DrawCloud(c.drawing(), Sketch.LAYER, c.ring(), "2"))
                .toList();
        sketch.run(new DrawClouds(clouds));
        assertThat(sketch.building().model().all(Cloud.class)).hasSize(2).allSatisfy(c -> assertThat(c.issue())
                .isEqualTo("2"));
        assertThat(proposed()).hasSize(2);
    }

    @Test
    void aDrawingOnNoSheetHasNone() {
        sketch.run(new Move(List.of(partition.id()), new Vec(300, 0)));
        sketch.run(new Delete(List.of(sheet.id())));
        assertThat(proposed()).isEmpty();
    }
}
