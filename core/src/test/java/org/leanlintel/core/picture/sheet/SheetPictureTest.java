package org.leanlintel.core.picture.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Records;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.MarkLetters;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.annotate.ScaleBar;
import org.leanlintel.core.picture.drawing.Plan;
import org.leanlintel.core.sheet.TitleFacts;

class SheetPictureTest {

    private static final Lettering LETTERING = new Lettering(Map.of(), Map.of(), 0.5, 0.7);
    private final Sketch sketch = new Sketch();

    private Picture sheet(PaperSize size, Vec at) {
        sketch.run(Sketch.SHELL, true, 0, 0, 0, 4800, 7200, 4800, 7200, 0);
        Sheet sheet = (Sheet) sketch.run(new AddSheet(
                        "A-101", "Ground floor", size, List.of(new Sheet.Placed(Sketch.PLAN, new Vec(3600, 2400), at))))
                .after()
                .getFirst();
        return SheetPicture.of(
                sheet,
                sketch.model(),
                id -> Plan.of(sketch.building(), id, LETTERING).picture(),
                LETTERING,
                TitleFacts.printed("2026-11-23"));
    }

    private static List<String> texts(Picture picture) {
        return picture.groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }

    @Test
    void theDrawingLiesAtItsScaleWhereItWasPlaced() {
        Picture picture = sheet(PaperSize.A2, new Vec(285, 250));
        List<Vec> corners = picture.groups().stream()
                .filter(g -> Sketch.PLAN.equals(g.drawing()))
                .flatMap(g -> g.items().stream())
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.CUT_FACING)
                .flatMap(i -> ((Item.Strokes) i).lines().stream().flatMap(List::stream))
                .toList();
        Bounds bounds = Bounds.of(corners);
        assertThat(bounds.width()).as("7,200 mm at 1:50").isCloseTo(144, within(1e-6));
        assertThat(bounds.height()).isCloseTo(96, within(1e-6));
        assertThat(bounds.centre().distanceTo(new Vec(285, 250))).isLessThan(1e-6);
    }

    /** A layer in red, through a lens with colours on the board alone. */
    @Test
    void coloursOfTheBoardAreBlackOnPaperWhereTheLensSaysSo() {
        sketch.put(new Layer(
                Sketch.LAYER, "All", "", Layer.StandsFor.BUILT, new Layer.ByKind(), "#cc0000", false, List.of()));
        assertThat(inks(Lens.Colours.NOWHERE)).containsOnly("");
        assertThat(inks(Lens.Colours.EVERYWHERE)).contains("#cc0000");
        assertThat(inks(Lens.Colours.ON_BOARD)).containsOnly("");
        assertThat(inks(Plan.of(sketch.building(), Sketch.PLAN, LETTERING).picture()))
                .as("on the board")
                .contains("#cc0000");
    }

    private List<String> inks(Lens.Colours colours) {
        sketch.put(Records.with(sketch.model().get(Sketch.LENS, Lens.class), "colours", colours));
        if (sketch.model().all(Sheet.class).isEmpty()) sheet(PaperSize.A2, new Vec(285, 250));
        return inks(SheetPicture.of(
                sketch.model().all(Sheet.class).getFirst(),
                sketch.model(),
                id -> Plan.of(sketch.building(), id, LETTERING).picture(),
                LETTERING,
                TitleFacts.printed("today")));
    }

    private static List<String> inks(Picture picture) {
        return picture.groups().stream()
                .filter(g -> g.layer().equals(Sketch.LAYER))
                .flatMap(g -> g.items().stream())
                .filter(Item.Strokes.class::isInstance)
                .map(i -> ((Item.Strokes) i).pen().ink())
                .distinct()
                .toList();
    }

    /** So that what prints can be switched by layer, and told what it is. */
    @Test
    void everyLineKnowsItsElementAndLayer() {
        Picture picture = sheet(PaperSize.A2, new Vec(285, 250));
        List<ElementId> walls =
                sketch.model().all(Wall.class).stream().map(Wall::id).toList();
        List<Group> ofWalls = picture.groups().stream()
                .filter(g -> walls.contains(g.element()))
                .toList();
        assertThat(ofWalls).hasSize(4).allSatisfy(g -> {
            assertThat(g.layer()).isEqualTo(Sketch.LAYER);
            assertThat(g.drawing()).isEqualTo(Sketch.PLAN);
            assertThat(g.items()).isNotEmpty();
            assertThat(g.catches()).as("nothing is drawn on a sheet").isEmpty();
        });
        Picture plan = Plan.of(sketch.building(), Sketch.PLAN, LETTERING).picture();
        long drawn = plan.groups().stream().mapToLong(g -> g.items().size()).sum();
        long printed = picture.groups().stream()
                .filter(g -> Sketch.PLAN.equals(g.drawing()) && !g.element().equals(Sketch.PLAN))
                .mapToLong(g -> g.items().size())
                .sum();
        assertThat(printed).as("all of it").isEqualTo(drawn);
        assertThat(picture.groups().getLast().drawing())
                .as("the frame is of the sheet")
                .isNull();
    }

    @Test
    void theTitleBlockFillsItselfFromTheProject() {
        sketch.put(new Settings(
                Settings.ID,
                "Curlew Lodge",
                "7 Saltmarsh Lane",
                "B. Fenn",
                "R. Alder",
                UnitSystem.METRIC,
                PaperSize.A2,
                1200,
                "UK",
                Settings.RoomNumbering.FROM_ZERO,
                MarkLetters.PLAIN));
        assertThat(texts(sheet(PaperSize.A2, new Vec(285, 250))))
                .contains(
                        "Curlew Lodge",
                        "7 Saltmarsh Lane",
                        "B. Fenn",
                        "R. Alder",
                        "A-101",
                        "Ground floor",
                        "1:50",
                        "2026-11-23",
                        "Dimensions in millimetres",
                        "Scale at A2");
    }

    @Test
    void everythingOfTheFrameLiesOnThePaper() {
        for (PaperSize size : PaperSize.values()) {
            Sketch fresh = new Sketch();
            Sheet sheet = (Sheet)
                    fresh.run(new AddSheet("1", "T", size, List.of())).after().getFirst();
            Bounds bounds = Extent.of(SheetPicture.of(
                    sheet, fresh.model(), id -> new Picture(1, List.of()), LETTERING, TitleFacts.printed("today")));
            assertThat(bounds.minX()).as(size.label()).isCloseTo(size.leftMarginMm(), within(0.01));
            assertThat(bounds.maxX()).isCloseTo(size.longMm() - size.marginMm(), within(0.01));
            assertThat(bounds.maxY()).isCloseTo(size.shortMm() - size.marginMm(), within(0.01));
        }
    }

    /** A long name is set smaller rather than run out of its field. */
    @Test
    void aLongNameStaysInItsField() {
        sketch.put(new Settings(
                Settings.ID,
                "The rather long name of a house on a hill above the bay, with its outbuildings",
                "",
                "",
                "",
                UnitSystem.METRIC,
                PaperSize.A2,
                1200,
                "UK",
                Settings.RoomNumbering.FROM_ZERO,
                MarkLetters.PLAIN));
        Item.Text name = sheet(PaperSize.A2, new Vec(285, 250)).groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(i -> i instanceof Item.Text t && t.text().startsWith("The rather long"))
                .map(i -> (Item.Text) i)
                .findFirst()
                .orElseThrow();
        Item.Run run = name.runs().getLast();
        assertThat(run.right() + run.letters().length() * 0.5 * run.height() / 0.7)
                .isLessThanOrEqualTo(120 - 4.4 + 1e-6);
    }

    @Test
    void theScaleBarIsDrawnToScale() {
        List<String> labels = texts(sheet(PaperSize.A2, new Vec(285, 250)));
        assertThat(labels).containsSubsequence("0", "0.5", "1", "1.5", "2", "2.5 m");
        assertThat(bar(20, UnitSystem.METRIC)).as("at 1:20").containsExactly("0", "0.2", "0.4", "0.6", "0.8", "1 m");
        assertThat(bar(100, UnitSystem.METRIC)).containsExactly("0", "1", "2", "3", "4", "5 m");
        assertThat(bar(1000, UnitSystem.METRIC)).containsExactly("0", "10", "20", "30", "40", "50 m");
        assertThat(bar(48, UnitSystem.FEET_INCHES)).containsExactly("0", "2", "4", "6", "8", "10 ft");
        assertThat(bar(24, UnitSystem.FEET_INCHES)).containsExactly("0", "1", "2", "3", "4", "5 ft");
    }

    private static List<String> bar(double scale, UnitSystem units) {
        Pens pens = new Pens(Sketch.lens());
        ScaleBar.paint(Vec.ORIGIN, scale, units, new Lettering(Map.of(), Map.of(), 0.5, 0.7), pens);
        return pens.items().stream()
                .filter(Item.Text.class::isInstance)
                .map(i -> ((Item.Text) i).text())
                .toList();
    }
}
