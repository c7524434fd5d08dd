package org.leanlintel.core.issue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Move;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;

/** A plan at 1:50 on one sheet, with a shell, a partition and a note, issued; then changed. */
class ComparisonTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);
    private final Wall partition = sketch.across(shell, 3000);
    private final Note note = note(1000, 1000, "gravel");
    private final Sheet sheet = (Sheet) sketch.run(new AddSheet("A-1", "Plan", PaperSize.A2, List.of(placed(100, 200))))
            .after()
            .getFirst();
    private final Building issued = sketch.building();

    private Note note(double x, double y, String text) {
        return (Note) sketch.run(new PlaceNote(Sketch.PLAN, Sketch.LAYER, new Vec(x, y), text, Sketch.LETTERS))
                .after()
                .getFirst();
    }

    private static Sheet.Placed placed(double x, double y) {
        return new Sheet.Placed(Sketch.PLAN, Vec.ORIGIN, new Vec(x, y));
    }

    private static State state(Building building) {
        return new State(building.model(), id -> DrawingPicture.of(building, id, LETTERING)
                .picture());
    }

    private List<ComparedSheet> compared() {
        return Comparison.of(state(issued), state(sketch.building()), LETTERING);
    }

    /** Two sheets, of which the second was handed out: the first is not spoken of, and in a later issue of both it is new to them. */
    @Test
    void anIssueOfSomeSheetsIsHeldAgainstTheseAlone() {
        sketch.run(new AddSheet("A-102", "Alone", PaperSize.A2, List.of()));
        Sheet alone = sketch.model().all(Sheet.class).stream()
                .filter(s -> s.number().equals("A-102"))
                .findFirst()
                .orElseThrow();
        State all = state(sketch.building());
        State some = new State(all.model(), all.drawings(), List.of(alone.id()));
        assertThat(Comparison.of(some, some, LETTERING))
                .extracting(ComparedSheet::number)
                .containsExactly("A-102");
        assertThat(Comparison.of(some, all, LETTERING))
                .extracting(ComparedSheet::number, ComparedSheet::sentences)
                .contains(tuple("A-1", List.of("The sheet was not in the earlier issue.")), tuple("A-102", List.of()));
    }

    private static List<String> inks(Picture picture, ElementId element) {
        return picture.groups().stream()
                .filter(g -> g.element().equals(element))
                .map(ComparisonTest::ink)
                .distinct()
                .toList();
    }

    private static String ink(Group group) {
        return group.items().stream()
                .map(i -> switch (i) {
                    case Item.Strokes s -> s.pen().ink();
                    case Item.Arc a -> a.pen().ink();
                    case Item.Text t -> t.ink();
                    default -> "";
                })
                .findFirst()
                .orElse("");
    }

    @Test
    void whatStayedIsPaleAndNothingIsSaid() {
        ComparedSheet same = compared().getFirst();
        assertThat(same.sentences()).isEmpty();
        assertThat(same.picture().groups())
                .filteredOn(g -> !g.items().isEmpty())
                .allMatch(g -> ink(g).equals(Comparison.STAYED));
    }

    @Test
    void whatMovedShowsTwiceAndSaysHowFar() {
        sketch.run(new Move(List.of(note.id()), new Vec(600, 0)));
        ComparedSheet moved = compared().getFirst();
        assertThat(moved.sentences()).containsExactly("Note \"gravel\" moved 600 to the right on the page.");
        assertThat(inks(moved.picture(), note.id())).containsExactly(Comparison.WENT, Comparison.CAME);
        assertThat(inks(moved.picture(), shell.getFirst().id())).containsExactly(Comparison.STAYED);
    }

    @Test
    void whatCameAndWentIsSaid() {
        Note second = note(4000, 1000, "turf");
        sketch.run(new Delete(List.of(partition.id())));
        ComparedSheet changed = compared().getFirst();
        assertThat(changed.sentences())
                .contains("Note \"turf\" came.", "Wall %s went.".formatted(partition.mark()))
                .doesNotContain("Note went.");
        assertThat(inks(changed.picture(), second.id())).containsExactly(Comparison.CAME);
        assertThat(inks(changed.picture(), partition.id())).containsExactly(Comparison.WENT);
    }

    /** The drawing is held against itself where it lies now. */
    @Test
    void aDrawingMovedOnItsSheetIsNoDifferenceOfTheHouse() {
        revise(s -> s.with(List.of(placed(160, 220))));
        ComparedSheet moved = compared().getFirst();
        assertThat(moved.sentences()).containsExactly("Plan was moved on the sheet.");
        assertThat(inks(moved.picture(), shell.getFirst().id())).containsExactly(Comparison.STAYED);
    }

    @Test
    void aSheetThatIsBoundElsewhereIsSaid() {
        revise(s -> s.inSet("Permit"));
        assertThat(compared().getFirst().sentences()).containsExactly("The sheet was in no set.");
    }

    @Test
    void sheetsThatCameAndWentAreSaid() {
        sketch.run(new AddSheet("A-2", "More", PaperSize.A3, List.of()));
        sketch.run(new Delete(List.of(sheet.id())));
        assertThat(compared()).extracting(ComparedSheet::number).containsExactly("A-2", "A-1");
        assertThat(compared().get(0).sentences()).containsExactly("The sheet is new.");
        assertThat(compared().get(1).sentences()).containsExactly("The sheet is gone.");
    }

    private void revise(UnaryOperator<Sheet> other) {
        sketch.run(new Revise(other.apply(sketch.model().get(sheet.id(), Sheet.class))));
    }
}
