package org.leanlintel.core.note;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.check.Findings;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.edit.note.AddClause;
import org.leanlintel.core.edit.note.FillBlank;
import org.leanlintel.core.edit.note.Picked;
import org.leanlintel.core.edit.note.PlaceKeyMark;
import org.leanlintel.core.edit.note.PlaceNote;
import org.leanlintel.core.edit.note.ReplaceWords;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Clause;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.KeyMark;
import org.leanlintel.core.model.Leaders;
import org.leanlintel.core.model.Note;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Target;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.takeoff.Table;
import org.leanlintel.core.takeoff.Tables;

/** A library of three clauses, and their numbers on the plan of a shell. */
class KeyedNotesTest {

    private final Sketch sketch = new Sketch();
    private final List<Wall> shell = sketch.shell(7200, 4800);
    private final Clause first = clause("Do not scale."),
            lintel = clause("Lintel ___, bearing ___."),
            joint = clause("Seal the joint.");

    private Clause clause(String text) {
        return (Clause) sketch.run(new AddClause("General", text)).after().getFirst();
    }

    private KeyMark mark(Clause clause, String... fills) {
        return (KeyMark) sketch.run(new PlaceKeyMark(
                        Sketch.PLAN,
                        Sketch.LAYER,
                        new Vec(2000, -1500),
                        clause.id(),
                        List.of(fills),
                        Leaders.Shape.STRAIGHT,
                        Leaders.Tip.DOT,
                        List.of(new Picked.Thing(shell.get(3).id(), new Vec(3000, 20)))))
                .after()
                .getFirst();
    }

    private int number(KeyMark mark) {
        return sketch.building().get(new KeyedNotes.In(mark.drawing())).number(mark);
    }

    private List<String> listed() {
        ElementId list = Sketch.id("list");
        sketch.put(new Drawing(
                list,
                "Keyed notes",
                Drawing.Kind.CLAUSES,
                Sketch.STOREY,
                Sketch.LENS,
                10,
                "",
                new Drawing.Whole(),
                1,
                new Drawing.All(),
                List.of()));
        Table table = Tables.of(sketch.model().get(list, Drawing.class), sketch.building());
        return table.rows().stream()
                .map(r -> r.cells().get(0).text() + " " + r.cells().get(1).text())
                .toList();
    }

    /** In the order of the library, whatever was put first; only what is used has a number. */
    @Test
    void numbersCountThroughWhatIsUsed() {
        KeyMark j = mark(joint);
        assertThat(number(j)).isEqualTo(1);
        KeyMark f = mark(first);
        assertThat(number(f)).isEqualTo(1);
        assertThat(number(j)).isEqualTo(2);
        assertThat(listed()).containsExactly("1 Do not scale.", "2 Seal the joint.");
    }

    /** One number for each way the blanks are filled, the same for marks that say the same. */
    @Test
    void blanksAreFilledWhereAClauseIsUsed() {
        KeyMark one = mark(lintel, "100 x 65", "150"), same = mark(lintel, "100 x 65", "150");
        KeyMark other = mark(lintel, "100 x 140", "150"), open = mark(lintel, "100 x 65");
        assertThat(List.of(number(one), number(same), number(other), number(open)))
                .containsExactly(2, 2, 1, 3);
        assertThat(listed())
                .containsExactly(
                        "1 Lintel 100 x 140, bearing 150.",
                        "2 Lintel 100 x 65, bearing 150.",
                        "3 Lintel 100 x 65, bearing ___.");
    }

