package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.server.RunningServer;

/** The demo projects as they are shown, looked round in and printed. */
class DemoProjectsTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer(true);

    private Drafter drafter;
    private Page page;
    private final List<String> faults = new ArrayList<>();

    @BeforeEach
    void open() {
        drafter = new Drafter(SERVER.address());
        page = drafter.page;
        page.onPageError(faults::add);
        page.onConsoleMessage(m -> {
            boolean refused = m.text().contains("status of 4");
            if (m.type().equals("error") && !refused) faults.add(m.text());
        });
    }

    @AfterEach
    void close() {
        assertThat(faults).as("faults of the page").isEmpty();
        drafter.close();
    }

    private void openProject(String name) {
        page.getByText(name).click();
        assertThat(page.locator("header")).containsText(name);
        assertThat(page.getByText("Reading the project")).hasCount(0);
        page.waitForFunction("() => Object.keys(localStorage).some(k => k.startsWith('lintel.view.'))");
    }

    @Test
    void viewsAreZoomedKeptAndGoneBackTo() {
        openProject("Quarry Bank House");
        String whole = view();
        drafter.point(4000, 4000);
        page.mouse().wheel(0, -600);
        page.waitForFunction(
                "whole => JSON.stringify(Object.entries(localStorage).filter(([k]) => k.endsWith('ground-plan'))) !== whole",
                whole);
        drafter.click(4050, 3200);
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Wall WA9")))
                .isVisible();
        drafter.press("End");
        String selected = view();
        assertThat(selected).isNotEqualTo(whole);
        drafter.press("PageUp");
        assertThat(view()).isNotEqualTo(selected);
        drafter.press("Home");
        assertThat(view()).isEqualTo(whole);
        drafter.press("End");
        page.reload();
        assertThat(page.locator("header")).containsText("Quarry Bank House");
        assertThat(view()).as("each drawing keeps its view").isEqualTo(selected);
    }

    private String view() {
        return String.valueOf(page.evaluate(
                "() => JSON.stringify(Object.entries(localStorage).filter(([k]) => k.endsWith('ground-plan')))"));
    }

    /** By keys alone a room is found, the board stepped through and a key chosen anew; a right click offers what suits a wall. */
    @Test
    void everythingIsFoundSteppedToAndOffered() {
        openProject("Quarry Bank House");
        page.keyboard().press("Control+k");
        page.keyboard().type("kitch");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("0.06 Kitchen")))
                .isVisible();
        drafter.press("Home");
        page.keyboard().press("]");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("0.06 Kitchen")))
                .isHidden();
        page.keyboard().press("[");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("0.06 Kitchen")))
                .isVisible();

        drafter.rightClick(4050, 2650);
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Wall beside a wall"))
                .click();
        assertThat(page.locator("footer")).containsText("Point to a side; type the distance, or click.");
        drafter.press("Escape");
        drafter.press("Escape");

        page.keyboard().press("?");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions()
                                .setName("Change the key of Measure")
                                .setExact(true))
                .click();
        page.keyboard().press(";");
        drafter.press("Escape");
        page.reload();
        assertThat(page.locator("header")).containsText("Quarry Bank House");
        assertThat(page.getByText("Reading the project")).hasCount(0);
        page.keyboard().press(";");
        assertThat(page.locator("footer")).containsText("Measure.");
    }

    @Test
    void aCabinIsDrawnInFeetAndInches() {
        openProject("Heron Point Cabin");
        assertThat(page.locator("header")).containsText("1/4\" = 1'-0\"");
        drafter.press("w");
        drafter.field("Build-up").selectOption("11 2x4 partition");
        double inch = 25.4;
        drafter.click(150 * inch, 233.25 * inch);
        drafter.point(151 * inch, 150 * inch);
        drafter.type("6-6 1/2", "6'-6 1/2\"");
        drafter.press("Enter");
        drafter.expectUndo("draw wall WA11");
        drafter.press("Escape");
        drafter.press("v");
        drafter.click(150 * inch, 190 * inch);
        assertThat(page.getByText("6'-6 1/2\" along its set-out line")).isVisible();
    }

    private void openSheet(String number) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Register"))
                .click();
        page.getByText(number).last().click();
    }

    /** The page that the print dialog offers. */
    private PrintedPage printed() {
        Locator link = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open PDF"));
        return new PrintedPage(SERVER.get(link.getAttribute("href")).body());
    }

    /** What the sheet says of the wet room is what the model measures. */
    @Test
    void theRoomScheduleIsReadFromTheSheetsPdf() {
        openProject("Quarry Bank House");
        openSheet("A-108");
        drafter.button("Print").click();
        PrintedPage sheet = printed();
        assertThat(sheet.words)
                .contains("0.07", "Wet room", "3.83 m\u00B2", "Sum of Ground", "Shower tray", "Tiles to fall");
    }

    /** Its shower, basin and WC are taken out and put in again by hand, and nothing is found. */
    @Test
    void theWetRoomIsFittedOutAnew() {
        openProject("Quarry Bank House");
        for (double[] at : new double[][] {{7250, 7600}, {7640, 7980}, {8500, 7000}}) {
            drafter.click(at[0], at[1]);
            drafter.press("Delete");
            drafter.expectUndo("delete fitting");
            drafter.press("Escape");
        }
        drafter.press("Shift+F");
        place("Shower tray", 7000, 8000);
        place("WC", 8600, 7000);
        drafter.field("Fitting").selectOption("Basin");
        drafter.field("Width").fill("500");
        drafter.field("Width").press("Enter");
        drafter.click(7795, 8000);
        drafter.expectUndo("place Basin");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Findings"))
                .click();
        assertThat(page.getByRole(AriaRole.TABPANEL)).containsText("A dimension string of Walls of Wet room has");
        assertThat(page.getByRole(AriaRole.TABPANEL)).not().containsText("needed");
    }

    private void place(String fitting, double x, double y) {
        drafter.field("Fitting").selectOption(fitting);
        drafter.click(x, y);
        drafter.expectUndo("place " + fitting);
    }

    /** The section prints on one sheet with the stair it cuts. */
    @Test
    void theSectionPrintsAtItsScale() {
        openProject("Heron Point Cabin");
        openSheet("A-103");
        drafter.button("Print").click();
        assertThat(printed().words).contains("Section A", "Stair ST1", "Living");
    }

    @Test
    void theCabinsSheetPrintsOnArchC() {
        openProject("Heron Point Cabin");
        openSheet("A-101");
        drafter.button("Print").click();
        PrintedPage sheet = printed();
        assertThat(sheet.widthMm).isCloseTo(24 * 25.4, within(0.01));
        assertThat(sheet.levelLinesMm)
                .as("a window of 5 ft at 1/4 in to the foot is 1 1/4 in")
                .anyMatch(mm -> Math.abs(mm - 1.25 * 25.4) < 0.005);
        assertThat(sheet.words).contains("27'-10", "Heron Point Cabin", "41 Heron Point Rd, Lake Ansel");
    }

    @Test
    void whatTheBoardShowsPrintsAtAStatedScale() {
        openProject("Quarry Bank House");
        drafter.button("Print").click();
        drafter.field("Paper").selectOption("A4");
        drafter.field("Scale").last().selectOption("1:100");
        PrintedPage view = printed();
        assertThat(view.widthMm).isCloseTo(297, within(0.01));
        assertThat(view.levelLinesMm)
                .as("the north wall's corner to its first window, 750 mm at 1:100")
                .anyMatch(mm -> Math.abs(mm - 7.5) < 0.005);
        assertThat(view.words).contains("1:100 at A4", "Living");
    }

    @Test
    void theWholeShellIsMadeOfAnotherBuildUpAtOnce() {
        openProject("Quarry Bank House");
        drafter.click(4300, 150);
        drafter.button("alike").click();
        drafter.field("Build-up of 2 walls").selectOption("3 Brick cavity wall");
        drafter.expectUndo("make 2 walls of Brick cavity wall");
        drafter.press("Control+z");
        assertThat(page.getByTitle("Ctrl+Y")).containsText("make 2 walls of Brick cavity wall");
    }

    @Test
    void aBuildUpIsChangedUnderTheWholeShell() {
        openProject("Quarry Bank House");
        drafter.click(4300, 150);
        drafter.button("Edit build-up").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG), stud = drafter.field("Thickness of ply 5");
        assertThat(stud).hasValue("140");
        assertThat(dialog).containsText("U 0.182 W/m²K");
        drafter.field("Framing of ply 5").selectOption("38x184 CLS");
        assertThat(stud).hasValue("184");
        assertThat(stud).isDisabled();
        assertThat(dialog).containsText("398 mm");
        assertThat(dialog).containsText("Fitted to them anew");
        assertThat(dialog).containsText("dimension strings show other figures");
        drafter.button("Remove ply 5").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("has no ply that carries");
        assertThat(drafter.button("Change the stock's, 4 walls")).isDisabled();
        drafter.button("Cancel").click();

        drafter.button("Edit build-up").click();
        drafter.field("Framing of ply 5").selectOption("38x184 CLS");
        drafter.button("Change the stock's, 4 walls").click();
        drafter.expectUndo("change build-up Brick and timber frame");
        drafter.press("Control+z");
        assertThat(page.getByTitle("Ctrl+Y")).containsText("change build-up");
    }

    /** A copy under another name gets the next mark; the set-out line is picked on the picture; one wall is made like another. */
    @Test
    void aBuildUpIsCopiedASetOutLinePickedAndSettingsGivenOn() {
        openProject("Quarry Bank House");
        drafter.click(4300, 150);
        drafter.button("Edit build-up").click();
        assertThat(drafter.button("Add as new")).isDisabled();
        drafter.field("Name").last().fill("Brick and deeper frame");
        drafter.field("Framing of ply 5").selectOption("38x184 CLS");
        drafter.button("Add as new").click();
        drafter.expectUndo("make wall WA1 of Brick and deeper frame");
        assertThat(drafter.field("Build-up").locator("option", new Locator.LocatorOptions().setHasText("22 Brick")))
                .hasCount(1);

        drafter.button("Set out along Middle of structure").click();
        drafter.expectUndo("change wall WA1");
        drafter.press("Control+z");
        drafter.expectUndo("make wall WA1 of Brick and deeper frame");
        drafter.click(4050, 2650);
        page.keyboard().down("Shift");
        drafter.click(10600, 6200);
        page.keyboard().up("Shift");
        drafter.button("Make all like WA9").click();
        drafter.expectUndo("make 2 walls of Stud partition 75");
        drafter.press("Control+z");
        assertThat(page.getByTitle("Ctrl+Y")).containsText("make 2 walls");
    }
}
