package org.leanlintel.browser;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.MouseButton;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

/** Somebody who presses, points, types and chooses whatever is there, the same for the same seed. */
final class RandomHand {

    private static final List<String> KEYS = List.of(
            "Escape",
            "Enter",
            "Tab",
            "Delete",
            "Control+z",
            "Control+y",
            "Control+a",
            "Control+c",
            "Control+v",
            "ArrowLeft",
            "ArrowUp",
            "Backspace");
    private static final String TOOLS = "wejklbpdnosirtfghcxq";
    private static final List<String> VALUES =
            List.of("1200", "0", "-50", "3'-6\"", "1:20", "abc", "99999999999", "", "45", "W7", "{area}", "   ", "1e9");

    /** What leads away from the board, or to dialogs of the browser. */
    private static final String LEADS_AWAY =
            "Lean Lintel|Print|PDF|Save .*as|All projects|plotter|Duplicate|Restore|Open a file|Hand on|Choose file";

    /** Of all that can be pressed and is seen, the middle and the name. */
    private static final String PRESSABLE =
            """
            leadsAway => [...document.querySelectorAll(
                'button, [role=tab], [role=menuitem], [role=option], summary, input[type=checkbox], input[type=radio]')]
              .map(e => {
                const box = e.getBoundingClientRect();
                const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
                const top = document.elementFromPoint(x, y);
                const name = (e.getAttribute('aria-label') || e.textContent || e.title || '').trim();
                return { name, x, y, seen: box.width > 2 && top && (e.contains(top) || top.contains(e)) && !e.matches(':disabled') };
              })
              .filter(e => e.seen && !new RegExp(leadsAway, 'i').test(e.name))""";

    private static final String FIELDS =
            """
            () => [...document.querySelectorAll('input:not([type=checkbox]):not([type=radio]):not([type=file]), textarea')]
              .map(e => { const box = e.getBoundingClientRect();
                return { name: e.getAttribute('aria-label') || e.id, x: box.x + box.width / 2, y: box.y + box.height / 2,
                  seen: box.width > 2 && box.y > 0 && box.y < 790 && !e.matches(':disabled') }; })
              .filter(e => e.seen)""";

    private final Page page;
    private final RandomGenerator random;
    private final List<String> done = new ArrayList<>();

    RandomHand(Page page, long seed) {
        this.page = page;
        random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }

    /** What was done last, for who looks for the cause of a fault. */
    String last() {
        return String.join("; ", done.subList(Math.max(0, done.size() - 12), done.size()));
    }

    void act() {
        int which = random.nextInt(100);
        if (which < 35) pressSomething();
        else if (which < 45) typeSomewhere();
        else if (which < 65) pointSomewhere();
        else if (which < 85) takeATool();
        else key(any(KEYS));
        page.waitForTimeout(20 + random.nextInt(80));
    }

    private void pressSomething() {
        Found found = any(found(page.evaluate(PRESSABLE, LEADS_AWAY)));
        done.add("press " + found.name);
        page.mouse().click(found.x, found.y);
    }

    private void typeSomewhere() {
        List<Found> fields = found(page.evaluate(FIELDS));
        if (fields.isEmpty()) return;
        Found field = any(fields);
        String value = any(VALUES);
        done.add("type '%s' into %s".formatted(value, field.name));
        page.mouse().click(field.x, field.y, new Mouse.ClickOptions().setClickCount(3));
        page.keyboard().insertText(value);
        key(any(List.of("Enter", "Tab", "Escape", "Enter")));
    }

    private void pointSomewhere() {
        double x = 300 + random.nextInt(640), y = 110 + random.nextInt(580);
        page.mouse().move(x, y);
        switch (random.nextInt(8)) {
            case 0 -> page.mouse().dblclick(x, y);
            case 1 -> page.mouse().click(x, y, new Mouse.ClickOptions().setButton(MouseButton.RIGHT));
            case 2 -> page.mouse().wheel(0, random.nextInt(600) - 300);
            case 3 -> {
                page.mouse().down();
                page.mouse().move(x + random.nextInt(200) - 100, y + random.nextInt(200) - 100);
                page.mouse().up();
            }
            default -> page.mouse().click(x, y);
        }
        done.add("point at %.0f, %.0f".formatted(x, y));
    }

    /** One that a letter takes up, a few points and a length. */
    private void takeATool() {
        key("Escape");
        key((random.nextInt(4) == 0 ? "Shift+" : "") + TOOLS.charAt(random.nextInt(TOOLS.length())));
        for (int i = 1 + random.nextInt(4); i > 0; i--) {
            pointSomewhere();
            if (random.nextInt(4) == 0) {
                page.keyboard().type(any(VALUES), new Keyboard.TypeOptions().setDelay(5));
                key("Enter");
            }
        }
        if (random.nextBoolean()) key("Enter");
    }

    private void key(String key) {
        done.add(key);
        page.keyboard().press(key);
    }

    private <T> T any(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private record Found(String name, double x, double y) {}

    private static List<Found> found(Object read) {
        return ((List<?>) read)
                .stream()
                        .map(f -> (Map<?, ?>) f)
                        .map(f -> new Found(String.valueOf(f.get("name")), number(f.get("x")), number(f.get("y"))))
                        .toList();
    }

    private static double number(Object value) {
        return ((Number) value).doubleValue();
    }
}
