package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

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
        drafter.click(-1500, -1000);
        drafter.expectUndo("place spot level");
        drafter.field("Finished").fill("-300");
        drafter.field("Finished").press("Enter");
        drafter.click(-1500, 5800);
        drafter.press("Escape");
        drafter.press("Escape");
        assertThat(page.getByText("Saved")).isVisible();
        JsonNode first = all("spotLevel").getFirst(), second = all("spotLevel").getLast();
        assertThat(first.path("existingMm").asDouble()).isEqualTo(-450);
        assertThat(first.path("finishedMm").asDouble()).isEqualTo(-450);
        assertThat(second.path("finishedMm").asDouble()).isEqualTo(-300);

        drafter.click(-1500, 5800);
        assertThat(heading("Level of the ground")).isVisible();
        drafter.field("Finished").fill("-350");
        drafter.field("Finished").press("Enter");
        drafter.expectUndo("change spot level");
        assertThat(all("spotLevel").getLast().path("finishedMm").asDouble()).isEqualTo(-350);
        assertThat(only("footing").path("undersideMm").asDouble()).isEqualTo(-1050);
    }
}
