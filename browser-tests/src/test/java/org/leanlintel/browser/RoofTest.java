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

    /** Its water goes over the wall nearest to the pointer; it is built as flat roofs are. */
    @Test
    void aFlatRoofIsDrawnAtOnce() {
        drafter.button("Roof").click();
        drafter.button("Roof over walls").click();
        drafter.field("Form").selectOption("Flat, with parapets");
        drafter.click(2500, 700);
        drafter.expectUndo("draw roof R1");
        drafter.press("Escape");
        JsonNode roof = only("roof");
        assertThat(roof.path("buildUp").asString()).isEqualTo("build-up-flat-roof");
        assertThat(roof.path("usual").path("rises").path("type").asString()).isEqualTo("parapet");
        assertThat(roof.path("own").size()).isEqualTo(1);
        assertThat(roof.path("under").path("type").asString()).isEqualTo("itsUnderside");
        drafter.click(2500, -300);
        assertThat(page.getByLabel("Figures of the roof")).containsText("Slopes1");
    }

    @Test
    void anEdgeBecomesAParapet() {
        roof();
        select();
        Locator figures = page.getByLabel("Figures of the roof");
        assertThat(figures).not().containsText("Parapet");
        Locator edge = page.getByLabel("Edges of the roof")
                .getByRole(AriaRole.LISTITEM)
                .first();
        edge.getByRole(AriaRole.BUTTON).first().click();
        edge.getByLabel("It is").selectOption("Parapet");
        drafter.expectUndo("change roof R1");
        assertThat(figures).containsText("Parapet");
        assertThat(figures).containsText("Slopes3");
        Locator up = edge.getByLabel("Wall above the plate");
        up.fill("1 m");
        up.press("Enter");
        assertThat(up).hasValue("1000");
        assertThat(only("roof")
                        .path("own")
                        .path(0)
                        .path("edge")
                        .path("rises")
                        .path("upMm")
                        .asDouble())
                .isEqualTo(1000);
        edge.getByLabel("The roof").selectOption("Falls to it");
        assertThat(figures).containsText("Slopes4");
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

    /** As usual in the region; then vaulted, drawn, and refused where their pitch cannot be. */
    @Test
    void trussesAreLaidChangedAndDrawn() {
        roof();
        select();
        drafter.button("Lay trusses").click();
        drafter.expectUndo("lay trusses T1");
        assertThat(heading("Trusses T1")).isVisible();
        Locator figures = page.getByLabel("Figures of the trusses");
        assertThat(figures).containsText("How many");
        drafter.field("Shape").selectOption("Scissor, vaulted inside");
        drafter.expectUndo("change truss T1");
        assertThat(figures).containsText("Inside, over the plates");
        Locator pitch = drafter.field("Pitch inside");
        pitch.fill("40");
        pitch.press("Enter");
        assertThat(page.getByText("rise as steeply as the top chords")).isVisible();
        pitch.fill("15");
        pitch.press("Enter");
        drafter.expectUndo("change truss T1");
        assertThat(pitch).hasValue("15\u00b0");
        drafter.field("Shape").selectOption("Attic, round a room");
        drafter.expectUndo("change truss T1");
        assertThat(figures).containsText("Room");
        Locator wide = drafter.field("Room, wide");
        wide.fill("9000");
        wide.press("Enter");
        assertThat(page.getByText("wider than there is height for its uprights"))
                .isVisible();
        drafter.field("Shape").selectOption("Scissor, vaulted inside");
        drafter.expectUndo("change truss T1");
        pitch.fill("15");
        pitch.press("Enter");
        drafter.button("Draw one of them").click();
        drafter.expectUndo("add drawing Truss T1");
        JsonNode drawing = drawing("TRUSS");
        assertThat(api.get("/drawings/" + drawing.path("id").asString() + "/picture")
                        .json()
                        .toString())
                .contains("bottom chord, left")
                .contains("15\u00b0");
    }

    /** By its middle and width; its two slopes join the four of the roof. */
    @Test
    void aGableIsPutAcrossASlope() {
        roof();
        drafter.button("Gable across a slope").click();
        drafter.field("Width").fill("2000");
        drafter.field("Width").press("Enter");
        drafter.click(3600, -200);
        drafter.expectUndo("draw gable R2");
        JsonNode gable = only("roof");
        assertThat(gable.path("over").path("ring").size()).isEqualTo(4);
        JsonNode low = gable.path("over").path("ring").path(0),
                next = gable.path("over").path("ring").path(1);
        assertThat(next.path(0).asDouble() - low.path(0).asDouble()).isCloseTo(2000, within(0.01));
        assertThat((next.path(0).asDouble() + low.path(0).asDouble()) / 2).isCloseTo(3600, within(60.0));
    }

    /** A dormer 1,200 wide and 700 high; one that would reach past the ridge is refused with a sentence. */
    @Test
    void aDormerIsCutIntoTheRoof() {
        roof();
        drafter.button("Roof light, chimney, dormer, drain").click();
        drafter.field("Place").selectOption("A dormer");
        drafter.field("Width").first().fill("1200");
        drafter.field("Width").first().press("Enter");
        drafter.field("Front, up to its plates").fill("700");
        drafter.field("Front, up to its plates").press("Enter");
        drafter.click(3600, 1900);
        assertThat(footer()).containsText("does not end in its slope");
        drafter.click(3600, 500);
        drafter.expectUndo("place dormer DO1");
        JsonNode dormer = only("roofPart");
        assertThat(dormer.path("make").path("type").asString()).isEqualTo("dormer");
        assertThat(dormer.path("lengthMm").asDouble()).isEqualTo(700);
    }

    /** Those that its gutters need, in one click; another click finds that none is lacking. */
    @Test
    void downpipesArePlacedWhereTheyLack() {
        roof();
        select();
        drafter.button("Place those it lacks").click();
        drafter.expectUndo("downpipes on R1");
        assertThat(drafter.button("DP1")).isVisible();
        assertThat(only("roofPart").path("make").path("type").asString()).isEqualTo("downpipe");
        drafter.button("Place those it lacks").click();
        assertThat(footer()).containsText("R1 has the downpipes it needs.");
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
