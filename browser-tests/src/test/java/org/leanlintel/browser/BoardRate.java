package org.leanlintel.browser;

import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.options.MouseButton;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.leanlintel.server.Api;
import org.leanlintel.server.RunningServer;

/**
 * Measures how often the board is drawn while the pointer moves and previews are out, in a storey of some hundred walls.
 * Not a test: run its main method and read what it prints (docs/benchmarks.md). With a project file as its argument it
 * measures with that.
 */
final class BoardRate {

    private static final int HOUSES = 100, MOVES = 240;

    private BoardRate() {}

    public static void main(String... arguments) throws Exception {
        RunningServer server = new RunningServer();
        server.beforeAll(null);
        Api api = arguments.length == 0 ? bareHouses(server) : imported(server, Path.of(arguments[0]));
        try (Drafter drafter = new Drafter(server.address() + "/projects/" + api.id())) {
            drafter.page.waitForTimeout(3000);
            drafter.press("Home");
            drafter.page.waitForTimeout(1000);
            print("pointer still", frames(drafter, () -> {}));
            print("panning", frames(drafter, () -> {
                drafter.page.mouse().move(600, 400);
                drafter.page.mouse().down(new Mouse.DownOptions().setButton(MouseButton.MIDDLE));
                for (int i = 0; i < MOVES; i++) drafter.page.mouse().move(600 + i % 60, 400 + i % 40);
                drafter.page.mouse().up(new Mouse.UpOptions().setButton(MouseButton.MIDDLE));
            }));
            drafter.press("w");
            drafter.page.mouse().click(590, 300);
            print("drawing, previews out", frames(drafter, () -> {
                for (int i = 0; i < MOVES; i++) drafter.page.mouse().move(600 + i, 300 + i % 90);
            }));
        }
        server.afterAll(null);
    }

    private static Api bareHouses(RunningServer server) {
        Api api = Api.newProject(server, "Rate");
        for (int i = 0; i < HOUSES; i++) api.edit(Api.shell(i % 10 * 9000, i / 10 * 7000, 7200, 4800));
        return api;
    }

    private static Api imported(RunningServer server, Path file) throws IOException {
        return Api.of(
                server,
                server.post("/api/v1/projects/file", Files.readString(file))
                        .json()
                        .path("id")
                        .asString());
    }

    /** Milliseconds between frames of the page while something is done, in order of size. */
    private static double[] frames(Drafter drafter, Runnable work) {
        drafter.page.evaluate(
                """
                () => { window.times = []; let last = performance.now(); window.counting = true;
                  const tick = (t) => { window.times.push(t - last); last = t; if (window.counting) requestAnimationFrame(tick); };
                  requestAnimationFrame(tick); }""");
        work.run();
        drafter.page.waitForTimeout(1000);
        List<?> times =
                (List<?>) drafter.page.evaluate("() => { window.counting = false; return window.times.slice(2); }");
        return times.stream()
                .mapToDouble(t -> ((Number) t).doubleValue())
                .sorted()
                .toArray();
    }

    private static void print(String what, double[] times) {
        double median = times[times.length / 2], p95 = times[times.length * 95 / 100];
        System.out.printf(
                "%-24s %4d frames, median %5.1f ms, p95 %5.1f ms, longest %6.1f ms%n",
                what, times.length, median, p95, Arrays.stream(times).max().orElse(0));
    }
}
