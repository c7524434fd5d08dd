package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.leanlintel.server.Api;
import tools.jackson.databind.JsonNode;

/** Drawing walls from typed numbers, tightening them by gaps, keeping a passage, tracing a picture. */
class ChangingWallsTest extends NewProjectTest {

    ChangingWallsTest() {
        super("Gaps");
    }

    private double lineOf(String mark) {
        for (JsonNode wall : all("wall"))
            if (wall.path("mark").asString().equals(mark))
                return wall.path("start").path("at").path(0).asDouble();
        throw new AssertionError(mark);
    }

    @Test
    void aShellIsDrawnFromTypedNumbersOnly() {
        drafter.press("w");
        drafter.click(1000, 1000);
        drafter.press("ArrowUp");
        assertThat(footer()).containsText("Direction held.");
        drafter.type("4800", "4800");
        drafter.press("ArrowRight");
        drafter.type("7200", "7200");
        drafter.press("ArrowDown");
        drafter.type("4.8m", "4800");
        drafter.press("ArrowLeft");
        drafter.type("7200", "7200");
        drafter.expectUndo("draw 4 walls");
        assertThat(all("corner").stream()
                        .map(c -> c.path("at").path(0).asDouble() + " "
                                + c.path("at").path(1).asDouble()))
                .containsExactlyInAnyOrder("1000.0 1000.0", "1000.0 5800.0", "8200.0 5800.0", "8200.0 1000.0");

        drafter.press("e");
        drafter.field("Sizes are").selectOption("Inside, clear");
        drafter.field("Build-up").selectOption("11 Stud partition 75");
        drafter.click(12_000, 1000);
        drafter.point(13_000, 2000);
        page.keyboard().type("3600 x 2700");
        assertThat(footer()).containsText("= 3600 by 2700");
        drafter.press("Enter");
        drafter.expectUndo("draw 4 walls");
        assertThat(all("wall")).hasSize(8);
    }

    /** The shell's inner faces are 354 in; a partition of 100 goes where its gap says. */
    @Test
    void partitionsAreRoughedInAndTightenedByGaps() {
        shell();
        rough(3500);
        drafter.expectUndo("draw wall WA5");
        drafter.press("Escape");
        drafter.click(3500, 3000);
        assertThat(footer()).containsText("WA5 moves.");
        drafter.point(1500, 2400);
        assertThat(footer()).containsText("Type its gap to WA1");
        drafter.type("3000", "3000");
        drafter.expectUndo("set gap of WA5 to WA1 to 3000");
        assertThat(lineOf("WA5")).isCloseTo(354 + 3000 + 50, within(1e-6));

        drafter.field("Gaps between").selectOption("Structures");
        drafter.point(1500, 2400);
        drafter.type("3200", "3200");
        drafter.expectUndo("set gap of WA5 to WA1 to 3200");
        assertThat(lineOf("WA5"))
                .as("from the stud at 301.5 to that of the partition")
                .isCloseTo(301.5 + 3200 + 37.5, within(0.5));
    }

    /** With the shell's own wall selected, it says so before anything moves; N moves the partition instead. */
    @Test
    void theWallThatWillMoveIsSaidBeforeItMoves() {
        shell();
        rough(3500);
        drafter.press("Escape");
        drafter.click(7100, 1500);
        assertThat(footer()).containsText("WA3 moves. Type its gap to WA5");
        drafter.press("n");
        assertThat(footer()).containsText("WA5 moves. Type its gap to WA3");
        drafter.type("2500", "2500");
        drafter.expectUndo("set gap of WA5 to WA3 to 2500");
        assertThat(lineOf("WA5")).isCloseTo(7200 - 354 - 2500 - 50, within(1e-6));
    }

    @Test
    void aKeptPassageHoldsOrSaysWhy() {
        shell();
        rough(3000);
        rough(4200);
        drafter.expectUndo("draw wall WA6");
        drafter.press("Escape");
        drafter.click(3000, 3500);
        Locator gap = page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("WA6"));
        gap.getByText("Keep").click();
        drafter.expectUndo("keep 1100 between WA5 and WA6");
        double apart = lineOf("WA6") - lineOf("WA5");

