package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/**
 * Lengths typed at any speed, over a network that is slow, answers out of order, or is gone: what is stored is what was typed,
 * or the text is still there with the reason.
 */
class TypingHandTest extends NewProjectTest {

    TypingHandTest() {
        super("Typing");
    }

    private SlowNetwork network;

    @BeforeEach
    void slowNetwork() {
        network = SlowNetwork.before(page);
        page.reload();
        assertThat(page.locator("header")).containsText("Typing");
        page.waitForFunction("() => document.body.innerText.includes('Nothing is drawn here yet')");
    }

    /** The lengths of walls between their corners, in the order they were drawn. */
    private List<Double> lengths() {
        return all("wall").stream().map(this::length).toList();
    }

    private double length(JsonNode wall) {
        double[] a = at(wall.path("start")), b = at(wall.path("end"));
        return Math.rint(Math.hypot(a[0] - b[0], a[1] - b[1]) * 10) / 10;
    }

    private double[] at(JsonNode end) {
        JsonNode at = end.path("at");
        for (JsonNode c : all("corner"))
            if (c.path("id").asString().equals(end.path("corner").asString())) at = c.path("at");
        return new double[] {at.path(0).asDouble(), at.path(1).asDouble()};
    }

    @ParameterizedTest(name = "{0} ms between keys, {1} to {2} ms of network")
    @CsvSource({"0, 0, 0", "0, 50, 150", "40, 0, 300", "80, 100, 100", "200, 300, 300"})
    void runsAndDoorsAreAsTyped(int betweenMs, int leastMs, int mostMs) {
        network.waits(leastMs, mostMs);
        drafter.press("w");
        drafter.click(1000, 1000);
        for (String[] leg : new String[][] {{"ArrowRight", "6400"}, {"ArrowUp", "4.2m"}, {"ArrowLeft", "12'6 1/2\""}}) {
            drafter.press(leg[0]);
            drafter.hand(leg[1], betweenMs);
        }
        drafter.press("Enter");
        drafter.press("ArrowUp");
        drafter.click(1000, 9000);
        drafter.hand("1440", betweenMs);
        drafter.press("Enter");
        drafter.expectUndo("draw wall WA4");
        assertThat(lengths()).containsExactlyInAnyOrder(6400.0, 4200.0, 3822.7, 1440.0);

        drafter.press("d");
        drafter.point(2500, 1010);
        drafter.hand("1250", betweenMs);
        drafter.point(5500, 1010);
        drafter.hand("605", betweenMs);
        drafter.expectUndo("place door");
        assertThat(all("opening").stream()
                        .map(o -> o.path("placing").path("distanceMm").asDouble()))
                .containsExactlyInAnyOrder(1250.0, 605.0);
    }

    @ParameterizedTest(name = "{0} ms between keys, {1} ms of network")
    @CsvSource({"0, 100", "60, 250"})
    void wallsBesideWallsAreEachFromTheLast(int betweenMs, int networkMs) {
        shell();
        network.waits(networkMs, networkMs);
        drafter.press("j");
        drafter.click(100, 2400);
        drafter.point(2000, 2400);
        drafter.hand("900", betweenMs);
        drafter.point(6000, 2400);
        drafter.hand("1200", betweenMs);
        drafter.hand("800", betweenMs);
        drafter.expectUndo("draw wall WA7");
        network.waits(0, 0);
        List<Double> lines = all("wall").stream()
                .filter(w -> w.path("mark").asString().matches("WA[567]"))
                .map(w -> at(w.path("start"))[0])
                .sorted()
                .toList();
        double thick = lines.get(0) - 900;
        assertThat(lines.get(1) - lines.get(0)).isGreaterThan(1200);
        assertThat(lines.get(2) - lines.get(1) - (lines.get(1) - lines.get(0))).isCloseTo(-400, within(0.5));
        assertThat(thick).isPositive();
    }

    @Test
    void withoutANetworkTheWorkGoesOnAndIsStoredLater() {
        drafter.press("w");
        drafter.click(1000, 1000);
        network.down(true);
        drafter.press("ArrowRight");
        drafter.hand("3600", 0);
        drafter.press("ArrowUp");
        drafter.hand("10'", 0);
        drafter.press("Enter");
        assertThat(page.getByRole(com.microsoft.playwright.options.AriaRole.STATUS))
                .containsText("No answer");
        drafter.press("ArrowRight");
        drafter.click(1000, 8000);
        drafter.hand("144\"", 0);
        drafter.press("Enter");
        network.down(false);
        drafter.expectUndo("draw wall WA3");
        assertThat(lengths()).containsExactlyInAnyOrder(3600.0, 3048.0, 3657.6);
    }

    @Test
    void whatIsRefusedComesBackOrCanBeTakenUpAgain() {
        shell();
        network.waits(150, 150);
        drafter.press("d");
        drafter.point(3000, 100);
        drafter.hand("9000", 0);
        assertThat(drafter.field("Entry line")).hasValue("9000");
        drafter.press("Escape");
        drafter.hand("9000", 0);
        page.keyboard().type("450");
        assertThat(drafter.button("Take up again: Door 9000")).isVisible();
        assertThat(drafter.field("Entry line")).hasValue("450");
        drafter.press("Enter");
        drafter.expectUndo("place door");
        assertThat(only("opening").path("placing").path("distanceMm").asDouble())
                .isEqualTo(450);
        drafter.button("Take up again: Door 9000").click();
        assertThat(drafter.field("Entry line")).hasValue("9000");
    }

    /** Two facts of one thing, the second typed while the first is on its way; then the board has the keys again. */
    @Test
    void factsTypedOneAfterTheOtherBothStand() {
        shell();
        drafter.press("d");
        drafter.click(3000, 100);
        drafter.expectUndo("place door");
        drafter.press("Escape");
        drafter.click(3000, 100);
        network.waits(300, 300);
        drafter.field("Width").fill("1010");
        drafter.press("Enter");
        drafter.field("Height").fill("2222");
        drafter.press("Enter");
        page.keyboard().type("77");
        assertThat(drafter.field("Entry line")).hasValue("77");
        page.waitForCondition(() -> only("opening").path("heightMm").asDouble() == 2222);
        assertThat(only("opening").path("widthMm").asDouble()).isEqualTo(1010);
    }

    @Test
    void whatToolsMakeIsThereAgainAfterAReload() {
        drafter.press("d");
        drafter.field("Width").fill("777");
        drafter.press("Enter");
        drafter.press("w");
        drafter.field("Build-up").selectOption("11 Stud partition 75");
        page.reload();
        assertThat(page.locator("header")).containsText("Typing");
        drafter.press("d");
        assertThat(drafter.field("Width")).hasValue("777");
        drafter.press("w");
        assertThat(drafter.field("Build-up")).hasValue("build-up-stud-partition");
    }
}
