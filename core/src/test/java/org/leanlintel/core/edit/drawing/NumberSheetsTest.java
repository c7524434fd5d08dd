package org.leanlintel.core.edit.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;

class NumberSheetsTest {

    private final Sketch sketch = new Sketch();

    private Sheet sheet(String number, String title, ElementId... drawings) {
        List<Sheet.Placed> placed = List.of(drawings).stream()
                .map(d -> new Sheet.Placed(d, Vec.ORIGIN, new Vec(200, 200)))
                .toList();
        return (Sheet) sketch.run(new AddSheet(number, title, Paper.across(PaperSize.A2), placed))
                .after()
                .getFirst();
    }

    private ElementId schedule(Drawing.Kind kind) {
        ElementId id = Sketch.id("drawing-" + kind.name().toLowerCase(Locale.ROOT));
        sketch.put(new Drawing(
                id,
                kind.name(),
                kind,
                Sketch.STOREY,
                Sketch.LENS,
                1,
                "",
                new Drawing.Whole(),
                5,
                new Drawing.All(),
                List.of()));
        return id;
    }

    private List<String> numbered() {
        return sketch.model().all(Sheet.class).stream()
                .sorted(Comparator.comparing(Sheet::number))
                .map(s -> s.number() + " " + s.title())
                .toList();
    }

    @Test
    void sheetsAreCountedOneAfterAnotherInTheirOrder() {
        sheet("7", "Doors", schedule(Drawing.Kind.DOORS));
        sheet("10", "Empty");
        sheet("9b", "Plan", Sketch.PLAN);
        sketch.run(new NumberSheets("A-", NumberSheets.By.ORDER));
        assertThat(numbered()).containsExactly("A-101 Doors", "A-102 Plan", "A-103 Empty");
        assertThat(sketch.refusal(new NumberSheets("A-", NumberSheets.By.ORDER)))
                .isEqualTo("They are numbered so already.");
    }

    @Test
    void sheetsAreCountedByWhatStandsFirstOnThem() {
        sheet("1", "Doors", schedule(Drawing.Kind.DOORS));
        sheet("2", "Plan", Sketch.PLAN);
        sheet("3", "Rooms", schedule(Drawing.Kind.ROOMS));
        sheet("4", "Empty");
        sheet("5", "Legend", schedule(Drawing.Kind.LEGEND));
        sketch.run(new NumberSheets("A-", NumberSheets.By.KIND));
        assertThat(numbered())
                .containsExactly("A-001 Empty", "A-002 Legend", "A-101 Plan", "A-601 Doors", "A-602 Rooms");
    }

    @Test
    void withoutSheetsThatIsSaid() {
        assertThat(sketch.refusal(new NumberSheets("A-", NumberSheets.By.KIND)))
                .isEqualTo("There are no sheets to number.");
    }
}
