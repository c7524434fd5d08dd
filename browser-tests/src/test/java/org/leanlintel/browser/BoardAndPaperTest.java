package org.leanlintel.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.util.Map;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.leanlintel.server.RunningServer;

/** What the board shows and what prints are the same drawing: both as pixels of one size, one laid on the other. */
class BoardAndPaperTest {

    @RegisterExtension
    static final RunningServer SERVER = new RunningServer(true);

    /** A pixel as dark as a line; one that a line may have left after smoothing. */
    private static final int DARK = 110, GREYISH = 215;
    /** How far, in pixels, what is dark in one may lie from what is dark in the other. */
    private static final int NEAR = 2;
    /** On paper: the strip at the foot of a printed view, above which the view is centred. */
    private static final double FOOT_MM = 9;
    /** Left out at each edge: what floats over the board stands in its lower right corner. */
    private static final int MARGIN = 60;

    private Drafter drafter;
    private Page page;

    @BeforeEach
    void open() {
        drafter = new Drafter(SERVER.address());
        page = drafter.page;
        page.getByText("Quarry Bank House").click();
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Register"))
                .click();
    }

    @AfterEach
    void close() {
        drafter.close();
    }

    @Test
    void aPlanPrintsAsItIsShown() throws IOException {
        same("drawings/drawing-ground-plan/view.pdf?paper=A1&scale=50", show("Ground floor plan"), 50);
    }

    @Test
    void aSectionPrintsAsItIsShown() throws IOException {
        Board board = show("Section A");
        same("drawings/" + board.id + "/view.pdf?paper=A1&scale=50", board, 50);
    }

    @Test
    void aSheetPrintsAsItIsShown() throws IOException {
        Board board = show("A-101 Ground floor plan");
        same("sheets/" + board.id + "/sheet.pdf", board, 1);
    }

    /** @param zoom pixels to a millimetre of the picture */
    private record Board(String id, BufferedImage image, double x, double y, double zoom) {}

    private Board show(String words) throws IOException {
        Locator entry = page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(words).setExact(true))
                .first();
        entry.click();
        String id = (String) page.evaluate(
                """
                async words => {
                  const project = location.href.split('/projects/')[1];
                  const { elements } = await (await fetch(`/api/v1/projects/${project}/state`)).json();
                  return elements.find(e => (e.name ?? `${e.number} ${e.title}`) === words).id;
                }""",
                words);
        page.waitForFunction(
                "id => Object.keys(localStorage).some(k => k.startsWith('lintel.view.') && k.endsWith('.' + id))", id);
        drafter.press("Home");
        page.waitForTimeout(800);
        Map<?, ?> seen = (Map<?, ?>) page.evaluate(
                "id => JSON.parse(localStorage.getItem(Object.keys(localStorage).find(k => k.startsWith('lintel.view.') && k.endsWith('.' + id))))",
                id);
        Map<?, ?> centre = (Map<?, ?>) seen.get("centre");
        byte[] png = page.getByTestId("board").screenshot();
        return new Board(
                id,
                ImageIO.read(new ByteArrayInputStream(png)),
                number(centre.get("x")),
                number(centre.get("y")),
                number(seen.get("zoom")));
    }

    private static double number(Object value) {
        return ((Number) value).doubleValue();
    }

    /** @param scale picture millimetres to one of paper */
    private void same(String pdf, Board board, double scale) throws IOException {
        boolean sheet = scale == 1;
        String project = page.url().split("/projects/")[1];
        String path =
                "/api/v1/projects/" + project + "/" + pdf + (sheet ? "" : "&x=%s&y=%s".formatted(board.x, board.y));
        APIResponse answer =
                page.request().get(URI.create(SERVER.address()).resolve(path).toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        byte[] printed = answer.body();
        try (PDDocument document = Loader.loadPDF(printed)) {
            double pixelsToPaper = board.zoom * scale;
            BufferedImage whole =
                    new PDFRenderer(document).renderImageWithDPI(0, (float) (pixelsToPaper * 25.4), ImageType.RGB);
            double middleX = sheet ? board.x * pixelsToPaper : whole.getWidth() / 2.0;
            double middleY = sheet
                    ? whole.getHeight() - board.y * pixelsToPaper
                    : whole.getHeight() / 2.0 - FOOT_MM / 2 * pixelsToPaper;
            compare(board.id, board.image, whole, middleX, middleY);
        }
    }

    private static void compare(String what, BufferedImage board, BufferedImage paper, double middleX, double middleY)
            throws IOException {
        int dx = (int) Math.round(middleX - board.getWidth() / 2.0),
                dy = (int) Math.round(middleY - board.getHeight() / 2.0);
        int lines = 0, lacking = 0, printed = 0, extra = 0;
        BufferedImage shown = new BufferedImage(board.getWidth(), board.getHeight(), BufferedImage.TYPE_INT_RGB);
        for (int y = MARGIN; y < board.getHeight() - MARGIN; y++)
            for (int x = MARGIN; x < board.getWidth() - MARGIN; x++) {
                int here = grey(board, x, y), there = grey(paper, x + dx, y + dy);
                shown.setRGB(x, y, here << 16 | there << 8 | there);
                if (here < DARK) {
                    lines++;
                    if (!darkNear(paper, x + dx, y + dy)) lacking++;
                }
                if (there < DARK) {
                    printed++;
                    if (!darkNear(board, x, y)) extra++;
                }
            }
        File kept = new File("target/board-and-paper-" + what + ".png");
        ImageIO.write(shown, "png", kept);
        assertThat(lines).as("there is something to compare").isGreaterThan(2000);
        assertThat((double) lacking / lines)
                .as("shown and not printed, of %d: %s", lines, kept)
                .isLessThan(0.005);
        assertThat((double) extra / printed)
                .as("printed and not shown, of %d: %s", printed, kept)
                .isLessThan(0.005);
        assertThat((double) printed / lines)
                .as("as strong on paper as on the board")
                .isCloseTo(1, within(0.35));
    }

    private static boolean darkNear(BufferedImage image, int x, int y) {
        for (int j = y - NEAR; j <= y + NEAR; j++)
            for (int i = x - NEAR; i <= x + NEAR; i++) if (grey(image, i, j) < GREYISH) return true;
        return false;
    }

    /** White beyond its edges. */
    private static int grey(BufferedImage image, int x, int y) {
        if (x < 0 || y < 0 || x >= image.getWidth() || y >= image.getHeight()) return 255;
        int rgb = image.getRGB(x, y);
        return ((rgb >> 16 & 255) * 3 + (rgb >> 8 & 255) * 6 + (rgb & 255)) / 10;
    }
}
