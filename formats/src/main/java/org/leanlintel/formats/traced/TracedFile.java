package org.leanlintel.formats.traced;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.leanlintel.core.geometry.Vec;

/** The bytes of a PNG, a JPEG or a PDF, to trace from. Nothing about them is changed. */
public final class TracedFile {

    /** Of one page. @param widthMm on paper; for pictures as if printed at 96 dots to the inch */
    public record Size(double widthMm, double heightMm) {}

    /** A straight line drawn on a page, in millimetres of paper from its lower left corner. */
    public record Segment(Vec from, Vec to) {}

    /** Why bytes cannot be traced from; the message is a sentence. */
    public static final class Untraceable extends RuntimeException {
        private static final long serialVersionUID = 1;

        public Untraceable(String sentence) {
            super(sentence);
        }
    }

    private static final double MM_PER_INCH = 25.4, POINTS_PER_INCH = 72, PICTURE_DPI = 96;
    /** Fine enough for a plan of any size to be read closely. */
    private static final double PAGE_DPI = 200;
    /** Pixels. More does not fit into a page's memory. */
    private static final long MOST_PIXELS = 60_000_000;

    private static final int MOST_PAGES = 500;
    /** Of a side of a page: a stamp, and a roll of plotter paper. */
    private static final double LEAST_MM = 5, MOST_MM = 50_000;

    private final byte[] bytes;
    private final boolean pdf;

    private TracedFile(byte[] bytes, boolean pdf) {
        this.bytes = bytes;
        this.pdf = pdf;
    }

    /** @throws Untraceable if they are no picture or PDF that can be shown */
    public static TracedFile of(byte[] bytes) {
        TracedFile file = new TracedFile(bytes, isPdf(bytes));
        file.pages();
        return file;
    }

    public static boolean isPdf(byte[] bytes) {
        return startsWith(bytes, '%', 'P', 'D', 'F');
    }

    private static boolean startsWith(byte[] bytes, char... signature) {
        if (bytes.length < signature.length) return false;
        for (int i = 0; i < signature.length; i++) if (bytes[i] != signature[i]) return false;
        return true;
    }

    /** The size of every page. */
    public List<Size> pages() {
        return pdf ? withPdf(TracedFile::sizes) : List.of(pictureSize());
    }

    /** Finds out whether a picture can be read to its end, which its size does not say. @throws Untraceable if not */
    public void readWhole() {
        if (!pdf) picture();
    }

    /** A page as a PNG. @param page from 1 */
    public byte[] png(int page) {
        BufferedImage image = pdf ? withPdf(document -> render(document, page)) : picture();
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(image, "png", out);
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** The straight lines drawn on a page of a PDF; none of a picture. @param page from 1 */
    public List<Segment> lines(int page) {
        return pdf ? withPdf(document -> PageLines.of(document.getPage(checked(document, page)))) : List.of();
    }

    private interface Reading<T> {
        T of(PDDocument document) throws IOException;
    }

    private <T> T withPdf(Reading<T> reading) {
        try (PDDocument document = Loader.loadPDF(bytes)) {
            return reading.of(document);
        } catch (InvalidPasswordException locked) {
            throw new Untraceable("This PDF is locked by a password: save it without one first.");
        } catch (Untraceable said) {
            throw said;
        } catch (IOException | RuntimeException broken) {
            throw new Untraceable("This PDF is damaged and cannot be read.");
        }
    }

    private static List<Size> sizes(PDDocument document) {
        int count = document.getNumberOfPages();
        if (count == 0) throw new Untraceable("This PDF has no pages.");
        if (count > MOST_PAGES) throw new Untraceable("This PDF has more than %d pages.".formatted(MOST_PAGES));
        List<Size> sizes = new ArrayList<>();
        for (PDPage page : document.getPages()) {
            PDRectangle box = page.getCropBox();
            boolean lies = page.getRotation() % 180 != 0;
            double width = box.getWidth() * MM_PER_INCH / POINTS_PER_INCH,
                    height = box.getHeight() * MM_PER_INCH / POINTS_PER_INCH;
            if (Math.min(width, height) < LEAST_MM || Math.max(width, height) > MOST_MM)
                throw new Untraceable("Page %d of this PDF is %.2f by %.2f mm: no paper is so."
                        .formatted(sizes.size() + 1, width, height));
            sizes.add(lies ? new Size(height, width) : new Size(width, height));
        }
        return sizes;
    }

    private static int checked(PDDocument document, int page) {
        int count = document.getNumberOfPages();
        if (page < 1 || page > count)
            throw new Untraceable("This PDF has pages 1 to %d, not %d.".formatted(count, page));
        return page - 1;
    }

    private static BufferedImage render(PDDocument document, int page) throws IOException {
        int index = checked(document, page);
        Size size = sizes(document).get(index);
        double inches = size.widthMm() * size.heightMm() / (MM_PER_INCH * MM_PER_INCH);
        double dpi = Math.min(PAGE_DPI, Math.sqrt(MOST_PIXELS / inches));
        return new PDFRenderer(document).renderImageWithDPI(index, (float) dpi, ImageType.RGB);
    }

    private Size pictureSize() {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) throw none();
            ImageReader reader = readers.next();
            reader.setInput(in, true, true);
            long wide = reader.getWidth(0), high = reader.getHeight(0);
            reader.dispose();
            if (wide * high > MOST_PIXELS)
                throw new Untraceable("This picture has more than %d million pixels: make it smaller first."
                        .formatted(MOST_PIXELS / 1_000_000));
            return new Size(wide * MM_PER_INCH / PICTURE_DPI, high * MM_PER_INCH / PICTURE_DPI);
        } catch (IOException broken) {
            throw none();
        }
    }

    private BufferedImage picture() {
        try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(bytes));
            if (image == null) throw none();
            return image;
        } catch (IOException | RuntimeException broken) {
            throw none();
        }
    }

    private static Untraceable none() {
        return new Untraceable("This is not a picture (PNG or JPEG) or a PDF that can be read.");
    }
}
