package org.leanlintel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;

class PdfWriterTest {

    private static final Lettering LETTERING = DrawingLettering.get();
    private static final ElementId ID = new ElementId("x");

    private static Picture picture(double scale, Item... items) {
        return new Picture(scale, List.of(new Group(ID, ID, List.of(items), List.of())));
    }

    private static Item line(double width, Vec... points) {
        return new Item.Strokes(PenRole.EDGE, new Pen(width, Pen.Dash.CONTINUOUS), List.of(List.of(points)));
    }

    @Test
    void pagesHaveTheirExactSizeAndLinesTheirWidthInMillimetres() throws IOException {
        byte[] pdf = PdfWriter.pages(
                List.of(picture(1, line(0.5, new Vec(20, 20), new Vec(120, 20)))),
                Paper.across(PaperSize.ARCH_D),
                "T",
                LETTERING);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getPage(0).getMediaBox().getWidth()).isEqualTo(36 * 72);
            assertThat(document.getPage(0).getMediaBox().getHeight()).isEqualTo(24 * 72);
            String content = new String(document.getPage(0).getContents().readAllBytes(), StandardCharsets.US_ASCII);
            assertThat(content).as("0.5 mm in points").contains("1.41732 w");
            assertThat(content)
                    .as("20 mm and 120 mm in points")
                    .contains("56.69291 56.69291 m")
                    .contains("340.15747 56.69291 l");
            assertThat(content)
                    .as("scale is in the numbers, not in a transformation")
                    .doesNotContain(" cm");
        }
    }

    @Test
    void aViewPrintsAtItsStatedScaleWithItsMiddleInTheMiddle() throws IOException {
        byte[] pdf = PdfWriter.view(
                picture(50, line(0.25, new Vec(1000, 500), new Vec(6000, 500))),
                List.of(),
                100,
                new Vec(1000, 500),
                Paper.across(PaperSize.A4),
                "Foot",
                LETTERING);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String content = new String(document.getPage(0).getContents().readAllBytes(), StandardCharsets.US_ASCII);
            double fromX = 297 / 2.0 * 72 / 25.4, toX = (297 / 2.0 + 50) * 72 / 25.4;
            assertThat(numbersBefore(content, " m\n").getFirst()).isCloseTo(fromX, within(0.001));
            assertThat(numbersBefore(content, " l\n").getFirst())
                    .as("5,000 mm at 1:100 is 50 mm")
                    .isCloseTo(toX, within(0.001));
            assertThat(new PDFTextStripper().getText(document)).contains("Foot");
        }
    }

    @Test
    void aBackdropPrintsFaintlyAndBeforeTheDrawing() throws IOException {
        Picture drawing = picture(50, line(0.25, new Vec(0, 0), new Vec(1000, 0)));
        Picture behind = picture(50, line(0.5, new Vec(0, 0), new Vec(0, 1000)));
        byte[] pdf =
                PdfWriter.view(drawing, List.of(behind), 50, Vec.ORIGIN, Paper.across(PaperSize.A4), "Foot", LETTERING);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            var page = document.getPage(0);
            String content = new String(page.getContents().readAllBytes(), StandardCharsets.US_ASCII);
            int faint = content.indexOf(" gs"),
                    back = content.indexOf("1.41732 w"),
                    front = content.indexOf("0.70866 w");
            assertThat(faint).isPositive();
            assertThat(back).as("0.5 mm").isGreaterThan(faint);
            assertThat(front).as("0.25 mm").isGreaterThan(back);
            var state = page.getResources()
                    .getExtGState(
                            page.getResources().getExtGStateNames().iterator().next());
            assertThat(state.getStrokingAlphaConstant()).isCloseTo(0.28f, within(0.001f));
        }
        byte[] plain =
                PdfWriter.view(drawing, List.of(), 50, Vec.ORIGIN, Paper.across(PaperSize.A4), "Foot", LETTERING);
        try (PDDocument document = Loader.loadPDF(plain)) {
            assertThat(document.getPage(0).getResources().getExtGStateNames()).isEmpty();
        }
    }

    /** Whichever group comes first: a wall's tint never covers the structure line of its neighbour, nor a hatch its text. */
    @Test
    void linesOfAllGroupsLieOverTheFillsOfAll() throws IOException {
        List<Vec> square = List.of(new Vec(40, 40), new Vec(80, 40), new Vec(80, 80), new Vec(40, 80));
        Group lined = new Group(ID, ID, List.of(line(2, new Vec(20, 60), new Vec(100, 60))), List.of());
        Group tinted = new Group(
                new ElementId("y"),
                ID,
                List.of(
                        new Item.Fill("#fbf4e0", square),
                        new Item.Hatch(
                                new Pen(0.18, Pen.Dash.CONTINUOUS), List.of(square), List.of(45.0), Vec.ORIGIN, 5)),
                List.of());
        byte[] pdf = PdfWriter.pages(
                List.of(new Picture(1, List.of(lined, tinted))), Paper.across(PaperSize.A4), "T", LETTERING);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 254);
            for (int x = 21; x < 100; x++)
                assertThat(page.getRGB(x * 10, page.getHeight() - 600) & 0xff)
                        .as("ink at %d, 60", x)
                        .isLessThan(0x40);
            int dark = 0;
            for (int x = 410; x < 790; x++) if ((page.getRGB(x, page.getHeight() - 700) & 0xff) < 0x80) dark++;
            assertThat(dark)
                    .as("hatch lines across 40 mm, 7.07 mm apart, of 2 pixels or so")
                    .isBetween(5, 30);
        }
    }

    private static List<Double> numbersBefore(String content, String operator) {
        String before = content.substring(0, content.indexOf(operator));
        String[] words = before.split("\\s+");
        return List.of(Double.valueOf(words[words.length - 2]), Double.valueOf(words[words.length - 1]));
    }

    /** Fractions, accents, letters of other scripts, and one that no face has. */
    @Test
    void anyTextPrints() throws IOException {
        String text = "12'-6 7/8\" \u00E9\u00DF \u0394\u0416 \u4E00";
        byte[] pdf = PdfWriter.pages(
                List.of(picture(1, LETTERING.set(text, new Vec(50, 50), 0, 2.5, Lettering.Align.LEFT, true))),
                Paper.across(PaperSize.A4),
                "T",
                LETTERING);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("12'-6")
                    .contains("\u00E9\u00DF")
                    .contains("\u0394\u0416")
                    .contains("?");
        }
    }

    @Test
    void textIsAsWideAsTheLayoutSays() {
        double width = LETTERING.width("HHHH", 7, false);
        assertThat(LETTERING.capital()).isCloseTo(0.7, within(1e-9));
        assertThat(width).isCloseTo(4 * LETTERING.advances().get((int) 'H') * 10, within(1e-9));
        Item.Text centred = LETTERING.set("HHHH", Vec.ORIGIN, 0, 7, Lettering.Align.CENTRE, false);
        assertThat(centred.runs().getFirst().right()).isCloseTo(-width / 2, within(1e-9));
        assertThat(LETTERING.width("Stair hall", 3.5, true))
                .as("strong letters are wider")
                .isGreaterThan(LETTERING.width("Stair hall", 3.5, false));
    }

    @Test
    void fractionsAreStackedSmaller() {
        Item.Text text = LETTERING.set("6 7/8\"", Vec.ORIGIN, 0, 10, Lettering.Align.LEFT, false);
        assertThat(text.text()).isEqualTo("6 7/8\"");
        assertThat(text.runs()).extracting(Item.Run::letters).containsExactly("6", "7", "\u2044", "8", "\"");
        assertThat(text.runs().get(1).up()).isPositive();
        assertThat(text.runs().get(1).height()).isLessThan(10);
    }
}
