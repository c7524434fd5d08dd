package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The walls of a room drawn from inside, dimensioned, and a sill typed there. */
class RoomWallsTest extends NewProjectTest {

    RoomWallsTest() {
        super("Walls from inside");
    }

    @Test
    void theWallsOfARoomAreDrawnDimensionedAndEdited() {
        shell();
        drafter.press("g");
        drafter.click(2000, 4600);
        drafter.expectUndo("place window W1");
        drafter.press("Escape");
        drafter.press("Shift+R");
        drafter.field("Use").selectOption("Kitchen");
        drafter.click(4000, 2400);
        drafter.expectUndo("name room 0.01 Kitchen");
        drafter.button("0.01 Kitchen").click();
        drafter.button("Draw its walls from inside").click();
        drafter.expectUndo("draw the walls of Kitchen");
        JsonNode drawing = drawing("INTERIOR");

        drafter.button("Dimensions, notes").click();
        drafter.button("Dimension it all").click();
        drafter.button("Draw them").click();
        drafter.expectUndo("dimension Walls of Kitchen");
        drafter.press("Escape");

        String window = only("opening").path("id").asString();
        List<double[]> frame = points(drawing.path("id").asString(), window);
        double left = frame.stream().mapToDouble(p -> p[0]).min().orElseThrow();
        double low = frame.stream().mapToDouble(p -> p[1]).min().orElseThrow();
        double right = frame.stream().mapToDouble(p -> p[0]).max().orElseThrow();
        drafter.onPlan(drawing.path("id").asString());
        drafter.click((left + right) / 2, low);
        assertThat(heading("Window W1")).isVisible();
        drafter.field("Sill").fill("1100");
        drafter.field("Sill").press("Enter");
        drafter.expectUndo("change window W1");
        assertThat(only("opening").path("sillMm").asDouble()).isEqualTo(1100);
        double moved = points(drawing.path("id").asString(), window).stream()
                .mapToDouble(p -> p[1])
                .min()
                .orElseThrow();
        assertThat(moved - low).as("the drawing shows it").isCloseTo(200, within(0.5));
    }

    private List<double[]> points(String drawing, String element) {
        JsonNode picture = api.get("/drawings/" + drawing + "/picture").json();
        List<double[]> points = new ArrayList<>();
        for (JsonNode group : picture.path("picture").path("groups"))
            if (group.path("element").asString().equals(element))
                for (JsonNode item : group.path("items"))
                    for (JsonNode line : item.path("lines"))
                        for (JsonNode p : line)
                            points.add(new double[] {
                                p.path(0).asDouble(), p.path(1).asDouble()
                            });
        return points;
    }
}
