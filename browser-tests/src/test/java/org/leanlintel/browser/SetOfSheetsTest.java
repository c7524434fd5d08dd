package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.server.RunningServer;

/** The demo house's set: laid out anew, a drawing placed by hand, checked, issued, changed, and held against what was issued. */
class SetOfSheetsTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer(true);

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

    private void register() {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Register"))
                .click();
    }

    private void openSheet(String words) {
        register();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(words))
                .last()
                .click();
        assertThat(page.locator("header")).containsText("Sheet " + words.substring(0, 5));
        Object id = page.evaluate(
                """
                async number => {
                  const projects = await (await fetch('/api/v1/projects')).json();
                  const project = projects.find(p => p.name === 'Quarry Bank House').id;
                  const { elements } = await (await fetch(`/api/v1/projects/${project}/state`)).json();
                  return elements.find(e => e.type === 'sheet' && e.number === number).id;
                }""",
                words.substring(0, 5));
        drafter.onPlan((String) id);
    }

    private Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    /** All drawings on as few sheets as they need; the sheets are shown before they are made, and one undo takes them back. */
    @Test
    void theWholeSetIsLaidOutByOneCommand() {
        register();
        drafter.button("Lay drawings out on sheets").click();
        drafter.button("All").click();
        drafter.field("Numbers after").fill("B-100");
        Locator sheets = page.getByLabel("Sheets to be made").getByRole(AriaRole.LISTITEM);
        assertThat(sheets.first()).containsText("B-101");
        drafter.field("Paper").selectOption("A3");
        assertThat(page.getByLabel("Too large for this paper")).containsText("Ground floor plan1:50Draw it at 1:100");
        drafter.field("Paper").selectOption("A1");
        assertThat(sheets).hasCount(6);
        drafter.button("Make 6 sheets").click();
        drafter.expectUndo("lay out 6 sheets");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("B-104")))
                .isVisible();
        drafter.press("Control+z");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("B-104")))
                .isHidden();
    }

    /** Another layout takes another part of the paper, its own field fills it, and a part says other words. */
    @Test
    void theTitleBlockIsLaidOutByTheOffice() {
        openSheet("A-107 Wall build-ups");
        drafter.field("Layout").selectOption("Along the foot, 36 high");
        drafter.expectUndo("change project settings");
        drafter.button("Move").nth(1).click();
        drafter.point(300, 40);
        assertThat(page.locator("footer")).containsText("There it stands off the drawing area.");
        drafter.press("Escape");
        drafter.field("One more field, called").fill("Plot");
        drafter.field("One more field, called").press("Enter");
        drafter.field("Plot").fill("17");
        drafter.field("Plot").press("Enter");
        drafter.button("Change the layout").click();
        drafter.field("Label").fill("Plot {plot}");
        drafter.field("Label").press("Enter");
        drafter.expectUndo("change title block Along the foot, 36 high");
        drafter.button("Copy the layout").click();
        assertThat(page.getByLabel("Register").getByLabel("Name", new Locator.GetByLabelOptions().setExact(true)))
                .hasValue("Along the foot, 36 high, copy");
        String words = printed("A-107");
        org.assertj.core.api.Assertions.assertThat(words).contains("Plot 17");
        for (int i = 0; i < 6; i++) drafter.press("Control+z");
        assertThat(drafter.field("Layout")).hasValue("title-block-corner");
    }

    /** A part of it is taken up where it stands, and moved by two clicks. */
    @Test
    void aPartOfTheTitleBlockIsMovedOnTheSheet() {
        openSheet("A-111 Kitchen and wet room");
        drafter.button("Change the layout").click();
        drafter.button("Lay its parts out on the sheet").click();
        drafter.click(500, 45);
        assertThat(page.locator("footer")).containsText("Click in the part to move it");
        drafter.click(500, 45);
        assertThat(page.locator("footer")).containsText("Click where it goes.");
        drafter.click(490, 51);
        assertThat(page.locator("header")).containsText("Undo: change title block");
        drafter.press("Control+z");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("Saved");
        drafter.press("Escape");
        drafter.press("Escape");
    }

    /** What is drawn of a sheet of the demo house, as JSON. */
    private String printed(String number) {
        return (String) page.evaluate(
                """
                async (number) => {
                  const projects = await (await fetch('/api/v1/projects')).json();
                  const project = projects.find(p => p.name === 'Quarry Bank House').id;
                  const { elements } = await (await fetch(`/api/v1/projects/${project}/state`)).json();
                  const sheet = elements.find(e => e.type === 'sheet' && e.number === number).id;
                  const { picture } = await (await fetch(`/api/v1/projects/${project}/sheets/${sheet}/picture`)).json();
                  return JSON.stringify(picture);
                }""",
                number);
    }

    /** The office's own logo from a file; what is none is said, and the one there stays. */
    @Test
    void aPictureIsPutIntoTheTitleBlock() throws IOException {
        openSheet("A-107 Wall build-ups");
        drafter.button("Change the layout").click();
        drafter.button("Add a part").click();
        drafter.field("Shows").selectOption("A picture");
        drafter.expectUndo("change title block Corner, 180 by 72");
        ByteArrayOutputStream logo = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(2000, 500, BufferedImage.TYPE_INT_RGB), "png", logo);
        Locator file = page.getByLabel("File of the picture");
        file.setInputFiles(new FilePayload("logo.png", "image/png", logo.toByteArray()));
        assertThat(drafter.button("Choose another picture")).isVisible();
        org.assertj.core.api.Assertions.assertThat(printed("A-107"))
                .as("as wide as its part, in its proportions")
                .containsPattern("\"address\":\"data:image/png;base64,[^\"]{100,}\"")
                .contains("\"widthMm\":38.4,\"heightMm\":9.6");
        file.setInputFiles(new FilePayload("notes.png", "image/png", "no picture".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("notes.png is no picture that can be read")).isVisible();
        assertThat(drafter.button("Choose another picture")).isVisible();
        for (int i = 0; i < 3; i++) drafter.press("Control+z");
        assertThat(page.getByLabel("File of the picture")).isHidden();
    }

    /** However far a wheel turns over the panel, the board stays where it is. */
    @Test
    void thePageItselfDoesNotScroll() {
        register();
        org.assertj.core.api.Assertions.assertThat(
                        page.evaluate("document.documentElement.scrollHeight - window.innerHeight"))
                .isEqualTo(0);
    }

    /** The numbers follow a rule, and back; some sheets can be left out of an issue; a page goes with each there is. */
    @Test
    void sheetsAreNumberedByARuleAndLeftOutOfAnIssue() {
        register();
        drafter.field("Counted").selectOption("By what is on them");
        drafter.button("Number them anew").click();
        drafter.expectUndo("number sheets");
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("A-201 ").setExact(false)))
                .isVisible();
        drafter.press("Control+z");
        drafter.button("Issues").click();
        dialog().getByLabel("A-101", new Locator.GetByLabelOptions().setExact(true))
                .uncheck();
        assertThat(drafter.button("Issue 13 of 14 sheets")).isEnabled();
        String transmittal = dialog().getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Transmittal"))
                .first()
                .getAttribute("href");
        org.assertj.core.api.Assertions.assertThat(transmittal).endsWith("/transmittal.pdf");
    }

    /** Where there is room it is placed; on the title block it is refused in words. */
    @Test
    void aDrawingIsPlacedByHandWhereThereIsRoom() {
        openSheet("A-105 Setting out");
        drafter.button("Move").nth(1).click();
        drafter.point(500, 50);
        assertThat(page.locator("footer")).containsText("There it stands off the drawing area.");
        drafter.click(500, 50);
        assertThat(page.locator("footer")).containsText("There it stands off the drawing area.");
        drafter.click(495, 200);
        drafter.expectUndo("change sheet A-105");
        drafter.press("Control+z");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("Saved");
    }

    /** The upper storey of the section stands on its sheet, with break lines; the section itself stays whole, and so it can be again. */
    @Test
    void aDrawingIsCroppedOnItsSheet() {
        openSheet("A-103 Section and stair");
        org.assertj.core.api.Assertions.assertThat(printed("A-103")).contains("\"Bedroom 3\"", "\"Stair hall\"");
        page.getByLabel("Crop of Section A").selectOption("By two corners");
        drafter.click(67, 344);
        assertThat(page.locator("footer")).containsText("Click the opposite corner.");
        drafter.click(252, 200);
        drafter.expectUndo("change sheet A-103");
        org.assertj.core.api.Assertions.assertThat(printed("A-103"))
                .contains("\"Bedroom 3\"")
                .doesNotContain("\"Stair hall\"");
        Locator here = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("On this sheet"));
        Locator broken = here.getByLabel("Break lines");
        broken.click();
        assertThat(broken).isChecked();
        here.getByText("Show all of it").click();
        assertThat(here.getByText("Show all of it")).isHidden();
        org.assertj.core.api.Assertions.assertThat(printed("A-103")).contains("\"Stair hall\"");
        for (int i = 0; i < 3; i++) drafter.press("Control+z");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("Saved");
    }

    /** What went after the issue is in the comparison, in words. */
    @Test
    void aSetIsIssuedChangedAndCompared() {
        drafter.button("Issues").click();
        assertThat(dialog().getByLabel("Issues").getByRole(AriaRole.LISTITEM)).hasCount(2);
        drafter.button("Compare with 1").click();
        assertThat(page.getByLabel("Differences")).containsText("Window W9 moved 250 to the left on the page.");
        drafter.button("Close").click();
        drafter.field("Note").fill("For the builder");
        drafter.button("Issue all 14 sheets").click();
        assertThat(dialog()).containsText("Issue 3");
        assertThat(dialog()).containsText("For the builder");
        drafter.button("Close").click();
        drafter.click(2200, 800);
        drafter.press("Delete");
        drafter.expectUndo("delete fitting");
        drafter.button("Issues").click();
        drafter.button("Compare with today").first().click();
        assertThat(page.getByLabel("Differences")).containsText("Fitting");
        drafter.button("Close").click();
        drafter.button("Withdraw\u2026").first().click();
        drafter.field("Why it is withdrawn").fill("a sofa was missed");
        drafter.button("Withdraw").last().click();
        assertThat(dialog()).containsText("Withdrawn: a sofa was missed");
    }
}