        drafter.press("m");
        drafter.click(3000, 2000);
        drafter.point(3300, 2000);
        drafter.type("250", "250");
        drafter.expectUndo("move wall WA5");
        assertThat(lineOf("WA6") - lineOf("WA5")).isCloseTo(apart, within(1e-6));

        drafter.press("Escape");
        drafter.point(3800, 2400);
        page.keyboard().type("900");
        assertThat(page.locator("main")).containsText("is kept at 1100. Let it go first");
        drafter.press("Escape");
        drafter.press("Escape");
        assertThat(heading("Kept gaps")).isVisible();
        page.getByText("Let go").click();
        drafter.expectUndo("delete kept gap");
    }

    /** A box from clear paper, a wall split and healed, what is measured, what is hidden. */
    @Test
    void wallsAreSelectedSplitJoinedAndMeasured() {
        shell();
        drafter.press("k");
        drafter.click(3000, 4700);
        assertThat(footer()).containsText("Enter splits it");
        drafter.press("Enter");
        drafter.expectUndo("split wall WA2");
        drafter.press("v");
        drafter.drag(-600, 5400, 7800, 4300);
        assertThat(heading("2 things")).isVisible();
        drafter.button("Join in line").click();
        drafter.expectUndo("join WA2, WA5");
        drafter.drag(-600, 5400, 7800, -600);
        assertThat(heading("4 things")).isVisible();
        drafter.press("Shift+H");
        assertThat(page.locator("main")).containsText("4 hidden");
        drafter.button("Show and unlock all").click();

        drafter.press("q");
        drafter.click(0, 0);
        drafter.click(0, 4800);
        drafter.click(7200, 4800);
        assertThat(page.getByLabel("Measured")).containsText("run 12000");
        assertThat(page.getByLabel("Measured")).containsText("17.28 m\u00B2");
        assertThat(page.getByLabel("Measured")).containsText("90.0\u00B0");
        drafter.press("Escape");
        assertThat(page.getByLabel("Measured")).containsText("distance 4800");
    }

    /** Copied here, pasted where it was in another project. */
    @Test
    void wallsArePastedIntoAnotherProject() {
        shell();
        drafter.drag(-600, 5400, 7800, -600);
        drafter.press("Control+c");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Copied 4 things");
        Api other = Api.newProject(SERVER, "Elsewhere");
        page.navigate(SERVER.address() + "/projects/" + other.id());
        assertThat(page.locator("header")).containsText("Elsewhere");
        drafter.press("Control+v");
        assertThat(footer()).containsText("Paste 4.");
        drafter.press("Enter");
        drafter.expectUndo("paste 4 things");
        assertThat(other.revision()).isEqualTo(1);
    }

    /** 400 by 300 pixels; two of its points are said to lie 5,000 apart. */
    @Test
    void aPictureIsLaidBehindScaledAndNotCaught() throws IOException {
        goToTab("Register");
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB), "png", png);
        page.getByLabel("File to trace from")
                .setInputFiles(new FilePayload("survey.png", "image/png", png.toByteArray()));
        drafter.expectUndo("lay picture \"survey.png\"");
        double before = all("tracing").getFirst().path("widthMm").asDouble();
        page.getByText("Scale by two points").click();
        drafter.click(5000, 4000);
        drafter.click(7000, 4000);
        drafter.type("5000", "5000");
        drafter.expectUndo("scale picture \"survey.png\"");
        JsonNode scaled = all("tracing").getFirst();
        assertThat(scaled.path("widthMm").asDouble() / before).isCloseTo(2.5, within(0.02));

        drafter.press("w");
        drafter.point(
                scaled.path("at").path(0).asDouble(), scaled.path("at").path(1).asDouble());
        assertThat(page.getByText("corner of")).hasCount(0);
        drafter.press("Escape");
        goToTab("Register");
        page.getByLabel("File to trace from")
                .setInputFiles(new FilePayload("notes.pdf", "application/pdf", "%PDF- no more".getBytes()));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("This PDF is damaged and cannot be read.");
        page.getByText("Take away").click();
        drafter.expectUndo("delete picture");
    }
}
