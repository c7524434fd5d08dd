package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Openings set out by rules, rooms named and parted, a wet room fitted out and checked, all by hand. */
class RoomsAndFittingsTest extends NewProjectTest {

    RoomsAndFittingsTest() {
        super("Fitting out");
    }

    /** A shell with a partition up its middle, roughly at 4,000. */
    @BeforeEach
    void shellInTwo() {
        shell();
        rough(4000);
        drafter.expectUndo("draw wall WA5");
        drafter.press("Escape");
    }

    private Locator facts() {
        return page.getByRole(AriaRole.TABPANEL);
    }

    /** To the edges from both neighbours, millimetres. */
    private double[] measures(String thing) {
        JsonNode all = api.get("/setting-out?thing=" + thing).json().path(0).path("measures");
        return new double[] {
            all.path(0).path("mm").asDouble(), all.path(1).path("mm").asDouble()
        };
    }

    @Test
    void aCentredWindowStaysCentredWhenTheRoomIsWidened() {
        drafter.press("g");
        drafter.field("Set out by").selectOption("Middle of the room");
        drafter.click(2000, 200);
        drafter.expectUndo("place window W1");
        String window = only("opening").path("id").asString();
        double[] before = measures(window);
        assertThat(before[0]).isCloseTo(before[1], within(0.01));
        drafter.press("Escape");
        drafter.click(4000, 3000);
        assertThat(page.getByText("Gaps between")).isVisible();
        drafter.point(2000, 2400);
        drafter.type("3000", "3000");
        drafter.expectUndo("set gap of WA5");
        double[] after = measures(window);
        assertThat(after[0]).isCloseTo(after[1], within(0.01));
        assertThat(after[0] + after[1]).as("3,000 less the window's 1,210").isCloseTo(1790, within(0.01));
        drafter.press("Escape");
        drafter.click(350 + 1500, 150);
        assertThat(facts().getByText("Centred between")).isVisible();
        drafter.field("Rule").selectOption("From WA5");
        drafter.expectUndo("change window W1");
    }

    @Test
    void aDoorIsSetOutByTheDistanceThatCounts() {
        drafter.press("d");
        drafter.point(4000, 2500);
        assertThat(page.locator("footer")).containsText("C: next distance");
        drafter.type("100", "100");
        drafter.expectUndo("place door D1");
        double[] measures = measures(only("opening").path("id").asString());
        assertThat(Math.min(measures[0], measures[1])).isCloseTo(100, within(0.01));
    }

    @Test
    void roomsAreNamedMeasuredAndParted() {
        drafter.press("Shift+R");
        drafter.field("Use").selectOption("Kitchen");
        drafter.click(2000, 2400);
        drafter.expectUndo("name room 0.01 Kitchen");
        Locator areas = page.getByLabel("Areas of this storey");
        assertThat(areas).containsText("0.01 Kitchen");
        assertThat(areas).containsText("no name");
        drafter.button("Number all anew").click();
        drafter.expectUndo("number rooms");
        assertThat(areas).containsText("0.02 Kitchen");
        drafter.press("Shift+B");
        drafter.click(354, 2400);
        drafter.click(3950, 2400);
        drafter.expectUndo("draw room limit");
        assertThat(page.getByText("Kitchen was parted")).isVisible();
        assertThat(areas).containsText("no name");
        drafter.press("Escape");
        drafter.press("Escape");
        goToTab("Register");
        drafter.button("Add room schedule").click();
        drafter.expectUndo("add drawing Rooms");
        var saved =
                page.waitForDownload(() -> page.getByText("Save Rooms as CSV").click());
        assertThat(saved.suggestedFilename()).endsWith("Rooms.csv");
    }

    /** The WC's side is 100 from the corner, its centre 290: BS 6465-2 asks for 400. */
    @Test
    void aWcTooNearTheCornerIsFoundAndPutRight() {
        drafter.press("Shift+F");
        drafter.field("Fitting").selectOption("WC");
        drafter.point(6500, 4300);
        drafter.type("100", "100");
        drafter.expectUndo("place WC");
        goToTab("Findings");
        Locator findings = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Findings"));
        assertThat(findings).containsText("WC F1: 290 from its centre to WA3, 400 needed, BS 6465-2.");
        page.getByLabel("Show the floor that fittings need").check();
        drafter.press("Escape");
        page.getByText("290 from its centre").click();
        goToTab("Facts");
        drafter.press("Escape");
        drafter.click(6556, 4200);
        assertThat(heading("WC F1")).isVisible();
        assertThat(page.locator("footer")).containsText("Type to change the distance");
        drafter.type("210", "210");
        drafter.expectUndo("change fitting F1");
        goToTab("Findings");
        assertThat(page.getByText("Nothing found.")).isVisible();
    }

