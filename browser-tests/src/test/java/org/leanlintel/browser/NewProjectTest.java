package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.server.Api;
import org.leanlintel.server.RunningServer;
import tools.jackson.databind.JsonNode;

/** A new project, open at the board before each test. */
abstract class NewProjectTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    final Api api;
    private final String name;
    Drafter drafter;
    Page page;

    NewProjectTest(String name) {
        this.name = name;
        api = Api.newProject(SERVER, name);
    }

    @BeforeEach
    void openProject() {
        drafter = new Drafter(SERVER.address() + "/projects/" + api.id());
        page = drafter.page;
        assertThat(page.locator("header")).containsText(name);
    }

    @AfterEach
    void closeProject() {
        drafter.close();
    }

    /** A shell of 7,200 by 4,800 with its outer corner at the origin, all of it in view. */
    void shell() {
        api.edit(Api.shell(0, 0, 7200, 4800));
        drafter.expectUndo("draw 4 walls");
        assertThat(page.getByText("Nothing is drawn here yet")).not().isVisible();
        drafter.press("Home");
    }

    /** A partition up the shell, roughly at x, by hand. */
    void rough(double x) {
        drafter.press("w");
        drafter.field("Build-up").selectOption("11 Stud partition 75");
        drafter.click(x, 340);
        drafter.click(x, 4460);
        drafter.press("Escape");
    }

    Locator footer() {
        return page.locator("footer");
    }

    void goToTab(String tab) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(tab)).click();
    }

    Locator heading(String words) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(words));
    }

    List<JsonNode> all(String type) {
        List<JsonNode> found = new ArrayList<>();
        for (JsonNode e : api.get("/state").json().path("elements"))
            if (e.path("type").asString().equals(type)) found.add(e);
        return found;
    }

    /** The one drawing of a kind. */
    JsonNode drawing(String kind) {
        return all("drawing").stream()
                .filter(d -> d.path("kind").asString().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    /** The last of its type. */
    JsonNode only(String type) {
        List<JsonNode> found = all(type);
        if (found.isEmpty()) throw new AssertionError("no " + type);
        return found.getLast();
    }
}
