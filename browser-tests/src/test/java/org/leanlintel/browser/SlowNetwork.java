package org.leanlintel.browser;

import com.microsoft.playwright.Page;
import java.util.List;

/** Between a page and its server: every request waits a time of its own, so that answers overtake each other; some can be made to fail. */
record SlowNetwork(Page page) {

    /** Stands between from the next load of the page on, at first without any wait. */
    static SlowNetwork before(Page page) {
        page.addInitScript(
                """
                const real = window.fetch.bind(window);
                window.network = { least: 0, most: 0, down: false };
                let drawn = 7;
                window.fetch = async (...asked) => {
                  drawn = (drawn * 1103515245 + 12345) % 2147483648;
                  const { least, most } = window.network;
                  await new Promise(go => setTimeout(go, least + (most - least) * drawn / 2147483648));
                  if (window.network.down) throw new TypeError('Failed to fetch');
                  return real(...asked);
                };""");
        return new SlowNetwork(page);
    }

    void waits(int leastMs, int mostMs) {
        page.evaluate("([least, most]) => Object.assign(network, { least, most })", List.of(leastMs, mostMs));
    }

    void down(boolean down) {
        page.evaluate("down => { network.down = down; }", down);
    }
}
