package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a trade region offers, changed by hand and kept as the office's own. */
class OwnRegionTest extends NewProjectTest {

    OwnRegionTest() {
        super("Our own region");
    }

    @AfterEach
    void removeRegions() {
        for (JsonNode o : SERVER.get("/api/v1/regions").json()) {
            String id = o.path("region").path("id").asString();
            if (id.contains(":")) SERVER.delete("/api/v1/regions?id=" + id.replace(":", "%3A"));
        }
    }

    private Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    private Locator inDialog(String label) {
        return dialog().getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
    }

    @Test
    void whatIsOfferedIsKeptAsTheOfficesOwnAndOfferedAtOnce() {
        shell();
        drafter.button("What is offered there").click();
        inDialog("Name of the region").fill("North office");
        inDialog("Wc").fill("Cloakroom");
        dialog().getByText("Sizes", new Locator.GetByTextOptions().setExact(true))
                .click();
        inDialog("Leaf 1, width").fill("7o0");
        dialog().getByText("Words and storeys").click();
        dialog().getByText("Keep as our own").click();
        assertThat(inDialog("Leaf 1, width")).isFocused();
        inDialog("Leaf 1, width").fill("700");
        dialog().getByText("Keep as our own").click();
        assertThat(dialog()).not().isVisible();
        drafter.expectUndo("change project");

        String region = only("settings").path("region").asString();
        assertThat(region).startsWith("UK:");
        assertThat(drafter.field("Built in").inputValue()).isEqualTo(region);
        drafter.press("d");
        assertThat(drafter.field("Leaf")).containsText("700 x 1981");
        drafter.press("Shift+R");
        drafter.field("Use").selectOption("Cloakroom");
        drafter.click(2000, 2400);
        drafter.expectUndo("name room 0.01 Cloakroom");

        drafter.press("Escape");
        page.keyboard().press("Control+z");
        drafter.expectUndo("change project");
        page.keyboard().press("Control+z");
        drafter.expectUndo("draw 4 walls");
        assertThat(page.locator("select").filter(new Locator.FilterOptions().setHasText("North office")))
                .hasValue("UK");
        drafter.press("d");
        assertThat(drafter.field("Leaf")).not().containsText("700 x 1981");
        assertThat(page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Leaf")))
                .isVisible();
    }
}
