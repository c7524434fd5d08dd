package org.leanlintel.formats.pdf;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;

/** PDF documents at exact scale: vector lines in millimetres, embedded faces, and a preference that printers do not fit. */
public final class PdfWriter {

    private static final double FOOT_MM = 9, EDGE_MM = 8, FOOT_LETTERS_MM = 2.5;

    /** How strongly a backdrop prints, as on the board. */
    private static final double FAINT = 0.28;

    private PdfWriter() {}

    /** Pages of one paper, with everything of pictures in paper millimetres. */
    public static byte[] pages(List<Picture> pictures, Paper size, String title, Lettering lettering) {
        return document(title, (document, fonts) -> {
            for (Picture p : pictures)
                try (PdfPage page = new PdfPage(document, fonts, lettering, size.widthMm(), size.heightMm())) {
                    page.draw(p.inOrder());
                }
        });
    }

    /** A page of any size with everything of a picture in paper millimetres. */
    public static byte[] page(Picture sheet, double widthMm, double heightMm, String title, Lettering lettering) {
        return document(title, (document, fonts) -> {
            try (PdfPage page = new PdfPage(document, fonts, lettering, widthMm, heightMm)) {
                page.draw(sheet.inOrder());
            }
        });
    }

    /**
     * What a board shows, on one page: model point {@code middle} at the middle of the paper.
     *
     * @param behind drawings printed faintly behind it; usually none
     * @param scale to print at; letters and pens keep their paper sizes
     * @param foot a line of text at the foot of the page
     */
    public static byte[] view(
            Picture picture,
            List<Picture> behind,
            double scale,
            Vec middle,
            Paper size,
            String foot,
            Lettering lettering) {
        Vec centre = new Vec(size.widthMm() / 2, (size.heightMm() + FOOT_MM) / 2);
        Vec by = centre.minus(middle.times(1 / scale));
        Item footLine =
                lettering.set(foot, new Vec(EDGE_MM, EDGE_MM - 3), 0, FOOT_LETTERS_MM, Lettering.Align.LEFT, false);
        return document(foot, (document, fonts) -> {
            try (PdfPage page = new PdfPage(document, fonts, lettering, size.widthMm(), size.heightMm())) {
                page.draw(List.of(footLine));
                page.clip(
                        EDGE_MM,
                        EDGE_MM + FOOT_MM / 2,
                        size.widthMm() - 2 * EDGE_MM,
                        size.heightMm() - 2 * EDGE_MM - FOOT_MM / 2);
                for (Picture back : behind)
                    page.drawFaint(back.placed(1 / scale, by).inOrder(), FAINT);
                page.draw(picture.placed(1 / scale, by).inOrder());
            }
        });
    }

    /** The first page of a document as a PNG picture. @param dotsPerInch 50 to 400 */
    public static byte[] png(byte[] pdf, int dotsPerInch) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            BufferedImage image = new PDFRenderer(document).renderImageWithDPI(0, dotsPerInch, ImageType.RGB);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ImageIO.write(image, "png", bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    interface Pages {
        void write(PDDocument document, PdfFonts fonts) throws IOException;
    }

    static byte[] document(String title, Pages pages) {
        try (PDDocument document = new PDDocument()) {
            PDDocumentInformation about = new PDDocumentInformation();
            about.setTitle(title);
            about.setCreator("Lean Lintel");
            document.setDocumentInformation(about);
            pages.write(document, new PdfFonts(document));
            PDViewerPreferences preferences = new PDViewerPreferences(new COSDictionary());
            preferences.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
            document.getDocumentCatalog().setViewerPreferences(preferences);
            Archival.finish(document);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
