package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A door placed by hand stands in the schedule that is added, and in the file that is saved from it. */
class SchedulesTest extends NewProjectTest {

    SchedulesTest() {
        super("Schedules");
    }

    @BeforeEach
    void drawShell() {
        shell();
    }

    @Test
    void aDoorIsCountedAndSaved() throws IOException {
        drafter.press("d");
        drafter.point(3000, 150);
        drafter.type("1100", "1100");
        drafter.expectUndo("place door D1");
        drafter.press("Escape");
        goToTab("Register");
        drafter.button("Add door schedule").click();
        drafter.expectUndo("add drawing Doors");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add door schedule")))
                .hasCount(0);
        var saved =
                page.waitForDownload(() -> page.getByText("Save Doors as CSV").click());
        assertThat(saved.suggestedFilename()).endsWith("Doors.csv");
        assertThat(Files.readString(saved.path())).contains("\r\nD1,,Side hung,");
        var book = page.waitForDownload(
                () -> page.getByText("All schedules as XLSX").click());
        assertThat(book.suggestedFilename()).endsWith("schedules.xlsx");
        assertThat(Files.readAllBytes(book.path())).startsWith('P', 'K');
        goToTab("Facts");
        drafter.field("Runs on in another drawing after row").fill("1");
        drafter.button("Run on").click();
        drafter.expectUndo("run on drawing Doors");
        assertThat(page.getByText("Shows rows 1 to 1")).isVisible();
        goToTab("Register");
        drafter.button("Doors, continued").click();
        goToTab("Facts");
        assertThat(page.getByText("Shows rows 2 to the last")).isVisible();
    }
}
