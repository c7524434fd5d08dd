package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

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

/** Many drawings of one model, by hand: lenses, layers, part plans, and what goes and comes. */
class ManyDrawingsTest {

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
        page.getByText("Quarry Bank House").click();
        assertThat(page.locator("header")).containsText("Quarry Bank House");
        assertThat(page.getByText("Reading the project")).hasCount(0);
        page.waitForFunction("() => Object.keys(localStorage).some(k => k.startsWith('lintel.view.'))");
    }

    @AfterEach
    void close() {
        assertThat(faults).as("faults of the page").isEmpty();
        drafter.close();
    }

    private void tab(String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }

    private void show(String drawing) {
        tab("Register");
        drafter.button(drawing).click();
        assertThat(page.locator("button[aria-current=true]", new Page.LocatorOptions().setHasText(drawing)))
                .isVisible();
    }

    /** Shows a plan, and points in it from now on. */
    private void lookAt(String drawing) {
        Object before = page.evaluate("() => Object.keys(localStorage)");
        show(drawing);
        drafter.press("Home");
        page.waitForFunction("known => Object.keys(localStorage).some(k => !known.includes(k))", before);
        String key = (String) page.evaluate(
                "known => Object.keys(localStorage).find(k => k.startsWith('lintel.view.') && !known.includes(k))",
                before);
        drafter.onPlan(key.substring(key.lastIndexOf('.') + 1));
        tab("Facts");
    }

    private Locator heading(String words) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(words));
    }

    private Locator hiddenForNow() {
        return page.getByText("Hidden for now:");
    }

    /** Fittings are hidden for now and put back; hidden again and kept, which undo takes back. */
    @Test
    void aLayerIsHiddenForNowPutBackAndKept() {
        drafter.click(2200, 800);
        assertThat(heading("Sofa")).isVisible();
        drafter.press("Escape");
        drafter.field("Fittings").uncheck();
        assertThat(hiddenForNow()).isVisible();
        drafter.click(2200, 800);
        assertThat(heading("Sofa")).isHidden();
        drafter.button("Put back").click();
        assertThat(hiddenForNow()).isHidden();
        drafter.field("Fittings").uncheck();
        drafter.button("Keep in the lens \u201CBuilding plan\u201D").click();
        drafter.expectUndo("change lens Building plan");
        assertThat(hiddenForNow()).isHidden();
        assertThat(page.getByText("hidden by the lens")).isVisible();
        drafter.press("Shift+F");
        assertThat(page.locator("footer")).containsText("hides layer Fittings");
        drafter.press("Escape");
        drafter.press("Control+z");
        assertThat(page.getByText("hidden by the lens")).isHidden();
    }

    /** All partitions of studs move to a layer of their own, which is shown faint; then it is merged back. */
    @Test
    void allWallsAlikeMoveToALayerMadeForThem() {
        drafter.button("Layers and lenses").click();
        drafter.field("Name of a new layer").fill("House walls");
        drafter.press("Enter");
        drafter.button("House walls").click();
        assertThat(page.getByText("0 things on it")).isVisible();
        drafter.button("Close").click();
        drafter.click(4050, 3200);
        drafter.button("alike").click();
        drafter.field("Layer").selectOption("House walls");
        drafter.expectUndo("to layer House walls");
        drafter.press("Escape");
        drafter.button("Layers and lenses").click();
        drafter.button("House walls in Building plan: Shown").click();
        drafter.button("House walls in Building plan: Faint").click();
        assertThat(drafter.button("House walls in Building plan: Hidden")).isVisible();
        drafter.button("House walls").click();
        drafter.field("Its things go to").selectOption("Walls");
        drafter.button("Delete the layer").click();
        drafter.button("Close").click();
        drafter.expectUndo("delete layer House walls");
    }

    /** A part of the plan at 1:20 has a note of its own, which the plan does not show. */
    @Test
    void aPartPlanIsDrawnWithANoteOfItsOwn() {
        drafter.press("Shift+Q");
        drafter.click(300, 4700);
        drafter.click(2100, 6500);
        drafter.expectUndo("add drawing Ground floor plan, part");
        drafter.press("Escape");
        show("Ground floor plan, part");
        assertThat(page.locator("header")).containsText("1:20");
        tab("Facts");
        assertThat(page.getByText("Shows a part of its storey")).isVisible();
        drafter.button("Show all of it").click();
        drafter.expectUndo("change drawing");
        drafter.press("Control+z");
        assertThat(page.getByText("Shows a part of its storey")).isVisible();
    }

    /** At 1:10, between break lines; its frame on the section leads to it. */
    @Test
    void aDetailOfASectionIsMarkedOnIt() {
        lookAt("Section A");
        drafter.press("Shift+Q");
        drafter.click(2500, 5000);
        drafter.click(3500, 6200);
        drafter.expectUndo("add drawing Section A, detail");
        drafter.press("Escape");
        drafter.press("v");
        drafter.click(2500, 5600);
        tab("Facts");
        drafter.button("Open it").click();
        assertThat(page.locator("header")).containsText("1:10");
        assertThat(page.getByText("Shows a part of its house")).isVisible();
        assertThat(drafter.field("Break lines along its edges")).isChecked();
    }

    /** A building plan and a furniture plan of every storey, in one edit. */
    @Test
    void plansOfEveryStoreyAreMadeAtOnce() {
        tab("Register");
        drafter.button("Several at once").click();
        drafter.field("Furniture plan").check();
        drafter.field("Structural plan").check();
        drafter.button("Make 4 drawings").click();
        drafter.expectUndo("add 4 drawings");
        assertThat(drafter.button("First, furniture plan")).isVisible();
        show("Ground, furniture plan");
        assertThat(page.locator("header")).containsText("Furniture plan");
        drafter.button("Delete").click();
        assertThat(drafter.button("Ground, furniture plan")).isHidden();
        drafter.press("Control+z");
        drafter.press("Control+z");
        assertThat(drafter.button("First, structural plan")).isHidden();
    }

    /** The bench in the garage stands already; once it goes, a schedule of what goes lists it, and no other. */
    @Test
    void aFittingThatGoesIsListedWithWhatGoes() {
        drafter.click(10_400, 7537);
        assertThat(drafter.field("State")).hasValue("EXISTING");
        drafter.field("State").selectOption("To be removed");
        drafter.expectUndo("change");
        show("Fittings");
        drafter.button("Another like it").click();
        assertThat(drafter.button("Fittings 2")).isVisible();
        tab("Facts");
        drafter.field("Lists").selectOption("What is to be removed");
        drafter.expectUndo("change drawing");
        assertThat(rows("Fittings 2")).hasSize(1).allMatch(row -> row.contains("2800"));
        assertThat(rows("Fittings")).isNotEmpty().noneMatch(row -> row.contains("2800"));
    }

    /** The rows of a schedule as it is saved for a spreadsheet. */
    private List<String> rows(String schedule) {
        show(schedule);
        String file = page.getByText("Save " + schedule + " as CSV").getAttribute("href");
        List<String> lines =
                page.request().get(SERVER.address() + file).text().lines().toList();
        return lines.subList(1, lines.size());
    }

    /** Everything of a plan to one layer, in one edit that one undo takes back. */
    @Test
    void allThatIsSelectedGoesToAnotherLayerAtOnce() {
        drafter.press("Control+a");
        assertThat(heading("things")).isVisible();
        Locator layer = drafter.field("Layer");
        assertThat(layer).hasValue("");
        layer.selectOption("Notes");
        drafter.expectUndo("move");
        assertThat(layer.locator("option:checked")).hasText("Notes");
        drafter.press("Control+z");
        assertThat(layer).hasValue("");
    }

    /** The garage as it is, what is taken down, and what comes: three drawings of one model. */
    @Test
    void anAlterationIsThreePlansOfOneModel() {
        drafter.click(10_500, 3750);
        assertThat(heading("Wall W")).isVisible();
        drafter.press("Escape");
        lookAt("Ground floor as it is");
        drafter.click(10_500, 3750);
        assertThat(heading("Wall W")).isVisible();
        drafter.press("Escape");
        tab("Facts");
        drafter.click(2000, 5500);
        assertThat(heading("Ground floor as it is")).isVisible();
        lookAt("Ground floor, demolition");
        drafter.click(9200, 3695);
        assertThat(heading("Wall W")).isVisible();
        drafter.press("Escape");
        tab("Facts");
        drafter.button("Layers and lenses").click();
        drafter.field("What is to be removed").selectOption("Not shown");
        drafter.button("Close").click();
        drafter.expectUndo("change lens Demolition plan");
        drafter.click(9200, 3695);
        assertThat(heading("Wall W")).isHidden();
        drafter.press("Control+z");
    }

    /** A mark is put where the drafter wants it, and let go again. */
    @Test
    void theMarkOfADoorIsPutElsewhere() {
        drafter.click(5600, 150);
        assertThat(heading("Door D")).isVisible();
        String mark = heading("Door D").textContent().replace("Door ", "");
        assertThat(page.getByText("Its mark finds its place")).isVisible();
        drafter.button("Put it").click();
        drafter.click(7800, 5200);
        drafter.expectUndo("move mark " + mark);
        drafter.click(5600, 150);
        assertThat(page.getByText("Its mark is where you put it")).isVisible();
        drafter.button("Let go").click();
        drafter.expectUndo("change door " + mark);
    }
}