    /** Two plans on two sheets: each begins with 1 where the project says so, and a list tells what its own sheet shows. */
    @Test
    void numbersBeginAnewOnEachSheetWhereTheProjectSaysSo() {
        KeyMark f = mark(first), j = mark(joint);
        ElementId other = Sketch.id("other-plan");
        Drawing plan = sketch.model().get(Sketch.PLAN, Drawing.class);
        sketch.put(new Drawing(
                other,
                "Other",
                plan.kind(),
                plan.storey(),
                plan.lens(),
                plan.scale(),
                "",
                plan.subject(),
                2,
                plan.frame(),
                List.of()));
        sketch.put(j.in(j.id(), j.layer(), other, j.at(), j.leaders()));
        j = sketch.model().get(j.id(), KeyMark.class);
        place("A-102", other);
        place("A-101", Sketch.PLAN);
        assertThat(List.of(number(f), number(j))).containsExactly(1, 2);
        Settings s = sketch.model().settings();
        sketch.put(s.counting(Settings.ClauseNumbering.BY_SHEET));
        assertThat(List.of(number(f), number(j))).containsExactly(1, 1);
        assertThat(listed()).as("on no sheet: all of them").hasSize(2);
        Sheet second = sketch.model().all(Sheet.class).stream()
                .filter(x -> x.number().equals("A-102"))
                .findFirst()
                .orElseThrow();
        List<Sheet.Placed> more = new ArrayList<>(second.drawings());
        more.add(new Sheet.Placed(Sketch.id("list"), Vec.ORIGIN, new Vec(300, 100)));
        sketch.put(second.with(more));
        assertThat(listed()).containsExactly("1 Seal the joint.");
    }

    private void place(String number, ElementId drawing) {
        sketch.run(new AddSheet(
                number,
                number,
                Paper.across(PaperSize.A2),
                List.of(new Sheet.Placed(drawing, Vec.ORIGIN, new Vec(200, 200)))));
    }

    @Test
    void aClauseOnceChangedChangesEverywhere() {
        mark(lintel, "A", "B");
        sketch.run(new Revise(new Clause(lintel.id(), "Walls", "___ lintel on ___ of bearing.", lintel.order())));
        assertThat(listed()).containsExactly("1 A lintel on B of bearing.");
    }

    @Test
    void aBlankThatNothingFillsIsFound() {
        mark(lintel, "100 x 65");
        assertThat(found())
                .containsExactly(
                        "A keyed note of Plan has a blank that nothing fills: \"Lintel 100 x 65, bearing ___.\".");
    }

    private List<String> found() {
        return Findings.of(sketch.building()).stream()
                .filter(f -> f.kind() == Finding.Kind.NOTE)
                .map(Finding::sentence)
                .toList();
    }

    /** Each by itself, so that two typed one after the other both stand. */
    @Test
    void blanksAreFilledOneByOne() {
        KeyMark mark = mark(lintel);
        sketch.run(new FillBlank(mark.id(), 1, "150"));
        sketch.run(new FillBlank(mark.id(), 0, "steel"));
        assertThat(listed()).containsExactly("1 Lintel steel, bearing 150.");
        assertThat(sketch.refusal(new FillBlank(mark.id(), 2, "x")))
                .isEqualTo("The clause of this note has no such blank.");
    }

    @Test
    void wordsAreReplacedWhereverTheyStand() {
        mark(lintel, "precast", "150");
        Note note = (Note)
                sketch.run(new PlaceNote(Sketch.PLAN, Sketch.LAYER, Vec.ORIGIN, "Lintel precast", Sketch.LETTERS))
                        .after()
                        .getFirst();
        sketch.run(new ReplaceWords("precast", "steel"));
        assertThat(sketch.model().get(note.id(), Note.class).text()).isEqualTo("Lintel steel");
        sketch.run(new ReplaceWords("Lintel", "Beam"));
        assertThat(listed()).containsExactly("1 Beam steel, bearing 150.");
        assertThat(sketch.refusal(new ReplaceWords("precast", "")))
                .isEqualTo("No note and no clause says \"precast\".");
        assertThat(sketch.refusal(new ReplaceWords("Beam steel", " "))).contains("must not be empty");
    }

    @Test
    void aClauseInUseStaysAndItsMarksFollowWhatTheyPointAt() {
        KeyMark m = mark(joint);
        assertThat(sketch.refusal(new Delete(List.of(joint.id())))).contains("is still used by");
        assertThat(m.leaders().targets())
                .containsExactly(new Target.InPly(shell.get(3).id(), 0, 4200));
        sketch.run(new Delete(List.of(shell.get(3).id())));
        assertThat(sketch.model().get(m.id(), KeyMark.class).leaders().targets())
                .hasOnlyElementsOfType(Target.Lost.class);
        assertThat(found()).containsExactly("A keyed note of Plan points at what was deleted: \"Seal the joint.\".");
    }
}
