package org.leanlintel.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.server.RunningServer;

/**
 * Measures how long it takes from a click in the register to the frame that shows another drawing of the demo house, the server
 * and the browser on one machine. Not a test: run its main method and read what it prints (docs/benchmarks.md).
 */
final class SwitchRate {

    private static final int ROUNDS = 6;

    /** How long the first plan is looked at before another drawing is: the first half minute of a server is its slowest. */
    private static final int LOOKED_AT_MS = 15_000;

    /** From the click until two frames after the picture has come whole; one that was looked at before is kept on the page. */
    private static final String CLICKED =
            """
            async ([name, kept]) => {
              const button = [...document.querySelectorAll('[role=tabpanel] button')].find(b => b.textContent === name);
              const frames = () => new Promise(go => requestAnimationFrame(() => requestAnimationFrame(go)));
              const start = performance.now();
              const whole = new Promise(go => new PerformanceObserver((list, observer) => {
                if (!list.getEntries().some(e => e.name.includes('/picture') && e.startTime >= start)) return;
                observer.disconnect();
                go();
              }).observe({ type: 'resource' }));
              button.click();
              await frames();
              if (!kept) {
                await whole;
                await frames();
              }
              return performance.now() - start;
            }""";

    private SwitchRate() {}

    public static void main(String... arguments) throws Exception {
        RunningServer server = RunningServer.asShipped();
        server.beforeAll(null);
        try (Drafter drafter = new Drafter(server.address())) {
            Page page = drafter.page;
            page.getByText("Quarry Bank House").click();
            page.waitForTimeout(LOOKED_AT_MS);
            page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Register"))
                    .click();
            List<String> drawings =
                    List.of("First floor plan", "Section A", "South-east elevation", "Ground floor plan");
            Set<String> looked = new HashSet<>(List.of(drawings.getLast()));
            List<Double> first = new ArrayList<>(), later = new ArrayList<>();
            for (int round = 0; round < ROUNDS; round++)
                for (String d : drawings) {
                    double ms = ((Number) page.evaluate(CLICKED, List.of(d, !looked.add(d)))).doubleValue();
                    (round == 0 && !d.equals(drawings.getLast()) ? first : later).add(ms);
                    page.waitForTimeout(400);
                }
            System.out.println("first look " + first.stream().map(Math::round).toList());
            double[] sorted = later.stream().mapToDouble(d -> d).sorted().toArray();
            System.out.printf(
                    "after that, %d: median %.0f ms, p95 %.0f ms, longest %.0f ms%n",
                    sorted.length,
                    sorted[sorted.length / 2],
                    sorted[sorted.length * 95 / 100],
                    Arrays.stream(sorted).max().orElse(0));
        }
        server.afterAll(null);
    }
}
