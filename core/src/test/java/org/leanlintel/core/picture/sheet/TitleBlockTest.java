package org.leanlintel.core.picture.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.Sketch;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.change.Revise;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.edit.drawing.AddTitleBlock;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.OwnField;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.sheet.Issued;
import org.leanlintel.core.sheet.SheetArea;
import org.leanlintel.core.sheet.SheetOrder;
import org.leanlintel.core.sheet.TitleFacts;

/** Title blocks that an office lays out itself, on an A3: 390 by 277 within its frame. */
class TitleBlockTest {

    /** Letters half as wide as they are high, of capitals seven tenths: a letter of 3.5 is 2.5 wide. */
    private static final Lettering LETTERS = new Lettering(Map.of(), Map.of(), 0.5, 0.7);

    private static final ElementId OWN = Sketch.id("own");

    private final Sketch sketch = new Sketch();
    private Sheet sheet;

    @BeforeEach
    void aSheet() {
        sheet = (Sheet) sketch.run(new AddSheet("A-101", "Plan", Paper.across(PaperSize.A3), List.of()))
                .after()
                .getFirst();
    }

    private void lay(TitleBlock.Place place, double wide, double high, TitleBlock.Part... parts) {
        sketch.put(new TitleBlock(OWN, "Own", place, wide, high, List.of(parts), TitleBlock.Margin.BARE));
        Settings now = sketch.model().settings();
        if (!now.titleBlock().equals(OWN)) sketch.run(new Revise(now.titled(OWN, now.ownFields())));
    }

    private static TitleBlock.Part box(double x, double y, double w, double h, boolean far, TitleBlock.Content of) {
        return new TitleBlock.Part(x, y, w, h, far, true, of);
    }

    private static TitleBlock.Words words(String text, double mm) {
        return new TitleBlock.Words("", text, mm, false);
    }

    private Picture printed(Issued... issues) {
        return SheetPicture.of(
                sheet,
                sketch.model(),
                id -> new Picture(1, List.of()),
                LETTERS,
                new TitleFacts("2026-05-01", List.of(issues)));
    }

    private List<Item.Text> texts(Issued... issues) {
        return printed(issues).groups().stream()
                .flatMap(g -> g.items().stream())
                .filter(Item.Text.class::isInstance)
                .map(Item.Text.class::cast)
                .toList();
    }

    private Bounds area() {
        return SheetArea.of(sheet.paper(), TitleBlock.of(sketch.model())).block();
    }

    @Test
    void aStripRunsDownTheRightEdgeAndIsNotDrawnOn() {
        lay(
                TitleBlock.Place.RIGHT_EDGE,
                60,
                100,
                box(0, 10, 60, 20, true, words("up", 3)),
                box(0, 10, 60, 20, false, words("down", 3)));
        assertThat(area()).isEqualTo(new Bounds(350, 10, 410, 287));
        assertThat(SheetArea.of(sheet.paper(), TitleBlock.of(sketch.model())).outline())
                .containsExactly(new Vec(20, 10), new Vec(350, 10), new Vec(350, 287), new Vec(20, 287));
        assertThat(texts()).extracting(Item.Text::text).containsExactly("up", "down");
        assertThat(texts().get(0).at().y()).as("ten below the top").isBetween(287 - 30.0, 287 - 10.0);
        assertThat(texts().get(1).at().y()).as("ten above the foot").isBetween(10 + 10.0, 10 + 30.0);
    }

    @Test
    void alongTheFootPartsAreHeldToEitherEnd() {
        lay(
                TitleBlock.Place.FOOT,
                300,
                30,
                box(5, 0, 50, 30, false, words("left", 3)),
                box(5, 0, 50, 30, true, words("right", 3)));
        assertThat(area()).isEqualTo(new Bounds(20, 10, 410, 40));
        assertThat(texts().get(0).at().x()).isCloseTo(20 + 5 + 2.2, within(1e-9));
        assertThat(texts().get(1).at().x()).isCloseTo(410 - 55 + 2.2, within(1e-9));
    }

    @Test
    void onPaperTooSmallForItItIsNoLargerThanTheFrame() {
        sheet = (Sheet) sketch.run(new AddSheet("A-102", "Small", new Paper(PaperSize.A4, true), List.of()))
                .after()
                .getFirst();
        lay(TitleBlock.Place.CORNER, 360, 40, box(0, 0, 180, 40, false, words("half", 3)));
        assertThat(area()).isEqualTo(new Bounds(20, 10, 200, 50));
        assertThat(texts().getFirst().at().x()).isCloseTo(22.2, within(1e-9));
    }

