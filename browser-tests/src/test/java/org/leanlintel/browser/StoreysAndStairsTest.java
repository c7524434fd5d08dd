package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A house of two storeys by hand: storeys, a stair in a well and its void, a floor, a backdrop, a gable and a section. */
class StoreysAndStairsTest extends NewProjectTest {

    StoreysAndStairsTest() {
        super("Going up");
    }

    /** A shell, 2,600 from floor to floor, and its copy above. */
    @BeforeEach
    void twoStoreys() {
        shell();
        drafter.press("Shift+Y");
        height("2600");
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("New storey"))
                .getByText("Add storey")
                .click();
        drafter.expectUndo("add storey First");
        assertThat(storeys().getByText("First")).isVisible();
        assertThat(heading("First floor plan")).isVisible();
    }

    /** Types the ground storey's height, and accepts what is said to change. */
    private void height(String typed) {
        typeHeight(typed);
        assertThat(page.getByLabel("What changes")).isVisible();
        drafter.button("Change").click();
        drafter.expectUndo("change storey Ground");
    }

    private void typeHeight(String typed) {
        Locator field = drafter.field("Floor to floor").first();
        assertThat(field).not().hasValue("");
        field.fill(typed);
        field.press("Enter");
    }

    private Locator storeys() {
        return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Storeys"));
    }

    private void goTo(String storey) {
        storeys().getByText(storey).click();
        assertThat(storeys().locator("[aria-current=true]")).hasText(storey);
    }

    private String firstPlan() {
        return all("drawing").stream()
                .filter(d -> d.path("name").asString().equals("First floor plan"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
    }

    private boolean shows(String drawing, String element) {
        for (JsonNode g : api.get("/drawings/" + drawing + "/picture")
                .json()
                .path("picture")
                .path("groups")) if (g.path("element").asString().equals(element)) return true;
        return false;
    }

    @Test
    void aStairIsFittedInAWellAndItsRisersFollowTheHeight() {
        goTo("Ground");
        drafter.press("Shift+W");
        drafter.click(400, 400);
        drafter.click(3200, 2400);
        Locator fits = page.getByLabel("Stairs that fit");
        assertThat(fits).containsText("Half landing");
        assertThat(fits.getByText("Quarter turn of winders")).isVisible();
        assertThat(fits).containsText("at least by Approved Document K (2013)");
        fits.getByText("Half landing").click();
        drafter.button("Draw it").click();
        drafter.expectUndo("draw stair ST1");
        String stair = all("stair").getFirst().path("id").asString();
        assertThat(api.get("/stairs/" + stair).json().path("risers").asInt())
                .as("2,600 by at most 220")
                .isEqualTo(12);
        assertThat(shows(firstPlan(), stair))
                .as("the flight coming up through its void")
                .isTrue();

        drafter.press("Escape");
        drafter.press("Escape");
        drafter.press("Shift+Y");
        typeHeight("2835");
        assertThat(page.getByLabel("What changes")).containsText("ST1: 12 risers of 216.7 become 13 of 218.1.");
        assertThat(page.getByLabel("What changes")).containsText("First moves up by 235");
        drafter.button("Change").click();
        drafter.expectUndo("change storey Ground");
        assertThat(api.get("/stairs/" + stair).json().path("risers").asInt()).isEqualTo(13);
    }

    @Test
    void aFloorFillsTheShellAndAVoidIsCutThroughIt() {
        drafter.onPlan(firstPlan());
        drafter.press("Shift+G");
        drafter.click(3600, 2400);
        assertThat(page.getByText("FL1 fills this shell already").first()).isVisible();
        drafter.press("Escape");
        drafter.press("Shift+O");
        drafter.click(1000, 1000);
        drafter.click(3000, 2000);
        drafter.expectUndo("cut void V1");
        String hole = all("floorVoid").getFirst().path("id").asString();
        assertThat(shows("drawing-ground-plan", hole))
                .as("dashed over the storey below")
                .isTrue();
        goTo("Ground");
        drafter.onPlan("drawing-ground-plan");
        drafter.press("Shift+G");
        drafter.click(3600, 2400);
        drafter.expectUndo("lay floor FL2");
        drafter.click(3600, 5200);
        assertThat(page.getByText("No walls close round that point").first()).isVisible();
    }

    @Test
    void theStoreyBelowIsABackdropToHoldToAndToBeInLineWith() {
        goTo("Ground");
        drafter.press("g");
        drafter.point(2400, 100);
        drafter.type("1000", "1000");
        drafter.expectUndo("place window W1");
        drafter.press("Escape");
        drafter.press("Escape");
        goTo("First");
        drafter.onPlan(firstPlan());
        drafter.press("z");
        assertThat(drafter.field("Backdrop (Z)")).hasValue("drawing-ground-plan");
        drafter.button("Print").click();
        Locator pdf = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open PDF"));
        assertThat(pdf.getAttribute("href")).doesNotContain("backdrop");
        page.getByText("Print the backdrop too").click();
        assertThat(pdf.getAttribute("href")).contains("backdrop=drawing-ground-plan");
        drafter.button("Cancel").click();
        drafter.press("g");
        drafter.field("Set out by").selectOption("In line with an opening");
        drafter.click(2000, 100);
        drafter.expectUndo("place window W2");
        JsonNode above = all("opening").getLast();
        assertThat(above.path("placing").path("type").asString()).isEqualTo("inLine");
    }

    @Test
    void aWallGetsAGableAndASectionShowsTheHouse() {
        drafter.onPlan(firstPlan());
        drafter.press("Escape");
        drafter.click(150, 2000);
        drafter.field("Head").selectOption("Gable");
        drafter.expectUndo("change wall");
        drafter.press("Escape");
        drafter.press("Shift+C");
        drafter.click(3600, -1000);
        drafter.click(3600, 6000);
        drafter.click(5000, 3000);
        drafter.expectUndo("draw section line A");
        goToTab("Register");
        drafter.button("Section A").click();
        assertThat(page.locator("header")).containsText("Scale");
        String section = all("drawing").stream()
                .filter(d -> d.path("kind").asString().equals("SECTION"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        assertThat(api.get("/drawings/" + section + "/picture").json().toString())
                .contains("First", "Ground", "CUT_STRUCTURE");
    }
}
