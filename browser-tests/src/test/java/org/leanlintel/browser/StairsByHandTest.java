package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.edit.storey.AddStorey;
import org.leanlintel.core.edit.storey.DrawStair;
import org.leanlintel.core.edit.storey.ReviseStorey;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.formats.standard.OfficeStandard;
import tools.jackson.databind.JsonNode;

/** In a house of two storeys: a spiral by hand, rules of the office's own, steps and a ramp to a door, a wall under a stair. */
class StairsByHandTest extends NewProjectTest {

    StairsByHandTest() {
        super("By hand");
    }

    @BeforeEach
    void twoStoreys() {
        shell();
        Storey ground =
                new Storey(OfficeStandard.GROUND, "Ground", 0, 2600, new Storey.NotSaid(), new Rise.UnderStoreyAbove());
        api.edit(new ReviseStorey(ground));
        Storey.Underfoot floor = new Storey.Built(new ElementId("build-up-timber-floor"));
        api.edit(new AddStorey(
                OfficeStandard.GROUND,
                true,
                "First",
                2500,
                floor,
                new AddStorey.Taking(true, false, false),
                new AddStorey.NotLaid()));
        drafter.expectUndo("add storey First");
    }

    /** Straight up from the left, 900 wide, along y = 2000 to 2900. */
    private String straightStair() {
        api.edit(new DrawStair(
                OfficeStandard.GROUND,
                OfficeStandard.LAYER_FLOORS,
                new Vec(1500, 2900),
                0,
                900,
                new Stair.Flights(List.of(), List.of()),
                new Stair.LeastRisers(),
                new Stair.GoingByRule(),
                OfficeStandard.stairMakes("UK").make(),
                Stair.Above.FOUND));
        drafter.expectUndo("draw stair ST1");
        return only("stair").path("id").asString();
    }

    @Test
    void aSpiralIsDrawnByHandAndItsFiguresAreShown() {
        drafter.press("Shift+S");
        drafter.field("Layout").selectOption("Spiral");
        drafter.field("Turns").selectOption("to the right, going up");
        drafter.click(2500, 2500);
        drafter.point(3500, 2500);
        drafter.type("800", "800");
        drafter.expectUndo("draw stair ST1");
        JsonNode stair = only("stair");
        assertThat(stair.path("shape").path("type").asString()).isEqualTo("spiral");
        assertThat(stair.path("widthMm").asDouble()).isEqualTo(800);
        drafter.press("Escape");
        drafter.press("Escape");
        drafter.click(2800, 1900);
        assertThat(heading("Stair ST1")).isVisible();
        Locator figures = page.getByLabel("Figures of the stair");
        assertThat(figures).containsText("12");
        assertThat(figures).containsText("216.7");
    }

    @Test
    void anOfficeMakesRulesOfItsOwnAndItsStairsAnswerToThem() {
        String stair = straightStair();
        assertThat(api.get("/stairs/" + stair).json().path("risers").asInt()).isEqualTo(12);
        goToTab("Findings");
        drafter.button("Change the rules for stairs").click();
        Locator riser = drafter.field("Riser, at most");
        assertThat(riser).hasValue("220");
        riser.fill("a palm");
        drafter.button("Use these").click();
        assertThat(riser).isFocused();
        assertThat(drafter.button("Use these")).isVisible();
        riser.fill("200");
        drafter.button("Use these").click();
        drafter.expectUndo("change rules United Kingdom");
        String name = "UK: Approved Document K, private stair, changed";
        assertThat(drafter.field("Stairs by")).hasValue(name);
        assertThat(api.get("/stairs/" + stair).json().path("risers").asInt())
                .as("2,600 by at most 200")
                .isEqualTo(13);
        assertThat(SERVER.get("/api/v1/stair-rules").json())
                .as("kept for the office's other projects")
                .anyMatch(s -> s.path("own").asBoolean()
                        && s.path("rules").path("name").asString().equals(name));
    }

    @Test
    void stepsLeadUpToADoorAndBecomeARamp() {
        drafter.press("Shift+Y");
        Locator ground = drafter.field("Ground outside");
        ground.fill("-450");
        ground.press("Enter");
        drafter.expectUndo("change datum and ground");
        drafter.field("Zero above datum").fill("12000");
        drafter.press("Escape");
        assertThat(drafter.field("Zero above datum")).hasValue("0");
        drafter.press("d");
        drafter.point(2400, 100);
        drafter.type("1000", "1000");
        drafter.expectUndo("place door D1");
        drafter.press("Escape");
        drafter.press("Escape");
        drafter.click(1450, 150);
        drafter.button("Add steps outside").click();
        drafter.expectUndo("place steps");
        drafter.button("Steps OS1").click();
        drafter.field("Leads up by").selectOption("a ramp");
        drafter.field("Slope").selectOption("1:15");
        drafter.expectUndo("change steps");
        assertThat(only("outsideSteps").path("way").path("slope").asDouble()).isEqualTo(1 / 15.0);
    }

    @Test
    void aWallIsRakedUnderAStairAndFollowsIt() {
        straightStair();
        rough(2600);
        drafter.expectUndo("draw wall WA9");
        drafter.press("Escape");
        drafter.click(2600, 1200);
        drafter.button("Rake under the stair").click();
        drafter.expectUndo("rake wall WA9 under the stair");
        assertThat(drafter.field("Head")).hasValue("stairs");
    }
}
