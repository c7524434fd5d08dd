package org.leanlintel.core.picture.annotate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Side;

/** Which sheet a mark names, where a detail of a section stands on another than the section. */
class SheetLinksTest {

    private final Sketch sketch = new Sketch();

    private void sheet(String number, ElementId drawing) {
        sketch.run(new AddSheet(
                number,
                "Sheet",
                PaperSize.A2,
                List.of(new Sheet.Placed(drawing, new Vec(3000, 2000), new Vec(250, 250)))));
    }

    private String named() {
        ElementId line = sketch.model().all(SectionLine.class).getFirst().id();
        Sheet sheet = SheetLinks.sheetOf(line, sketch.model());
        return sheet == null ? "none" : sheet.number();
    }

    @Test
    void aMarkLeadsToTheWholeSectionAndNotToADetailOfIt() {
        sketch.shell(6000, 4000);
        ElementId section = sketch.section(new Vec(3000, -1000), new Vec(3000, 5000), Side.LEFT, 5000);
        assertThat(named()).isEqualTo("none");
        Drawing whole = sketch.model().get(section, Drawing.class);
        List<Vec> ring = List.of(new Vec(0, 0), new Vec(900, 0), new Vec(900, 900), new Vec(0, 900));
        Drawing detail = new Drawing(
                Sketch.id("a-detail"),
                "Detail",
                whole.kind(),
                whole.storey(),
                whole.lens(),
                10,
                whole.sortBy(),
                whole.subject(),
                0,
                new Drawing.Part(ring, true),
                List.of(),
                List.of(),
                false);
        sketch.put(detail);
        sheet("A-1", detail.id());
        assertThat(named()).as("better than nowhere").isEqualTo("A-1");
        sheet("A-2", section);
        assertThat(named()).isEqualTo("A-2");
    }
}
