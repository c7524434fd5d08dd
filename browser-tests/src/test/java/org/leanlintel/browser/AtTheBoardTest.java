package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.leanlintel.server.Api;

/** Slips, other windows and broken connections: nothing typed or drawn is lost to them. */
class AtTheBoardTest extends NewProjectTest {

    AtTheBoardTest() {
        super("Slips");
    }

    @Test
    void whatCannotBeReadStaysWithTheReason() {
        drafter.press("w");
        drafter.click(2000, 2000);
        drafter.point(5000, 2050);
        page.keyboard().type("12''");
        assertThat(footer()).containsText("Two foot marks");
        drafter.press("Enter");
        assertThat(drafter.field("Entry line")).hasValue("12''");
        drafter.field("Entry line").fill("3,200");
        assertThat(drafter.button("3200?")).hasAttribute("aria-pressed", "true");
        drafter.press("Enter");
        drafter.press("Enter");
        drafter.expectUndo("draw wall WA1");
    }

    @Test
    void escapeStepsBackOnePickAndRedoBringsItBack() {
        drafter.press("w");
        drafter.click(2000, 2000);
        drafter.click(2000, 5000);
        drafter.click(6000, 5000);
        drafter.press("Escape");
        drafter.press("Control+y");
        drafter.press("Enter");
        drafter.expectUndo("draw 2 walls");
    }

    @Test
    void anotherWindowShowsTheEditAsItHappens() {
        Page other = page.context().newPage();
        other.navigate(SERVER.address() + "/projects/" + api.id());
        assertThat(other.locator("header")).containsText("Slips");
        other.waitForTimeout(500);
        api.edit(Api.shell(0, 0, 7200, 4800));
        assertThat(other.getByTitle("Ctrl+Z")).containsText("draw 4 walls");
        assertThat(page.getByTitle("Ctrl+Z")).containsText("draw 4 walls");
    }

    @Test
    void aDroppedConnectionLosesNothing() {
        drafter.press("w");
        drafter.click(2000, 2000);
        drafter.click(2000, 5000);
        page.context().setOffline(true);
        drafter.press("Enter");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("No answer");
        page.context().setOffline(false);
        drafter.expectUndo("draw wall WA1");
        assertThat(api.revision()).isEqualTo(1);
    }

    @Test
    void aVersionIsLookedAtAndGoneBackTo() {
        api.edit(Api.shell(0, 0, 7200, 4800));
        drafter.expectUndo("draw 4 walls");
        drafter.button("Versions").click();
        drafter.field("Name of the version").fill("Shell");
        drafter.button("Keep").click();
        assertThat(drafter.button("Look at")).isVisible();
        api.edit(Api.wall(2000, 2000, 4000, 2000));
        drafter.button("Look at").click();
        assertThat(page.locator("header")).containsText("Looking at \u201CShell\u201D");
        assertThat(drafter.button("Run of walls W")).isDisabled();
        drafter.button("Versions").click();
        drafter.button("Go back to").click();
        drafter.expectUndo("go back to \"Shell\"");
        assertThat(api.get("/drawings/drawing-ground-plan/picture")
                        .json()
                        .path("picture")
                        .path("groups"))
                .hasSize(4);
    }

    @Test
    void projectsAreRenamedDeletedAndHadBack() {
        page.navigate(SERVER.address());
        Locator row = page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Slips"))
                .first();
        row.getByText("Rename").click();
        Locator name = page.getByLabel("New name of Slips").first();
        name.fill("Second thoughts");
        name.press("Enter");
        Locator renamed =
                page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Second thoughts"));
        renamed.getByText("Delete").click();
        assertThat(renamed).hasCount(0);
        drafter.button("Deleted").click();
        renamed.getByText("Get back").click();
        drafter.button("Back to projects").click();
        assertThat(renamed).hasCount(1);
    }

    @Test
    void whatCannotBeDoneSaysWhyBesideThePointer() {
        api.edit(Api.shell(2000, 2000, 7200, 4800));
        drafter.expectUndo("draw 4 walls");
        drafter.press("d");
        drafter.point(2100, 2100);
        drafter.point(2100, 2120);
        assertThat(page.locator("main")).containsText("would run");
        drafter.press("Escape");
        assertThat(api.revision()).isEqualTo(1);
    }

    @Test
    void keysAreListedUnderTheQuestionMark() {
        drafter.press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Run of walls");
        drafter.press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        drafter.press("d");
        assertThat(footer()).containsText("Door.");
    }

    /** Corner, bend, pier and schedule by hand: each is previewed, made and can be taken back. */
    @Test
    void wallsAreDecidedBentAndBuiltAgainst() {
        shell();
        drafter.click(100, 2000);
        page.getByLabel("Start, with WA4", new Page.GetByLabelOptions().setExact(true))
                .selectOption("WA1 runs through");
        drafter.expectUndo("change corner");

        drafter.press("l");
        drafter.field("Kind").selectOption("Pier, breast or boxing");
        drafter.point(300, 2400);
        drafter.type("1500", "1500");
        drafter.expectUndo("place pier P1");
        drafter.press("Escape");

        drafter.press("p");
        drafter.click(4000, 2500);
        drafter.expectUndo("place post P2");
        drafter.press("Escape");

        drafter.press("w");
        drafter.field("Build-up").selectOption("11 Stud partition 75");
        drafter.click(2500, 2000);
        drafter.point(5500, 2010);
        drafter.type("2000", "2000");
        drafter.press("Enter");
        drafter.expectUndo("draw wall WA5");
        drafter.press("Escape");
        drafter.press("Escape");
        drafter.click(3500, 2000);
        assertThat(heading("Wall WA5")).isVisible();
        drafter.press("b");
        drafter.point(3500, 1500);
        drafter.type("1500", "1500");
        drafter.expectUndo("curve wall WA5");
        drafter.press("Control+z");
        assertThat(page.getByTitle("Ctrl+Y")).containsText("curve wall WA5");

        goToTab("Register");
        drafter.button("Add build-up schedule").click();
        drafter.expectUndo("add drawing Wall build-ups");
        assertThat(page.locator("header")).containsText("1:10");
    }
}
