package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.leanlintel.server.RunningServer;

/**
 * Whatever hands do at the demo projects: the page has no fault, the server none, and undo leads back to where they began. Not among
 * the tests that every change has to pass, as what is met depends on how fast the page answers: {@code -Dtest=HandsAtRandom} runs it.
 */
class HandsAtRandom {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer(true);

    private static final int ACTS = 150, MOST_EDITS = 200;

    private final List<String> faults = new ArrayList<>();

    @ParameterizedTest(name = "{0}, seed {1}")
    @CsvSource({"Quarry Bank House, 1", "Heron Point Cabin, 2"})
    void nothingBreaksAndUndoLeadsBack(String project, long seed) {
        try (Drafter drafter = new Drafter(SERVER.address())) {
            Page page = drafter.page;
            RandomHand hand = new RandomHand(page, seed);
            page.onPageError(e -> faults.add(e + " after " + hand.last()));
            page.onResponse(r -> {
                if (r.status() >= 500)
                    faults.add("%d %s of %s after %s"
                            .formatted(r.status(), r.url(), r.request().postData(), hand.last()));
            });
            page.getByText(project).click();
            assertThat(page.locator("header")).containsText(project);
            String address = page.url(), before = file(page, address);

            for (int i = 0; i < ACTS && faults.isEmpty(); i++) {
                hand.act();
                if (!page.url().equals(address)) page.navigate(address);
            }
            page.navigate(address);
            assertThat(page.getByRole(AriaRole.STATUS)).containsText("Saved");
            assertThat(faults).isEmpty();

            for (int i = 0; i < MOST_EDITS && !undoIsOver(page); i++) {
                page.getByTitle(Pattern.compile("^Undo: ")).click();
                assertThat(page.getByRole(AriaRole.STATUS)).containsText("Saved");
            }
            assertThat(file(page, address)).isEqualTo(before);
        }
    }

    private static boolean undoIsOver(Page page) {
        return page.getByRole(
                                AriaRole.BUTTON,
                                new Page.GetByRoleOptions().setName("Undo").setExact(true))
                        .count()
                > 0;
    }

    /** Without its revision, which every undo raises. */
    private static String file(Page page, String address) {
        String id = address.substring(address.lastIndexOf('/') + 1);
        return page.request()
                .get(SERVER.address() + "/api/v1/projects/" + id + "/file")
                .text()
                .replaceFirst("\"revision\" *: *\\d+", "");
    }
}