    /** 35 letters of 2.5 are 87.5: in a box of 50 they make two lines, in one too low for two they are smaller. */
    @Test
    void longWordsAreBrokenThenMadeSmaller() {
        String words = "seven letters and so on seven again";
        lay(TitleBlock.Place.CORNER, 50, 40, box(0, 0, 50, 40, false, words(words, 3.5)));
        assertThat(texts()).hasSize(2).allMatch(t -> t.runs().getFirst().height() == 3.5);
        lay(TitleBlock.Place.CORNER, 50, 40, box(0, 0, 50, 6, false, words(words, 3.5)));
        double width = 0;
        for (Item.Text t : texts()) {
            double letters = t.runs().getFirst().height();
            assertThat(letters).isLessThan(3.5);
            width = Math.max(width, letters * 0.5 / 0.7 * t.text().length());
            assertThat(t.at().y()).isBetween(10.0, 16 - letters);
        }
        assertThat(width).isLessThanOrEqualTo(50 - 4.4 + 1e-9);
        String endless = "x".repeat(400);
        lay(TitleBlock.Place.CORNER, 50, 40, box(0, 0, 50, 40, false, words(endless, 3.5)));
        assertThat(texts()).singleElement().satisfies(t -> assertThat(
                        t.runs().getFirst().height() * 0.5 / 0.7 * 400)
                .isLessThanOrEqualTo(45.6 + 1e-9));
    }

    @Test
    void fieldsOfTheProjectAndItsOwnAreFilledAndOthersStay() {
        Settings now = sketch.model().settings();
        sketch.run(new Revise(now.titled(TitleBlock.USUAL, List.of(new OwnField("Job number", "2417")))));
        lay(
                TitleBlock.Place.CORNER,
                180,
                40,
                box(0, 0, 180, 40, false, words("{sheet} {JOB NUMBER} {issue} {issued for} {nobody}", 2)));
        Issued first = new Issued("1", LocalDate.of(2026, 4, 1), Issued.Purpose.PERMIT, "");
        Issued second = new Issued("2", LocalDate.of(2026, 4, 20), Issued.Purpose.TENDER, "");
        assertThat(texts(first, second).getFirst().text()).isEqualTo("A-101 2417 2 tender {nobody}");
    }

    @Test
    void aTableShowsTheLastIssues() {
        lay(TitleBlock.Place.CORNER, 180, 40, box(0, 0, 180, 40, false, new TitleBlock.Issues(2)));
        Issued[] three = new Issued[3];
        for (int i = 0; i < 3; i++)
            three[i] = new Issued("P" + i, LocalDate.of(2026, 4, 1 + i), Issued.Purpose.PERMIT, "note " + i);
        assertThat(texts(three))
                .extracting(Item.Text::text)
                .contains("P1", "P2", "2026-04-03", "note 2")
                .doesNotContain("P0");
    }

    /** A symbol of 200 by 100 in a box of 60 by 40: 58.4 wide, half as high, in the middle. */
    @Test
    void theOfficesSymbolIsAsLargeAsItsBoxAllows() {
        ElementId logo = Sketch.id("logo");
        sketch.put(new Symbol(
                logo,
                "Mark",
                Symbol.Kind.OTHER,
                "Test",
                false,
                new Vec(100, 50),
                Symbol.Extent.fixed(200),
                Symbol.Extent.fixed(100),
                0,
                0,
                List.of(),
                List.of(),
                List.of(new Symbol.Path(
                        List.of(new Vec(0, 0), new Vec(200, 0), new Vec(200, 100), new Vec(0, 100)), true)),
                List.of(),
                ""));
        lay(
                TitleBlock.Place.CORNER,
                60,
                40,
                new TitleBlock.Part(0, 0, 60, 40, false, false, new TitleBlock.Logo(logo)));
        Bounds drawn = printed().groups().getLast().items().stream()
                .filter(i -> i instanceof Item.Strokes s && s.role() == PenRole.SHEET_RULE)
                .flatMap(i -> ((Item.Strokes) i).lines().stream())
                .map(Bounds::of)
                .findFirst()
                .orElseThrow();
        assertThat(drawn.width()).isCloseTo(58.4, within(0.02));
        assertThat(drawn.height()).isCloseTo(29.2, within(0.02));
        assertThat(drawn.centre().distanceTo(new Vec(380, 30))).isLessThan(0.02);
        assertThat(sketch.tryRun(new Delete(List.of(logo))))
                .as("it is in the title block")
                .isInstanceOf(Refusal.class);
    }

