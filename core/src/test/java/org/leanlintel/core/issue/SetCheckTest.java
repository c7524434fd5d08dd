package org.leanlintel.core.issue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.check.Finding;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.AddDrawing;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.edit.drawing.DrawSection;
import org.leanlintel.core.edit.note.PlaceSign;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.picture.sheet.Footprint;

/** A set of one plan of 100 by 80 on paper, mended finding by finding until nothing is missed. */
class SetCheckTest {

    private final Sketch sketch = new Sketch();

    private static Footprint footprint(Sheet.Placed placed) {
        return new Footprint(Vec.ORIGIN, new Bounds(-50, -40, 50, 40));
    }

    private List<String> found() {
        return SetCheck.of(sketch.model(), SetCheckTest::footprint).stream()
                .map(Finding::sentence)
                .toList();
    }

    private ElementId schedule(Drawing.Kind kind) {
        return sketch.run(new AddDrawing(
                        kind.name(),
                        kind,
                        Sketch.STOREY,
                        Sketch.LENS,
                        10,
                        new Drawing.Whole(),
                        new Drawing.All(),
                        List.of()))
                .after()
                .getFirst()
                .id();
    }

    private void sheet(String number, Sheet.Placed... placed) {
        sketch.run(new AddSheet(number, "Sheet", PaperSize.A2, List.of(placed)));
    }

    private static Sheet.Placed at(ElementId drawing, double x, double y) {
        return new Sheet.Placed(drawing, Vec.ORIGIN, new Vec(x, y));
    }

    private void titled() {
        Settings s = sketch.model().settings();
        sketch.run(new Revise(new Settings(
                s.id(),
                s.name(),
                "1 Row",
                "A",
                "B",
                s.units(),
                s.paper(),
                s.cutHeightMm(),
                s.region(),
                s.numbering(),
                s.letters())));
    }

    @Test
    void eachThingThatIsMissedIsSaidUntilItIsThere() {
        titled();
        sketch.shell(7200, 4800);
        assertThat(found())
                .containsExactly("Plan stands on no sheet.", "The marks of wall build-ups are explained on no sheet.");
        sheet("A-1", at(Sketch.PLAN, 200, 250));
        assertThat(found())
                .containsExactly(
                        "Plan on A-1 does not say where north is.",
                        "Plan on A-1 has no level mark.",
                        "The marks of wall build-ups are explained on no sheet.");
        sketch.run(new PlaceSign(Sketch.PLAN, Sketch.LAYER, new Vec(9000, 0), Sign.Says.NORTH));
        sketch.run(new PlaceSign(Sketch.PLAN, Sketch.LAYER, new Vec(1000, 1000), Sign.Says.LEVEL));
        sheet("A-2", at(schedule(Drawing.Kind.BUILD_UPS), 200, 250));
        assertThat(found()).isEmpty();
    }

    @Test
    void whatIsLeftOutOnPurposeIsNotAskedFor() {
        sketch.run(new Revise(sketch.model().get(Sketch.PLAN, Drawing.class).leftOut(true)));
        assertThat(found()).noneMatch(s -> s.contains("stands on no sheet"));
    }

    @Test
    void aSectionLineLeadsSomewhere() {
        titled();
        sheet("A-1", at(Sketch.PLAN, 200, 250));
        sketch.run(new DrawSection(
                "Section",
                Sketch.STOREY,
                Sketch.LAYER,
                new Vec(0, 1000),
                new Vec(5000, 1000),
                Side.LEFT,
                5000,
                Sketch.LENS,
                50));
        assertThat(found()).contains("Section A stands on no sheet.", "Section line A leads to no sheet.");
    }

    /** 100 wide each: 90 apart they lie on each other, 101 apart they do not. */
    @Test
    void drawingsOnEachOtherAndEmptySheetsAreFound() {
        titled();
        ElementId rooms = schedule(Drawing.Kind.ROOMS);
        sheet("A-1", at(Sketch.PLAN, 200, 250), at(rooms, 290, 250));
        sheet("A-2");
        assertThat(found()).contains("On A-1, Plan and ROOMS lie on each other.", "Nothing stands on A-2.");
        Sheet first = sketch.model().all(Sheet.class).getFirst();
        sketch.run(new Revise(first.with(List.of(at(Sketch.PLAN, 200, 250), at(rooms, 301, 250)))));
        assertThat(found()).noneMatch(s -> s.contains("lie on each other"));
    }
}
