package org.leanlintel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.formats.pdf.OnPaper.Onto;

/** An A2 sheet of 594 by 420 with a word in each corner and in the middle, on smaller paper. */
class OnPaperTest {

    private static final Lettering LETTERING = DrawingLettering.get();
    private static final Paper A2 = Paper.across(PaperSize.A2);

    private static OnPaper sheet(String name, Double... scales) {
        return new OnPaper(
                new Picture(
                        1,
                        List.of(
                                word("lowleft", 5, 5),
                                word("lowright", 575, 5),
                                word("highleft", 5, 412),
                                word("highright", 572, 412),
                                word("middle", 290, 205))),
                A2,
                name,
                List.of(scales),
                LETTERING);
    }

    private static byte[] on(PaperSize paper, Onto onto, OnPaper sheet) {
        return PdfWriter.document("Plans", (document, fonts) -> sheet.lay(paper, onto, document, fonts, null));
    }

    private static Group word(String said, double x, double y) {
        Item text = LETTERING.set(said, new Vec(x, y), 0, 2.5, Lettering.Align.LEFT, false);
        return new Group(new ElementId(said), new ElementId("layer"), List.of(text), List.of());
    }

    private static List<String> pages(byte[] pdf) throws IOException {
        List<String> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (int i = 1; i <= document.getNumberOfPages(); i++) {
                PDFTextStripper stripper = new PDFTextStripper();
                stripper.setStartPage(i);
                stripper.setEndPage(i);
                pages.add(stripper.getText(document));
            }
        }
        return pages;
    }

    /** Upright 194 by 275 are of use: 4 columns, 584 of 184 each, and 2 rows, 410 of 265 each; across it would take nine. */
    @Test
    void partsAreAsFewAsCanBe() throws IOException {
        List<String> pages = pages(on(PaperSize.A4, Onto.PARTS, sheet("A-101 Plans")));
        assertThat(pages).hasSize(8);
        assertThat(pages.get(0)).contains("A-101 Plans, part 1 of 8: row 1 from the top, 1 from the left", "highleft");
        assertThat(pages.get(3)).contains("highright").doesNotContain("highleft");
        assertThat(pages.get(4)).contains("part 5 of 8: row 2 from the top, 1 from the left", "lowleft");
        assertThat(pages.get(7)).contains("lowright");
    }

    /** Together they show all of a sheet, each as much of the next as was said, whatever the sheet. */
    @ParameterizedTest
    @EnumSource(PaperSize.class)
    void partsCoverTheSheetAndOverlap(PaperSize size) {
        for (PaperSize on : List.of(PaperSize.A4, PaperSize.A3, PaperSize.LETTER)) {
            Paper paper = new Paper(size, true);
            OnPaper.Parts parts = OnPaper.Parts.of(paper, on);
            Bounds first = parts.at(0, 0, paper), last = parts.at(parts.columns() - 1, parts.rows() - 1, paper);
            assertThat(first.minX()).isZero();
            assertThat(first.maxY()).isCloseTo(paper.heightMm(), within(1e-9));
            assertThat(last.maxX()).isGreaterThanOrEqualTo(paper.widthMm() - 1e-6);
            assertThat(last.minY()).isLessThanOrEqualTo(1e-6);
            if (parts.columns() > 1)
                assertThat(first.maxX() - parts.at(1, 0, paper).minX()).isCloseTo(OnPaper.OVERLAP_MM, within(1e-9));
            if (parts.rows() > 1)
                assertThat(parts.at(0, 1, paper).maxY() - first.minY()).isCloseTo(OnPaper.OVERLAP_MM, within(1e-9));
        }
    }

    /** 281 of 594 by 188 of 420: 0.4476 decides. 1:50 becomes 1:112, 1:20 1:45. */
    @Test
    void aReducedSheetSaysItsTrueScales() throws IOException {
        byte[] pdf = on(PaperSize.A4, Onto.REDUCED, sheet("A-101 Plans", 50.0, 20.0, 50.0));
        assertThat(pages(pdf)).singleElement().satisfies(p -> assertThat(p)
                .contains("reduced to 45 %: 1:20 is 1:45, 1:50 is 1:112", "lowleft", "highright", "middle"));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDPage page = document.getPage(0);
            assertThat(page.getMediaBox().getWidth() / 72 * 25.4).isCloseTo(297, within(0.1));
            assertThat(page.getMediaBox().getHeight() / 72 * 25.4).isCloseTo(210, within(0.1));
        }
    }

    @Test
    void onLargerPaperItIsAtItsSize() throws IOException {
        assertThat(pages(on(PaperSize.A1, Onto.REDUCED, sheet("A-101 Plans", 50.0))))
                .singleElement()
                .satisfies(p -> assertThat(p).contains("at its size"));
        assertThat(pages(on(PaperSize.A1, Onto.PARTS, sheet("A-101 Plans")))).hasSize(1);
    }

    /** How far a word of 2.5 mm stands from the lower left corner, and how high it is: 0.4476 of what it was. */
    @Test
    void aReducedSheetIsAllOfItSmaller() throws IOException {
        byte[] pdf = on(PaperSize.A4, Onto.REDUCED, sheet("A-101 Plans", 50.0));
        BufferedImage page = ImageIO.read(new ByteArrayInputStream(PdfWriter.png(pdf, 254)));
        Bounds dark = dark(page, 100, 2900, 140, 2000);
        assertThat(dark.minX()).isCloseTo(8 + 5 * 0.4476, within(0.3));
        assertThat(dark.maxY()).isCloseTo(14 + 414.5 * 0.4476, within(0.6));
        assertThat(dark.minY()).isCloseTo(14 + 5 * 0.4476, within(0.6));
    }

    /** Ten pixels are a millimetre, from the top. */
    private static Bounds dark(BufferedImage page, int left, int right, int low, int high) {
        List<Vec> dark = new ArrayList<>();
        for (int x = left; x < right && x < page.getWidth(); x++)
            for (int y = low; y < high && y < page.getHeight(); y++)
                if ((page.getRGB(x, page.getHeight() - 1 - y) & 255) < 128) dark.add(new Vec(x / 10.0, y / 10.0));
        return Bounds.of(dark);
    }
}
