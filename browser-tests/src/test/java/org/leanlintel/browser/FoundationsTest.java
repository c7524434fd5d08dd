package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Foundations under a house and the ground that falls along it. */
class FoundationsTest extends NewProjectTest {

    FoundationsTest() {
        super("On the ground");
    }

    @Test
    void foundationsAndLevelsOfTheGroundAreDrawnAndChanged() {
        shell();
        drafter.button("Storeys and stairs").click();
        drafter.button("Foundation").click();
        assertThat(footer()).containsText("Click inside the outside walls it is to carry.");
        drafter.click(3600, 2400);
        drafter.expectUndo("lay foundation FT1");
        drafter.click(3600, 2400);
        assertThat(page.getByText("Foundations lie under all of that already.").first())
                .isVisible();
        drafter.press("Escape");
        drafter.press("Escape");

        drafter.button("Level of the ground").click();
        drafter.field("Existing").fill("-450");
        drafter.field("Existing").press("Enter");
        drafter.click(-500, -300);
        drafter.expectUndo("place spot level");
        drafter.field("Finished").fill("-300");
        drafter.field("Finished").press("Enter");
        drafter.click(-500, 5100);
        drafter.press("Escape");
        drafter.press("Escape");
        assertThat(page.getByText("Saved")).isVisible();
        JsonNode first = all("spotLevel").getFirst(), second = all("spotLevel").getLast();
        assertThat(first.path("existingMm").asDouble()).isEqualTo(-450);
        assertThat(first.path("finishedMm").asDouble()).isEqualTo(-450);
        assertThat(second.path("finishedMm").asDouble()).isEqualTo(-300);

        drafter.click(-500, 5100);
        assertThat(heading("Level of the ground")).isVisible();
        drafter.field("Finished").fill("-350");
        drafter.field("Finished").press("Enter");
        drafter.expectUndo("change spot level");
        assertThat(all("spotLevel").getLast().path("finishedMm").asDouble()).isEqualTo(-350);
        assertThat(only("footing").path("undersideMm").asDouble()).isEqualTo(-1050);
    }

    @Test
    void theMaterialsOfAnElevationAreNamedAtOnce() {
        shell();
        find("elevations", "Draw the four elevations");
        drafter.expectUndo("draw elevations");
        goToTab("Register");
        page.getByText("South elevation").first().click();
        assertThat(page.locator("header")).containsText("Elevation");
        find("materials", "Name the materials seen here");
        drafter.expectUndo("place a note");
        assertThat(only("note").path("text").asString()).isEqualTo("{facing}");
        find("materials", "Name the materials seen here");
        assertThat(page.getByText("All materials that this drawing shows are named."))
                .isVisible();
    }

    private void find(String typed, String chosen) {
        drafter.press("Control+k");
        page.getByPlaceholder("A tool, a mark").fill(typed);
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText(chosen))
                .click();
    }
}
