package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.server.Api;
import org.leanlintel.server.RunningServer;
import tools.jackson.databind.JsonNode;

/** A fast hand in a house that is fitted out, in feet and inches, with answers 300 ms late; and all the way back. */
class FittedOutHandTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer(true);

    private static final double INCH = 25.4;

    private Drafter drafter;
    private Page page;
    private SlowNetwork network;
    private Api api;

    @BeforeEach
    void openTheCabin() {
        for (JsonNode p : SERVER.get("/api/v1/projects").json())
            if (p.path("name").asString().equals("Heron Point Cabin"))
                api = Api.of(SERVER, p.path("id").asString());
        drafter = new Drafter(SERVER.address());
        page = drafter.page;
        network = SlowNetwork.before(page);
        page.navigate(SERVER.address() + "/projects/" + api.id());
        assertThat(page.locator("header")).containsText("Heron Point Cabin");
        page.waitForFunction("() => Object.keys(localStorage).some(k => k.startsWith('lintel.view.'))");
    }

    @AfterEach
    void close() {
        drafter.close();
    }

    private JsonNode plan(Api of) {
        return of.get("/drawings/drawing-ground-plan/picture")
                .json()
                .path("picture")
                .path("groups");
    }

    private List<JsonNode> all() {
        return StreamSupport.stream(api.get("/state").json().path("elements").spliterator(), false)
                .toList();
    }

    /** The one of its type that was not there before. */
    private JsonNode added(String type, List<JsonNode> before) {
        Set<String> known = before.stream().map(e -> e.path("id").asString()).collect(Collectors.toSet());
        return all().stream()
                .filter(e -> e.path("type").asString().equals(type)
                        && !known.contains(e.path("id").asString()))
                .findFirst()
                .orElseThrow();
    }

    /** The same project, made from nothing. */
    private Api madeAnew() {
        JsonNode file = api.get("/file").json();
        return Api.of(
                SERVER,
                SERVER.post("/api/v1/projects/file", file.toString())
                        .json()
                        .path("id")
                        .asString());
    }

    @Test
    void whatIsTypedIsStoredTheDrawingIsThatFromNothingAndUndoLeadsBack() {
        JsonNode before = plan(api);
        List<JsonNode> elements = all();
        assertThat(before).hasSizeGreaterThan(40);
        network.waits(300, 300);
        drafter.press("w");
        drafter.field("Build-up").selectOption("11 2x4 partition");
        drafter.click(150 * INCH, 233.25 * INCH);
        drafter.point(151 * INCH, 150 * INCH);
        drafter.hand("6-6 1/2", 0);
        drafter.press("Enter");
        drafter.expectUndo("draw wall WA11");
        drafter.press("d");
        drafter.point(151 * INCH, 195 * INCH);
        drafter.hand("1'-2\"", 0);
        drafter.expectUndo("place door");
        assertThat(added("opening", elements).path("placing").path("distanceMm").asDouble())
                .isCloseTo(14 * INCH, within(0.01));
        assertThat(added("wall", elements).path("mark").asString()).isEqualTo("WA11");
        assertThat(plan(api)).isNotEqualTo(before).isEqualTo(plan(madeAnew()));
        drafter.press("Escape");
        drafter.press("Escape");
        drafter.press("Control+z");
        drafter.press("Control+z");
        assertThat(page.getByTitle("Ctrl+Y")).containsText("draw wall WA11");
        assertThat(plan(api)).isEqualTo(before);
    }
}
