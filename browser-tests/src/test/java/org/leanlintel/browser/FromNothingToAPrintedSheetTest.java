package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.server.Api;
import org.leanlintel.server.RunningServer;
import tools.jackson.databind.JsonNode;

/** The first whole: a project made, drawn, dimensioned, put on a sheet and printed, by pointer and keyboard. */
class FromNothingToAPrintedSheetTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer();

    private Drafter drafter;
    private Page page;

    @BeforeEach
    void open() {
        drafter = new Drafter(SERVER.address());
        page = drafter.page;
    }

    @AfterEach
    void close() {
        drafter.close();
    }

    @Test
    void draftsAndPrints() {
        makeProject();
        drawShell();
        drawPartition();
        placeOpenings();
        dimension();
        write();
        moveAndTakeBack();
        printSheet(addSheet());
        undoEverythingAndRedoAcrossAReloadAndARestart();
    }

    private void makeProject() {
        drafter.button("New project").click();
        drafter.field("Name").fill("Curlew Lodge");
        drafter.field("Address").fill("7 Saltmarsh Lane");
        drafter.field("Client").fill("B. Fenn");
        drafter.button("Make project").click();
        assertThat(page.locator("header")).containsText("Curlew Lodge");
        assertThat(page.locator("header")).containsText("1:50");
    }

    /** 7,200 by 4,800 over the outer faces, clockwise from the lower left. */
    private void drawShell() {
        drafter.press("w");
        drafter.click(2000, 2000);
        drafter.point(2050, 5000);
        drafter.type("4800", "4800");
        drafter.point(6000, 6850);
        drafter.type("7.2 m", "7200");
        drafter.point(9150, 4000);
        drafter.type("4500+300", "4800");
        drafter.click(2010, 2010);
        drafter.expectUndo("draw 4 walls");
    }

    private void drawPartition() {
        drafter.field("Build-up").selectOption("11 Stud partition 75");
        drafter.click(5000, 6446);
        drafter.point(5030, 2500);
        drafter.click(5030, 2354);
        drafter.expectUndo("draw wall WA5");
    }

    private void placeOpenings() {
        drafter.press("Escape");
        drafter.press("d");
        drafter.point(5100, 3000);
        drafter.type("600", "600");
        drafter.expectUndo("place door D1");
        drafter.press("g");
        drafter.point(8000, 6700);
        drafter.type("1100", "1100");
        drafter.expectUndo("place window W1");
    }

    private void dimension() {
        drafter.press("s");
        drafter.click(2000, 3000);
        drafter.click(4950, 3000);
        drafter.click(9200, 3000);
        drafter.click(6000, 1000);
        drafter.expectUndo("draw dimension string");
        assertThat(figures()).hasSize(2);
        assertThat(figures().stream().mapToInt(Integer::parseInt).sum()).isEqualTo(7200);
    }

    /** The figures of the plan's string; marks of build-ups are shorter. */
    private List<String> figures() {
        List<String> figures = new ArrayList<>();
        for (JsonNode group : api().get("/drawings/drawing-ground-plan/picture")
                .json()
                .path("picture")
                .path("groups")) {
            for (JsonNode item : group.path("items")) {
                if (item.path("type").asString().equals("text")
                        && item.path("text").asString().matches("\\d{3,}"))
                    figures.add(item.path("text").asString());
            }
        }
        return figures;
    }

    private Api api() {
        return Api.of(SERVER, page.url().replaceAll(".*/projects/", ""));
    }

    private void write() {
        drafter.press("t");
        drafter.field("Letters").selectOption("Name, 3.5 mm");
        drafter.click(3500, 4500);
        page.keyboard().type("Living");
        drafter.press("Enter");
        drafter.expectUndo("write note \"Living\"");
        drafter.press("Escape");
    }

    private void moveAndTakeBack() {
        drafter.press("v");
        drafter.click(9050, 3500);
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Wall WA3")))
                .isVisible();
        drafter.press("m");
        drafter.click(8000, 3500);
        drafter.point(8600, 3510);
        drafter.type("300", "300");
        drafter.expectUndo("move wall WA3");
        assertThat(figures().stream().mapToInt(Integer::parseInt).sum())
                .as("the string follows")
                .isEqualTo(7500);
        drafter.press("Control+z");
        drafter.expectUndo("write note \"Living\"");
        assertThat(figures().stream().mapToInt(Integer::parseInt).sum()).isEqualTo(7200);
    }

    private String addSheet() {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Register"))
                .click();
        drafter.field("Number").fill("A-101");
        drafter.field("Title").fill("Ground floor");
        drafter.button("Add sheet").click();
        drafter.expectUndo("add sheet A-101");
        page.getByText("A-101").last().click();
        assertThat(page.locator("header")).containsText("Sheet A-101 Ground floor");
        drafter.button("Place").click();
        var board = page.getByTestId("board").boundingBox();
        page.mouse().click(board.x + board.width * 0.45, board.y + board.height * 0.45);
        drafter.expectUndo("change sheet A-101");
        drafter.button("Print").click();
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open PDF"))
                .getAttribute("href");
    }

    private void printSheet(String href) {
        drafter.button("Cancel").click();
        PrintedPage printed = new PrintedPage(SERVER.get(href).body());
        assertThat(printed.widthMm).isCloseTo(594, within(0.01));
        assertThat(printed.heightMm).isCloseTo(420, within(0.01));
        assertThat(printed.levelLinesMm).as("the 7,200 mm wall at 1:50").anyMatch(mm -> Math.abs(mm - 144) < 0.005);
        assertThat(printed.fontsNotEmbedded).isEmpty();
        assertThat(printed.words)
                .contains("Curlew Lodge", "7 Saltmarsh Lane", "B. Fenn", "A-101", "Ground floor", "1:50", "Living");
        assertThat(printed.words).contains(figures());
        assertThat(printed.printScaling).isEqualTo("None");
    }

    private void undoEverythingAndRedoAcrossAReloadAndARestart() {
        JsonNode drawn = api().get("/file").json().path("elements");
        List<String> steps = List.of(
                "change sheet A-101",
                "add sheet A-101",
                "write note \"Living\"",
                "draw dimension string",
                "place window W1",
                "place door D1",
                "draw wall WA5",
                "draw 4 walls");
        for (String step : steps.subList(0, 3)) undo(step);
        page.reload();
        for (String step : steps.subList(3, 5)) undo(step);
        String address = SERVER.address();
        String path = page.url().replace(address, "");
        SERVER.restart();
        page.navigate(SERVER.address() + path);
        for (String step : steps.subList(5, steps.size())) undo(step);
        Locator redo = page.getByTitle("Ctrl+Y");
        for (String step : steps.reversed()) {
            assertThat(redo).containsText(step);
            drafter.press("Control+y");
        }
        assertThat(redo).isDisabled();
        assertThat(api().get("/file").json().path("elements")).isEqualTo(drawn);
    }

    private void undo(String step) {
        drafter.expectUndo(step);
        drafter.press("Control+z");
        assertThat(page.getByTitle("Ctrl+Y")).containsText(step);
    }
}