    @Test
    void unitsFillTheWallAndATableIsTurnedByAQuarter() {
        drafter.press("Shift+F");
        drafter.field("Fitting").selectOption("Base units");
        drafter.click(2000, 4400);
        drafter.expectUndo("place Base units");
        drafter.field("Fitting").selectOption("Table for four");
        drafter.click(2000, 1800);
        drafter.expectUndo("place Table for four");
        drafter.press("Escape");
        drafter.press("Escape");
        drafter.click(2000, 4150);
        page.waitForTimeout(1500);
        page.screenshot(new Page.ScreenshotOptions().setPath(java.nio.file.Path.of("/tmp/shots/t1.png")));
        assertThat(heading("Base units F1")).isVisible();
        drafter.button("Fill between walls").click();
        drafter.expectUndo("fill with fitting F1");
        String clear = api.get("/storeys/storey-ground/areas")
                .json()
                .path("areas")
                .path(0)
                .path("sizes")
                .path(0)
                .asString();
        assertThat(all("fitting").getFirst().path("widthMm").asDouble())
                .as("as wide as its room, %s", clear)
                .isCloseTo(Double.parseDouble(clear.split(" x ")[0]), within(0.5));

        drafter.press("Escape");
        drafter.click(2000, 1800);
        assertThat(heading("Table for four F2")).isVisible();
        drafter.button("Turn by a quarter").click();
        drafter.expectUndo("change fitting F2");
        assertThat(all("fitting").getLast().path("seat").path("angle").asDouble())
                .isCloseTo(Math.PI / 2, within(1e-9));
    }

    /** A settle drawn with a rectangle and a line, 600 by 600, placed once and then changed: its use follows. */
    @Test
    void aSymbolIsDrawnByHandAndItsUseFollows() {
        drafter.press("Shift+F");
        drafter.button("Draw a symbol").click();
        assertThat(page.getByText("A symbol needs a name and something drawn.")).isVisible();
        drafter.field("Name").fill("Settle");
        drafter.field("Draw").selectOption("Rectangle");
        onSheet(0, 0);
        onSheet(600, 400);
        drafter.field("Draw").selectOption("Line");
        onSheet(0, 200);
        onSheet(600, 200);
        drafter.button("Done").click();
        drafter.button("Add to the stock").click();
        drafter.expectUndo("add symbol Settle");
        drafter.field("Fitting").selectOption("Settle");
        drafter.click(2000, 4400);
        drafter.expectUndo("place Settle");
        assertThat(all("symbol"))
                .filteredOn(s -> s.path("name").asString().equals("Settle"))
                .singleElement()
                .satisfies(s -> assertThat(s.path("drawn")).hasSize(2));
        int before = strokesOf(only("fitting").path("id").asString());

        drafter.button("Change the symbol").click();
        drafter.field("Draw").selectOption("Oval");
        onSheet(100, 50);
        onSheet(500, 350);
        drafter.button("Change").click();
        drafter.expectUndo("change symbol Settle");
        assertThat(strokesOf(only("fitting").path("id").asString()))
                .as("the use shows what was added")
                .isGreaterThan(before);
    }

    /** A place on the sheet that symbols are drawn on, millimetres from its back and its left; 5 % of air lie round it. */
    private void onSheet(double x, double y) {
        BoundingBox box = page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Drawing of the symbol"))
                .boundingBox();
        double scale = Math.min(box.width, box.height) / 660;
        page.mouse().click(box.x + box.width / 2 + (x - 300) * scale, box.y + box.height / 2 + (y - 300) * scale);
    }

    private int strokesOf(String element) {
        int strokes = 0;
        for (JsonNode g : api.get("/drawings/drawing-ground-plan/picture")
                .json()
                .path("picture")
                .path("groups"))
            if (g.path("element").asString().equals(element))
                for (JsonNode item : g.path("items"))
                    strokes += Math.max(1, item.path("lines").size());
        return strokes;
    }
}
