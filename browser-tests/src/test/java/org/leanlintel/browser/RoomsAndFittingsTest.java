package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.server.Api;
import org.leanlintel.server.RunningServer;
import tools.jackson.databind.JsonNode;

/** Openings set out by rules, rooms named and parted, a wet room fitted out and checked, all by hand. */
class RoomsAndFittingsTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    private final Api api = Api.newProject(SERVER, "Fitting out");
    private Drafter drafter;
    private Page page;

    /** A shell of 7,200 by 4,800 with a partition up its middle, roughly at 4,000. */
    @BeforeEach
    void open() {
        drafter = new Drafter(SERVER.address() + "/projects/" + api.id());
        page = drafter.page;
        assertThat(page.locator("header")).containsText("Fitting out");
        api.edit(Api.shell(0, 0, 7200, 4800));
        drafter.expectUndo("draw 4 walls");
        drafter.press("Home");
        drafter.press("w");
        drafter.field("Build-up").selectOption("11 Stud partition 75");
        drafter.click(4000, 340);
        drafter.click(4000, 4460);
        drafter.expectUndo("draw wall W5");
        drafter.press("Escape");
        drafter.press("Escape");
    }

    @AfterEach
    void close() {
        drafter.close();
    }

    private Locator facts() {
        return page.getByRole(AriaRole.TABPANEL);
    }

    private JsonNode only(String type) {
        JsonNode found = null;
        for (JsonNode e : api.get("/state").json().path("elements"))
            if (e.path("type").asString().equals(type)) found = e;
        if (found == null) throw new AssertionError("no " + type);
        return found;
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
        drafter.expectUndo("place window G1");
        String window = only("opening").path("id").asString();
        double[] before = measures(window);
        assertThat(before[0]).isCloseTo(before[1], within(0.01));
        drafter.press("Escape");
        drafter.click(4000, 3000);
        assertThat(page.getByText("Gaps between")).isVisible();
        drafter.point(2000, 2400);
        drafter.type("3000", "3000");
        drafter.expectUndo("set gap of W5");
        double[] after = measures(window);
        assertThat(after[0]).isCloseTo(after[1], within(0.01));
        assertThat(after[0] + after[1]).as("3,000 less the window's 1,200").isCloseTo(1800, within(0.01));
        drafter.press("Escape");
        drafter.click(350 + 1500, 150);
        assertThat(facts().getByText("Centred between")).isVisible();
        drafter.field("Rule").selectOption("From W5");
        drafter.expectUndo("change window G1");
    }

    @Test
    void aDoorIsSetOutByTheDistanceThatCounts() {
        drafter.press("d");
        drafter.point(4000, 2500);
        assertThat(page.locator("footer")).containsText("C takes the next distance");
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
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Register"))
                .click();
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
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Findings"))
                .click();
        Locator findings = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Findings"));
        assertThat(findings).containsText("WC F1: 290 from its centre to W3, 400 needed, BS 6465-2.");
        page.getByLabel("Show the floor that fittings need").check();
        drafter.press("Escape");
        page.getByText("290 from its centre").click();
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Facts"))
                .click();
        drafter.press("Escape");
        drafter.click(6556, 4200);
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("WC F1")))
                .isVisible();
        assertThat(page.locator("footer")).containsText("Type to change the distance");
        drafter.type("210", "210");
        drafter.expectUndo("change fitting F1");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Findings"))
                .click();
        assertThat(page.getByText("Nothing found.")).isVisible();
    }
}
