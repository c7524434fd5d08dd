package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.server.RunningServer;

/** Words on the demo house's ground floor: with leaders, keyed, and in place of what strings measure. */
class NotesTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer(true);

    /** Clear paper beside the house, and the line of the overall string under it. */
    private static final double CLEAR_X = -4000, CLEAR_Y = 10_500, LINE = -2100;

    private Drafter drafter;
    private Page page;

    @BeforeEach
    void open() {
        drafter = new Drafter(SERVER.address());
        page = drafter.page;
        page.getByText("Quarry Bank House").click();
        page.waitForFunction("() => Object.keys(localStorage).some(k => k.startsWith('lintel.view.'))");
    }

    @AfterEach
    void close() {
        drafter.close();
    }

    private Locator heading(String words) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(words));
    }

    /** What a schedule lists, as its file says it. */
    private String listed(String drawing) {
        return (String) page.evaluate(
                """
                async name => {
                  const projects = await (await fetch('/api/v1/projects')).json();
                  const project = projects.find(p => p.name === 'Quarry Bank House').id;
                  const { elements } = await (await fetch(`/api/v1/projects/${project}/state`)).json();
                  const drawing = elements.find(e => e.type === 'drawing' && e.name === name).id;
                  return (await fetch(`/api/v1/projects/${project}/drawings/${drawing}/schedule.csv`)).text();
                }""",
                drawing);
    }

    /** Picked twice, a note is written in on the board; Esc leaves it as it was, Ctrl Enter takes it. */
    @Test
    void aNoteIsWrittenWhereItStands() {
        drafter.press("Shift+A");
        drafter.click(2000, 8330);
        drafter.click(CLEAR_X, CLEAR_Y);
        page.keyboard().type("cavity wall");
        page.keyboard().press("Enter");
        drafter.expectUndo("write note \"cavity wall\"");
        drafter.press("Escape");
        drafter.press("v");
        drafter.doubleClick(CLEAR_X + 200, CLEAR_Y + 60);
        Locator words = drafter.field("Words of the note");
        assertThat(words).hasValue("cavity wall");
        words.fill("thrown away");
        words.press("Escape");
        assertThat(heading("Note \u201Ccavity wall\u201D")).isVisible();
        drafter.doubleClick(CLEAR_X + 200, CLEAR_Y + 60);
        words.fill("cavity wall\nto the roof");
        words.press("Control+Enter");
        drafter.expectUndo("change note \"cavity wall\u2026\"");
        drafter.press("Delete");
        drafter.expectUndo("delete note \"cavity wall\u2026\"");
    }

    /** What it can say is offered beside what it says now; the words are read from the wall when it is drawn. */
    @Test
    void aNoteSaysWhatItPointsAt() {
        drafter.press("Shift+A");
        drafter.click(2000, 8330);
        drafter.click(CLEAR_X, CLEAR_Y);
        page.getByTitle("Put {build-up} into the words").click();
        page.keyboard().press("Enter");
        drafter.expectUndo("write note \"{build-up}\"");
        drafter.press("Escape");
        drafter.click(CLEAR_X + 100, CLEAR_Y + 60);
        assertThat(heading("Note \u201C{build-up}\u201D")).isVisible();
        assertThat(page.getByText("Points at W")).isVisible();
        drafter.field("Letters").selectOption("Heading, 5 mm");
        drafter.expectUndo("change note");
        drafter.button("Change styles").click();
        assertThat(page.getByText("One note is set in it.")).isVisible();
        drafter.field("First line, mm on paper").fill("7");
        page.keyboard().press("Tab");
        drafter.button("Close").click();
        drafter.expectUndo("change letter style Heading");
        assertThat(drafter.field("Letters").locator("option:checked")).hasText("Heading, 7 mm");
        drafter.button("Point at more, take leaders away").click();
        drafter.click(4500, 8330);
        drafter.expectUndo("point a note at something");
        drafter.press("Escape");
        drafter.press("Delete");
        drafter.expectUndo("delete note");
    }

    /** A clause changed in the library changes in the list on the sheet. */
    @Test
    void aKeyedNoteChangedInTheLibraryChangesInItsList() {
        drafter.button("Dimensions, notes").click();
        drafter.button("Keyed note").click();
        drafter.field("Clause").selectOption("General: Figured dimensions govern; do not scale from drawings.");
        drafter.click(2000, 8330);
        drafter.click(CLEAR_X, CLEAR_Y + 500);
        drafter.expectUndo("put keyed note");
        Assertions.assertThat(listed("Keyed notes")).contains("Figured dimensions govern");
        drafter.button("Library of keyed notes").click();
        page.getByLabel("Text", new Page.GetByLabelOptions().setExact(true)).fill("Do not scale.");
        page.keyboard().press("Tab");
        drafter.button("Close").click();
        drafter.expectUndo("change clause \"Do not scale.\"");
        Assertions.assertThat(listed("Keyed notes")).contains("Do not scale.").doesNotContain("Figured dimensions");
    }

    /** A figure is typed over, and found when it says what is not so. */
    @Test
    void aFigureTypedOverIsFoundWhenItIsNotSo() {
        drafter.click(9000, LINE);
        drafter.button("Move figures, let them say something").click();
        drafter.click(9000, LINE);
        page.keyboard().type("12000");
        page.keyboard().press("Enter");
        drafter.expectUndo("say a figure");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Findings"))
                .click();
        assertThat(page.getByText("says \"12000\" where it measures 12400")).isVisible();
        drafter.press("Escape");
    }

    @Test
    void stylesOfStringsAreCopiedAndAskedForByOne() {
        drafter.click(9000, LINE);
        drafter.button("Change styles").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Dots, figures in the line"))
                .click();
        drafter.button("Copy it").click();
        drafter.button("Close").click();
        drafter.expectUndo("add string style Dots, figures in the line, copy");
        drafter.field("Style").selectOption("Dots, figures in the line, copy");
        drafter.expectUndo("change dimension string");
    }
}