    /** 640 by 200 dots: as wide as the box but for 0.8 at either side. */
    @Test
    void aPictureFillsItsBoxInItsOwnProportions() {
        String dots = "iVBORw0KGgoAAAANSUhEUgAAAoAAAADIAAAAAAA=";
        lay(TitleBlock.Place.CORNER, 60, 40, box(0, 0, 60, 40, false, new TitleBlock.Image(dots)));
        Item.Image drawn = printed().groups().getLast().items().stream()
                .filter(Item.Image.class::isInstance)
                .map(Item.Image.class::cast)
                .findFirst()
                .orElseThrow();
        assertThat(drawn.widthMm()).isCloseTo(58.4, within(1e-9));
        assertThat(drawn.heightMm()).isCloseTo(18.25, within(1e-9));
        assertThat(drawn.at().plus(new Vec(29.2, 9.125)).distanceTo(new Vec(380, 30)))
                .isLessThan(1e-9);
        assertThat(drawn.address()).isEqualTo("data:image/png;base64," + dots);
    }

    @Test
    void aCopyIsMadeAndTheOneInUseIsNotDeleted() {
        TitleBlock copy = (TitleBlock) sketch.run(new AddTitleBlock(TitleBlock.USUAL, "Corner, ours"))
                .after()
                .getFirst();
        assertThat(copy.parts()).isEqualTo(Sketch.titleBlock().parts());
        assertThat(sketch.refusal(new AddTitleBlock(TitleBlock.USUAL, "corner, OURS")))
                .isEqualTo("A title block is called \"Corner, ours\" already.");
        sketch.run(new Delete(List.of(copy.id())));
        assertThat(sketch.refusal(new Delete(List.of(TitleBlock.USUAL))))
                .isEqualTo("Title block Corner is still used by project settings.");
    }

    /** Sheets of two sets are counted apart, whatever stands between them by number; one without a set by itself. */
    @Test
    void aSheetSaysItsSetAndItsPlaceInIt() {
        sketch.run(new AddSheet("A-10", "Later", "Permit", sheet.paper(), List.of()));
        sketch.run(new AddSheet("A-9", "Earlier", "permit", sheet.paper(), List.of()));
        sketch.run(new AddSheet("A-9a", "Between", "Client", sheet.paper(), List.of()));
        assertThat(SheetOrder.of(sketch.model()))
                .extracting(Sheet::number)
                .containsExactly("A-101", "A-9a", "A-9", "A-10");
        assertThat(sketch.model().all(Sheet.class))
                .extracting(s -> new TitleFields(s, sketch.model(), TitleFacts.printed("today"))
                        .filled("{sheet} {set} {place in set}"))
                .containsExactlyInAnyOrder(
                        "A-101  Sheet 1 of 1",
                        "A-9 permit Sheet 1 of 2",
                        "A-10 Permit Sheet 2 of 2",
                        "A-9a Client Sheet 1 of 1");
    }

    /** Cut to 1000 by 500 with the margins of ISO: 20 at the left, 10 else. It has no name, and does not fold as the series A. */
    @Test
    void paperMayBeOfASizeOfItsOwn() {
        Paper own = new Paper(PaperSize.A2, true, 500, 1000);
        assertThat(List.of(own.widthMm(), own.heightMm())).containsExactly(500.0, 1000.0);
        assertThat(SheetArea.frame(own)).isEqualTo(new Bounds(20, 10, 490, 990));
        assertThat(own.label()).isEqualTo("1000 x 500");
        assertThat(own.isOfIso()).isFalse();
        assertThat(new Paper(PaperSize.ARCH_D, false, 30 * 25.4, 42.5 * 25.4).label())
                .isEqualTo("42.5 x 30 in");
        assertThatThrownBy(() -> new Paper(PaperSize.A2, false, 5000, 500)).isInstanceOf(Unusable.class);
        assertThatThrownBy(() -> new Paper(PaperSize.A2, false, 500, 0)).isInstanceOf(Unusable.class);
    }
}
