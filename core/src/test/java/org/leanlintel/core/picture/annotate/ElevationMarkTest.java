package org.leanlintel.core.picture.annotate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.edit.drawing.DrawElevations;
import org.leanlintel.core.edit.note.PlaceSign;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.issue.SetCheck;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Sign;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.core.picture.sheet.Footprint;
import org.leanlintel.core.picture.sheet.SheetPicture;
import org.leanlintel.core.sheet.TitleFacts;

/** Round a house of 7,200 by 4,800, north up. */
class ElevationMarkTest {

    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private final Sketch sketch = new Sketch();

    private PlaceSign mark(double x, double y) {
        return new PlaceSign(Sketch.PLAN, Sketch.LAYER, new Vec(x, y), Sign.Says.ELEVATION);
    }

    private Sign placed(double x, double y) {
        return (Sign) sketch.run(mark(x, y)).after().getFirst();
    }

    private List<Drawing> elevations() {
        sketch.shell(7200, 4800);
        Change change = sketch.run(new DrawElevations(Sketch.STOREY, Sketch.LENS, 50));
        return change.after().stream().map(Drawing.class::cast).toList();
    }

    private Picture plan() {
        return DrawingPicture.of(sketch.building(), Sketch.PLAN, LETTERS).picture();
    }

    private List<String> words(Sign sign) {
        Group group = plan().groups().stream()
                .filter(g -> g.element().equals(sign.id()))
                .findFirst()
                .orElseThrow();
        return group.items().stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    @Test
    void itIsOfTheSideItStandsOn() {
        elevations();
        assertThat(sketch.model().all(Drawing.class)).extracting(Drawing::name).contains("South elevation");
        assertThat(words(placed(3600, -2500))).containsExactly("S");
        assertThat(words(placed(3600, 7000))).containsExactly("N");
        assertThat(words(placed(-2500, 2000))).containsExactly("W");
        assertThat(words(placed(9500, 2000))).containsExactly("E");
    }

    /** The number of its sheet comes into it, and the mark on the sheet leads there. */
    @Test
    void itLeadsToTheSheetOfItsElevation() {
        List<Drawing> elevations = elevations();
        Sign south = placed(3600, -2500);
        sheet("A-1", Sketch.PLAN);
        assertThat(missed()).contains("A mark of an elevation on Plan leads to no sheet.");
        sheet("A-9", elevations.getFirst().id());
        assertThat(words(south)).containsExactly("S", "A-9");
        assertThat(missed()).noneMatch(s -> s.startsWith("A mark of an elevation"));
        Sheet first = sketch.model().all(Sheet.class).getFirst();
        Picture printed = SheetPicture.of(
                first,
                sketch.model(),
                id -> DrawingPicture.of(sketch.building(), id, LETTERS).picture(),
                LETTERS,
                TitleFacts.printed("2026-01-01"));
        ElementId last = sketch.model().all(Sheet.class).getLast().id();
        assertThat(SheetLinks.of(printed, sketch.model(), LETTERS))
                .extracting(SheetLinks.Link::sheet)
                .containsOnly(last)
                .hasSize(2);
    }

    @Test
    void thereHasToBeOne() {
        sketch.shell(7200, 4800);
        assertThat(sketch.refusal(mark(3600, -2500))).isEqualTo("No elevation is drawn yet.");
    }

    private void sheet(String number, ElementId drawing) {
        sketch.run(new AddSheet(
                number,
                "Sheet",
                PaperSize.A2,
                List.of(new Sheet.Placed(drawing, new Vec(3600, 2400), new Vec(250, 250)))));
    }

    private List<String> missed() {
        return SetCheck.of(
                        sketch.model(),
                        p -> Footprint.of(
                                p,
                                sketch.model(),
                                DrawingPicture.of(sketch.building(), p.drawing(), LETTERS)
                                        .picture(),
                                LETTERS))
                .stream()
                .map(f -> f.sentence())
                .toList();
    }
}
