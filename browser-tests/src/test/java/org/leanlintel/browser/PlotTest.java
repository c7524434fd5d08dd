package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.edit.drawing.AddSheet;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Sheet;

/** Sheets sent to the simulated plotter, which runs out of paper. */
class PlotTest extends NewProjectTest {

    PlotTest() {
        super("Plotted");
    }

    @Test
    void itIsHeldUpWithoutPaperAndGoesOnWithIt() {
        for (String number : List.of("A-101", "A-102"))
            api.edit(new AddSheet(
                    number,
                    "Plan",
                    Paper.across(PaperSize.A3),
                    List.of(new Sheet.Placed(new ElementId("drawing-ground-plan"), Vec.ORIGIN, new Vec(200, 150)))));
        drafter.expectUndo("add sheet A-102");
        drafter.press("Control+k");
        page.getByPlaceholder("A tool, a mark").fill("plotter");
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText("Plot sheets"))
                .click();
        assertThat(page.getByText("Simulated plotter is ready.")).isVisible();
        Page own = page.waitForPopup(() -> page.getByText("Its own page").click());
        own.getByText("Take the paper out").click();
        assertThat(own.getByText("It is out of paper.")).isVisible();

        drafter.button("Plot 2 sheets").click();
        Locator sent = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Sent to the plotter"));
        assertThat(sent).containsText("Plotted, 2 sheets: is held up It is out of paper.");
        assertThat(sent).containsText("0 of 2");
        own.getByText("Put paper in").click();
        assertThat(sent).containsText("Plotted, 2 sheets: plotted");
        assertThat(sent).containsText("2 of 2");
        own.reload();
        assertThat(own.getByText("Plotted A-102")).isVisible();
        own.close();
    }
}
