package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.server.RunningServer;

/** The overall string under the demo house, broken into parts and put together again. */
class RefiningStringsTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer(true);

    /** The line of the overall string, the edges of the front door, and where these can be picked. */
    private static final double LINE = -2100, JAMB = 5100, OTHER_JAMB = 6110, IN_WALL = 150;

    private Drafter drafter;
    private Page page;

    @BeforeEach
    void open() {
        drafter = new Drafter(SERVER.address());
        page = drafter.page;
        page.getByText("Quarry Bank House").click();
        page.waitForFunction("() => Object.keys(localStorage).some(k => k.startsWith('lintel.view.'))");
        drafter.click(9000, LINE);
        assertThat(heading("Dimension string")).isVisible();
    }

    @AfterEach
    void close() {
        drafter.close();
    }

    private Locator heading(String words) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(words));
    }

    @Test
    void pointsAreAddedTakenOutAndSplitAt() {
        drafter.button("Add points, take them out").click();
        drafter.click(JAMB, IN_WALL);
        drafter.expectUndo("add a point to a string");
        drafter.click(JAMB, LINE);
        drafter.expectUndo("take a point out of a string");
        drafter.click(JAMB, IN_WALL);
        drafter.expectUndo("add a point to a string");
        drafter.field("A click on the string").selectOption("splits it there");
        drafter.click(JAMB, LINE);
        drafter.expectUndo("split a dimension string");
        drafter.press("Escape");
        drafter.click(9000, LINE);
        assertThat(page.getByText("2 points")).isVisible();
        page.keyboard().down("Shift");
        drafter.click(2000, LINE);
        page.keyboard().up("Shift");
        drafter.button("Join 2 strings").click();
        drafter.expectUndo("join dimension strings");
        drafter.press("Escape");
        drafter.click(9000, LINE);
        assertThat(page.getByText("3 points")).isVisible();
    }

    /** The copy is selected, and refined by itself. */
    @Test
    void aCopyBesideItIsGoneOnWith() {
        drafter.button("Below").click();
        drafter.expectUndo("copy a dimension string");
        drafter.button("Add points, take them out").click();
        drafter.click(OTHER_JAMB, IN_WALL);
        drafter.expectUndo("add a point to a string");
        drafter.press("Control+z");
        drafter.press("Control+z");
        drafter.press("Escape");
        drafter.click(9000, LINE);
        assertThat(heading("Dimension string")).isVisible();
    }
}
