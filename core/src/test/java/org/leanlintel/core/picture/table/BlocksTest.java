package org.leanlintel.core.picture.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.edit.note.ReplaceWords;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.OwnField;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.annotate.NoteLines;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.picture.sheet.SheetFindings;
import org.leanlintel.core.picture.sheet.SheetPicture;
import org.leanlintel.core.sheet.TitleFacts;
import org.leanlintel.core.takeoff.Table;
import org.leanlintel.core.takeoff.Tables;

/** What stands on sheets by itself. Letters half as wide as high; tables, words and pictures at 1:10. */
class BlocksTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    /** One clear dot. */
    private static final String DOT =
            "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==";

    private final Sketch sketch = new Sketch();

    private AddDrawing adding(String name, Drawing.Kind kind, Drawing.Subject subject) {
        return new AddDrawing(name, kind, Sketch.STOREY, Sketch.LENS, 10, subject, new Drawing.All(), List.of());
    }

    private Drawing add(String name, Drawing.Kind kind, Drawing.Subject subject) {
        return (Drawing) sketch.run(adding(name, kind, subject)).after().getFirst();
    }

    private Drawing notes(String text, double widthMm) {
        return add("General notes", Drawing.Kind.TEXT, new Drawing.Written(text, Sketch.LETTERS, widthMm));
    }

    private List<Item> items(Drawing drawing) {
        return DrawingPicture.of(sketch.building(), drawing.id(), LETTERS).picture().groups().stream()
                .flatMap(g -> g.items().stream())
                .toList();
    }

    private List<Item.Text> texts(Drawing drawing) {
        return items(drawing).stream()
                .filter(Item.Text.class::isInstance)
                .map(Item.Text.class::cast)
                .toList();
    }

    /** What the project has, and its title block's own fields; what nobody has stated stays as it was typed, and is found on sheets. */
    @Test
    void wordsSayWhatTheProjectHas() {
        Settings project = sketch.model().settings();
        sketch.run(new Revise(project.titled(project.titleBlock(), List.of(new OwnField("Job number", "2417")))));
        Drawing notes = notes("For {project}, job {job number}.\nAsk {client} {1 of 2}.", 300);
        assertThat(texts(notes))
                .extracting(Item.Text::text)
                .contains("For " + project.name() + ", job 2417.", "Ask {client} {1 of 2}.");
        sketch.run(new AddSheet(
                "A-101", "Notes", PaperSize.A3, List.of(new Sheet.Placed(notes.id(), Vec.ORIGIN, new Vec(60, 200)))));
        assertThat(SheetFindings.of(
                        sketch.model(),
                        s -> SheetPicture.of(
                                s,
                                sketch.model(),
                                d -> DrawingPicture.of(sketch.building(), d, LETTERS)
                                        .picture(),
                                LETTERS,
                                TitleFacts.printed("2026-12-01")),
                        LETTERS))
                .extracting(Finding::sentence)
                .containsExactly("On A-101, General notes says {client}, and the project has nothing for that.");
    }

    /** Nine lines in two columns: five and four, as low as can be, each from the first base line down. */
    @Test
    void wordsStandInColumnsOfAboutOneHeight() {
        StringBuilder text = new StringBuilder();
        for (int i = 1; i <= 9; i++) text.append("Line ").append(i).append('\n');
        Drawing notes =
                add("General notes", Drawing.Kind.TEXT, new Drawing.Written(text.toString(), Sketch.LETTERS, 60, 2));
        List<Item.Text> texts = texts(notes);
        texts = texts.subList(1, texts.size());
        assertThat(texts)
                .extracting(t -> t.at().x())
                .containsExactly(0.0, 0.0, 0.0, 0.0, 0.0, 680.0, 680.0, 680.0, 680.0);
        assertThat(texts.get(5).text()).isEqualTo("Line 6");
        assertThat(texts.get(5).at().y()).isEqualTo(texts.get(0).at().y());
        assertThat(texts.get(8).at().y()).isCloseTo(texts.get(3).at().y(), within(1e-6));
        assertThatThrownBy(() -> new Drawing.Written("x", Sketch.LETTERS, 0, 2)).hasMessageContaining("have a width");
    }

    /** Twelve entries of two lines, in every number of columns: words hang in by the widest number and a millimetre after it. */
    @Test
    void theNumberOfAnEntryStandsBeforeItsWordsInEveryColumn() {
        StringBuilder text = new StringBuilder();
        for (int i = 1; i <= 12; i++)
            text.append(i).append(". Entry-").append(i).append(" of words that run on\n");
        double hung = (LETTERS.width("12.", 2.5, false) + 1) * 10;
        for (int columns = 1; columns <= 6; columns++) {
            List<Item.Text> texts = texts(add(
                    "Notes " + columns,
                    Drawing.Kind.TEXT,
                    new Drawing.Written(text.toString(), Sketch.LETTERS, 30, columns)));
            for (int i = 1; i <= 12; i++) {
                String number = i + ".", words = "Entry-" + i + " ";
                Vec mark = at(texts, t -> t.equals(number)), entry = at(texts, t -> t.startsWith(words));
                assertThat(entry.x() - mark.x()).as(number).isCloseTo(hung, within(1e-6));
                assertThat(entry.y()).as(number).isEqualTo(mark.y());
            }
        }
    }

    private static Vec at(List<Item.Text> texts, Predicate<String> which) {
        return texts.stream()
                .filter(t -> which.test(t.text()))
                .findFirst()
                .orElseThrow()
                .at();
    }

    /** A name at the foot of a column would be parted from what it names. */
    @Test
    void noColumnEndsWithAName() {
        List<NoteLines.Line> lines = new ArrayList<>();
        for (int i = 0; i < 8; i++) lines.add(new NoteLines.Line("line " + i, 0, i * 5, 2.5, i == 3));
        assertThat(Columns.of(lines, 2))
                .extracting(List::size)
                .as("not four each")
                .containsExactly(5, 3);
        lines.set(5, new NoteLines.Line("", 0, 25, 2.5, false));
        List<List<NoteLines.Line>> columns = Columns.of(lines, 2);
        assertThat(columns).extracting(List::size).containsExactly(5, 2);
        assertThat(columns.getLast().getFirst().words())
                .as("without the empty line")
                .isEqualTo("line 6");
        assertThat(Columns.of(List.of(), 2)).isEmpty();
    }

    /** 1.8 mm a letter: 40 mm hold 22 of them, an entry's two less. */
    @Test
    void wordsAreBrokenToTheirWidthUnderTheirHeading() {
        List<Item.Text> texts = texts(notes("1. Figured dimensions are taken, none is scaled.\n2. Check on site.", 40));
        assertThat(texts)
                .extracting(Item.Text::text)
                .startsWith("General notes")
                .contains("1.", "2.", "Check on site.");
        assertThat(texts).hasSizeGreaterThan(5);
        for (Item.Text t : texts.subList(1, texts.size())) {
            assertThat(t.at().y()).as(t.text()).isLessThan(-80);
            assertThat(t.at().x() + LETTERS.width(t.text(), 2.5, false) * 10)
                    .as(t.text())
                    .isLessThanOrEqualTo(400.001);
        }
        assertThat(at(texts, "2."::equals).y())
                .isEqualTo(at(texts, "Check on site."::equals).y());
    }

    @Test
    void theyAreReplacedWithTheNotes() {
        Drawing notes = notes("Timber C16", 0);
        sketch.run(new ReplaceWords("C16", "C24"));
        assertThat(texts(notes)).extracting(Item.Text::text).contains("Timber C24");
    }

    @Test
    void aPictureIsAsWideAsItIsAskedToBe() {
        Drawing picture = add("The house from the lane", Drawing.Kind.PICTURE, new Drawing.Pictured(DOT, 120));
        Item.Image image = (Item.Image) items(picture).stream()
                .filter(Item.Image.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(image.widthMm()).isCloseTo(1200, within(1e-9));
        assertThat(image.heightMm()).isCloseTo(1200, within(1e-9));
        assertThat(texts(picture)).extracting(Item.Text::text).containsExactly("The house from the lane");
    }

    @Test
    void eachIsOfItsOwn() {
        assertThat(sketch.refusal(adding("x", Drawing.Kind.TEXT, new Drawing.Whole())))
                .contains("Words on a sheet");
        assertThat(sketch.refusal(adding("x", Drawing.Kind.ROOMS, new Drawing.Pictured(DOT, 120))))
                .contains("Pictures on a sheet");
        assertThatThrownBy(() -> new Drawing.Pictured("no picture", 120)).isInstanceOf(Unusable.class);
        assertThat(sketch.refusal(adding("x", Drawing.Kind.TEXT, new Drawing.Written("", new ElementId("gone"), 0))))
                .contains("gone");
        notes("Timber C16", 0);
        assertThat(sketch.refusal(new Delete(List.of(Sketch.LETTERS)))).contains("General notes");
    }

    private void sheet(String number, String set, ElementId... drawings) {
        sketch.run(new AddSheet(
                number,
                "Sheet " + number,
                set,
                Paper.across(PaperSize.A2),
                List.of(drawings).stream()
                        .map(d -> new Sheet.Placed(d, Vec.ORIGIN, new Vec(200, 200)))
                        .toList()));
    }

    private List<List<String>> rows(Drawing list) {
        return Tables.of(list, sketch.building()).rows().stream()
                .map(r -> r.cells().stream().map(Table.Cell::text).toList())
                .toList();
    }

    /** All sheets, until it stands on one: then those bound with that. */
    @Test
    void aListOfSheetsFollowsTheSetItIsBoundIn() {
        Drawing list = add("Sheets", Drawing.Kind.SHEETS, new Drawing.Whole());
        assertThat(rows(list)).isEmpty();
        sheet("A-2", "Permit", Sketch.PLAN);
        sheet("C-1", "Client");
        assertThat(rows(list)).extracting(List::getFirst).containsExactly("C-1", "A-2");
        sheet("A-1", "Permit", list.id());
        assertThat(rows(list))
                .containsExactly(
                        List.of("A-1", "Sheet A-1", "Sheets", "A2"), List.of("A-2", "Sheet A-2", "Plan (1:50)", "A2"));
    }
}
