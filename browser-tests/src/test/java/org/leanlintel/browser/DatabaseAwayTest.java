package org.leanlintel.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Frame;
import com.microsoft.playwright.Page;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A database that goes away under an open page, and pages from elsewhere. */
class DatabaseAwayTest extends NewProjectTest {

    DatabaseAwayTest() {
        super("Away for a while");
    }

    @AfterEach
    void backInAnyCase() {
        SERVER.database(true);
    }

    @Test
    void whatIsDrawnMeanwhileWaitsAndIsStoredOnceItIsBack() {
        shell();
        SERVER.database(false);
        drafter.press("w");
        drafter.click(2000, 340);
        drafter.click(2000, 4460);
        assertThat(page.getByText("No answer, trying again")).isVisible();
        assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                .not()
                .isVisible();
        SERVER.database(true);
        drafter.expectUndo("draw wall WA5");
        assertThat(page.getByText("Saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(all("wall")).hasSize(5);
    }

    /** A page of another origin that puts the board into a frame sees nothing of it. */
    @Test
    void aFrameOfAnotherOriginStaysEmpty() throws IOException {
        HttpServer elsewhere = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        byte[] framing = "<iframe src='%s/projects/%s'></iframe>"
                .formatted(SERVER.address(), api.id())
                .getBytes(StandardCharsets.UTF_8);
        elsewhere.createContext("/", exchange -> {
            exchange.getResponseHeaders().add("Content-Type", "text/html");
            exchange.sendResponseHeaders(200, framing.length);
            exchange.getResponseBody().write(framing);
            exchange.close();
        });
        elsewhere.start();
        try {
            page.navigate("http://127.0.0.1:" + elsewhere.getAddress().getPort());
            page.waitForTimeout(1500);
            Frame inner = page.frames().getLast();
            assertThat(page.frames()).hasSize(2);
            assertThat(inner.locator("header").count()).isZero();
            assertThat(inner.locator("canvas").count()).isZero();
        } finally {
            elsewhere.stop(0);
        }
    }
}
