package org.leanlintel.core.picture.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.sheet.Issued;

class TransmittalTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private static final Issued ISSUE =
            new Issued("2", LocalDate.of(2026, 3, 9), Issued.Purpose.CONSTRUCTION, "Window moved");

    private final Sketch sketch = new Sketch();

    private Sheet sheet(int number) {
        List<Sheet.Placed> plan = List.of(new Sheet.Placed(Sketch.PLAN, Vec.ORIGIN, new Vec(200, 200)));
        return (Sheet) sketch.run(new AddSheet("A-" + number, "Sheet of a title", Paper.across(PaperSize.A2), plan))
                .after()
                .getFirst();
    }

    private static List<String> words(Picture page) {
        List<String> words = new ArrayList<>();
        for (Group g : page.groups()) for (Item i : g.items()) if (i instanceof Item.Text t) words.add(t.text());
        return words;
    }

    @Test
    void itSaysWhatWasHandedOutAndToWhom() {
        Transmittal.Given council = new Transmittal.Given("Bay Council", LocalDate.of(2026, 3, 10), "by post");
        List<Picture> pages =
                new Transmittal(ISSUE, List.of(sheet(101)), List.of(council)).pages(sketch.model(), LETTERS);
        assertThat(pages).hasSize(1);
        assertThat(words(pages.getFirst()))
                .containsSubsequence("Transmittal", "Test", "Issue 2 of 2026-03-09, for construction", "Window moved")
                .containsSubsequence("A-101", "Sheet of a title", "A2", "1:50", "Bay Council", "2026-03-10", "by post")
                .endsWith("Page 1 of 1");
        assertThat(words(new Transmittal(ISSUE, List.of(), List.of())
                        .pages(sketch.model(), LETTERS)
                        .getFirst()))
                .contains("Nobody has been noted to have it yet.");
    }

    /** A hundred sheets run on over pages, each with its heads, and nothing leaves the paper. */
    @Test
    void longListsRunOnOverPages() {
        List<Sheet> sheets = new ArrayList<>();
        for (int i = 100; i < 200; i++) sheets.add(sheet(i));
        List<Picture> pages = new Transmittal(ISSUE, sheets, List.of()).pages(sketch.model(), LETTERS);
        assertThat(pages).hasSizeBetween(3, 4);
        List<String> numbers = new ArrayList<>();
        for (Picture p : pages) {
            assertThat(words(p)).contains("Sheet", "Title");
            words(p).stream().filter(w -> w.startsWith("A-")).forEach(numbers::add);
            assertThat(Extent.of(p).minY()).isGreaterThan(5);
            assertThat(Extent.of(p).maxX()).isLessThan(210 - 15.0);
        }
        assertThat(numbers).hasSize(100).isSorted();
    }
}
