package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.MouseButton;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** A person at the board: points at model millimetres, types, presses keys, and reads what the page says. */
final class Drafter implements AutoCloseable {

    /** Milliseconds. Long enough for a busy machine; nothing waits this long when it works. */
    private static final double PATIENCE = 15_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
    }

    private final Playwright playwright = Playwright.create();
    private final Browser browser = playwright
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));
    final Page page = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))
            .newPage();

    /** The plan that is shown. */
    private String plan = "drawing-ground-plan";

    /** From now on, places are those of another plan, which is shown. */
    void onPlan(String id) {
        plan = id;
        press("Home");
        page.waitForFunction("plan => Object.keys(localStorage).some(k => k.endsWith('.' + plan))", id);
    }

    Drafter(String address) {
        page.setDefaultTimeout(PATIENCE);
        page.navigate(address);
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    /** Screen place of a model point, from the view the page keeps; before any zoom, the view a board starts with. */
    private double[] place(double x, double y) {
        Object kept = page.evaluate(
                """
                plan => {
                  const key = Object.keys(localStorage).find(k => k.startsWith('lintel.view.') && k.endsWith('.' + plan));
                  return key ? JSON.parse(localStorage.getItem(key)) : { centre: { x: 6000, y: 4000 }, zoom: 0.05 };
                }""",
                plan);
        var seen = (Map<?, ?>) kept;
        var centre = (Map<?, ?>) seen.get("centre");
        BoundingBox board = page.getByTestId("board").boundingBox();
        double zoom = number(seen.get("zoom"));
        return new double[] {
            board.x + board.width / 2 + (x - number(centre.get("x"))) * zoom,
            board.y + board.height / 2 - (y - number(centre.get("y"))) * zoom
        };
    }

    private static double number(Object value) {
        return ((Number) value).doubleValue();
    }

    void point(double x, double y) {
        double[] at = place(x, y);
        page.mouse().move(at[0], at[1]);
    }

    void click(double x, double y) {
        double[] at = place(x, y);
        page.mouse().move(at[0], at[1]);
        page.mouse().click(at[0], at[1]);
    }

    void doubleClick(double x, double y) {
        double[] at = place(x, y);
        page.mouse().move(at[0], at[1]);
        page.mouse().dblclick(at[0], at[1]);
    }

    void rightClick(double x, double y) {
        double[] at = place(x, y);
        page.mouse().move(at[0], at[1]);
        page.mouse().click(at[0], at[1], new Mouse.ClickOptions().setButton(MouseButton.RIGHT));
    }

    /** Holds the first button from one place to another. */
    void drag(double fromX, double fromY, double toX, double toY) {
        double[] from = place(fromX, fromY), to = place(toX, toY);
        page.mouse().move(from[0], from[1]);
        page.mouse().down();
        page.mouse().move((from[0] + to[0]) / 2, (from[1] + to[1]) / 2);
        page.mouse().move(to[0], to[1]);
        page.mouse().up();
    }

    void press(String key) {
        page.keyboard().press(key);
    }

    /** Types into the entry line and accepts, once the page shows what it read. */
    void type(String text, String read) {
        page.keyboard().type(text);
        assertThat(page.locator("footer")).containsText("= " + read);
        press("Enter");
    }

    /** Types and accepts at once, without a look at what was read. */
    void hand(String text, int betweenMs) {
        page.keyboard().type(text, new Keyboard.TypeOptions().setDelay(betweenMs));
        press("Enter");
    }

    void expectUndo(String name) {
        assertThat(page.getByTitle("Ctrl+Z")).containsText(name);
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("Saved");
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
    }
}
