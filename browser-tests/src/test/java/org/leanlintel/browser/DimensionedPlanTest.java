package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.server.RunningServer;

/** The demo's ground floor dimensioned by the command, and its set-out check by hand. */
class DimensionedPlanTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer(true);

    /** On the string through the kitchen that says where its door to the hall is. */
    private static final double[] DOORS_STRING = {2600, 4825};

    private Drafter drafter;
    private Page page;

    @BeforeEach
    void open() {
        drafter = new Drafter(SERVER.address());
        page = drafter.page;
        page.getByText("Quarry Bank House").click();
        page.waitForFunction("() => Object.keys(localStorage).some(k => k.startsWith('lintel.view.'))");
    }

    @AfterEach
    void close() {
        drafter.close();
    }

    private void tool(String name) {
        if (!drafter.button("Set-out check").isVisible())
            drafter.button("Dimensions, notes").click();
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Stages"))
                .getByText(name, new Locator.GetByTextOptions().setExact(true))
                .click();
    }

    private void tab(String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }

    private Locator said(String pattern) {
        return page.getByText(Pattern.compile(pattern));
    }

    /** The furniture plan has no strings yet, and hides them; in outline no mark says how thick or wide anything is. */
    @Test
    void aPlanIsDimensionedFromNothing() {
        tab("Register");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ground floor, furniture"))
                .click();
        tool("Dimension it all");
        assertThat(page.locator("aside").getByText(Pattern.compile("hides the layer Dimensions")))
                .isVisible();
        drafter.press("Escape");
        tab("Facts");
        drafter.field("Lens").selectOption("Outline");
        tool("Dimension it all");
        assertThat(said("^\\d+ strings are added\\.$")).isVisible();
        drafter.button("Draw them").click();
        drafter.expectUndo("dimension Ground floor, furniture");
        tool("Set-out check");
        assertThat(said("^All \\d+ lines can be found\\.$")).isVisible();
        tool("Dimension it all");
        assertThat(page.locator("aside").getByText("All that was asked for is dimensioned already."))
                .isVisible();
        assertThat(drafter.button("Draw them")).isDisabled();
        drafter.press("Escape");
        drafter.press("Control+z");
        assertThat(page.getByTitle("Ctrl+Z")).not().containsText("dimension Ground floor, furniture");
    }

    @Test
    void whatAStringToldIsMissedWithoutItAndDrawnAgain() {
        tab("Register");
        Locator stamp = page.locator("li", new Page.LocatorOptions().setHasText("Ground floor plan"))
                .first()
                .getByText("set out whole");
        assertThat(stamp).isVisible();
        drafter.click(DOORS_STRING[0], DOORS_STRING[1]);
        drafter.press("Delete");
        drafter.expectUndo("delete dimension string");
        assertThat(stamp).isHidden();
        tab("Findings");
        page.getByText("Ground floor plan does not say where 2 of its lines lie.")
                .click();
        tab("Facts");
        assertThat(said("^2 of \\d+ lines cannot be found\\.$")).isVisible();
        assertThat(page.getByText("edge of D6, 2 lines")).isVisible();
        drafter.button("Dimension what is missing").click();
        assertThat(page.getByText("One string is added.")).isVisible();
        drafter.button("Draw them").click();
        drafter.expectUndo("dimension Ground floor plan");
        tool("Set-out check");
        assertThat(said("^All \\d+ lines can be found\\.$")).isVisible();
    }

    /** Of the study, from the garage beside it, which stands already. */
    @Test
    void aLineSaysByWhichNumbersItIsFound() {
        tool("Set-out check");
        assertThat(said("^All \\d+ lines can be found\\.$")).isVisible();
        drafter.click(6850, 1300);
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Found by")))
                .containsText("1812");
    }
}
