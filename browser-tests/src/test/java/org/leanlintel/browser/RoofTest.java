package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A shell gets its roof in one click; an end is made a gable; the sides are drawn, and the roof from above. */
class RoofTest extends NewProjectTest {

    RoofTest() {
        super("Roofed");
    }

    @BeforeEach
    void walls() {
        shell();
    }

    private void roof() {
        drafter.button("Roof").click();
        drafter.button("Roof over walls").click();
        drafter.click(2500, 2000);
        drafter.expectUndo("draw roof R1");
        drafter.press("Escape");
    }

    /** A roof is picked by its eaves, which lie outside of the walls. */
    private void select() {
        drafter.click(2500, -300);
        assertThat(heading("Roof R1")).isVisible();
    }

    @Test
    void aHipBecomesAGable() {
        roof();
        select();
        Locator figures = page.getByLabel("Figures of the roof");
        assertThat(figures).containsText("Slopes4");
        Locator edges = page.getByLabel("Edges of the roof").getByRole(AriaRole.LISTITEM);
        assertThat(edges).hasCount(4);
        double hipped = ridge();
        edges.first().getByRole(AriaRole.BUTTON).first().click();
        edges.first().getByLabel("It is").selectOption("Verge (gable)");
        drafter.expectUndo("change roof R1");
        assertThat(figures).containsText("Slopes3");
        edges.first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("As the others"))
                .click();
        drafter.expectUndo("change roof R1");
        assertThat(figures).containsText("Slopes4");
        assertThat(ridge()).isCloseTo(hipped, within(0.01));
    }

    private double ridge() {
        JsonNode roof = api.get("/roofs/" + only("roof").path("id").asString()).json();
        return Double.parseDouble(
                roof.path("figures").path(2).path("value").asString().replace("+", ""));
    }

    @Test
    void aPitchIsTypedAsItIsSaidAndWhatIsNoneStays() {
        roof();
        select();
        Locator pitch = drafter.field("Pitch").last();
        pitch.fill("steep");
        pitch.press("Enter");
        assertThat(page.getByText("A pitch is typed as 35 or 35°")).isVisible();
        assertThat(pitch).hasValue("steep");
        pitch.fill("6:12");
        pitch.press("Enter");
        drafter.expectUndo("change roof R1");
        JsonNode usual = only("roof").path("usual").path("rises").path("pitch");
        assertThat(usual.path("said").asString()).isEqualTo("IN_TWELVE");
        assertThat(usual.path("value").asDouble()).isEqualTo(6);
    }

    @Test
    void theSidesAreDrawnAtOnceAndTheRoofFromAbove() {
        roof();
        goToTab("Register");
        drafter.button("Draw the four elevations").click();
        drafter.expectUndo("draw elevations");
        drafter.button("South elevation").click();
        JsonNode drawing = all("drawing").stream()
                .filter(d -> d.path("name").asString().equals("South elevation"))
                .findFirst()
                .orElseThrow();
        assertThat(api.get("/drawings/" + drawing.path("id").asString() + "/picture")
                        .json()
                        .toString())
                .contains("ridge of R1")
                .contains("OUTLINE");
        drafter.button("Draw a roof plan").click();
        drafter.expectUndo("add drawing Roof plan");
        goToTab("Facts");
        assertThat(drafter.field("Lens")).hasValue("lens-roof");
    }
}
