package org.leanlintel.formats.traced;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.formats.traced.TracedFile.Segment;
import org.leanlintel.formats.traced.TracedFile.Size;
import org.leanlintel.formats.traced.TracedFile.Untraceable;

/** Sizes, pixels and lines of pictures and PDF pages, and what is none of these. */
class TracedFileTest {

    private static final double MM = 72 / 25.4;

    private static byte[] pdf(int rotation, String password) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDPage page = new PDPage(new PDRectangle((float) (420 * MM), (float) (297 * MM)));
            page.setRotation(rotation);
            document.addPage(page);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.moveTo((float) (20 * MM), (float) (30 * MM));
                content.lineTo((float) (120 * MM), (float) (30 * MM));
                content.stroke();
                content.moveTo(0, 0);
                content.lineTo((float) (0.2 * MM), 0);
                content.stroke();
            }
            if (!password.isEmpty())
                document.protect(new StandardProtectionPolicy(password, password, new AccessPermission()));
            document.save(out);
            return out.toByteArray();
        }
    }

    private static byte[] png(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    /** An A3 page with a line of 100 mm, 20 mm from the left and 30 mm from below. */
    @Test
    void aPageOfAPdfHasItsSizeItsLinesAndItsPixels() throws IOException {
        TracedFile file = TracedFile.of(pdf(0, ""));
        assertThat(file.pages()).hasSize(1);
        assertThat(file.pages().getFirst().widthMm()).isCloseTo(420, within(0.01));
        List<Segment> lines = file.lines(1);
        assertThat(lines).as("what is shorter than a millimetre is no line").hasSize(1);
        assertThat(lines.getFirst().from().distanceTo(new Vec(20, 30))).isLessThan(0.01);
        assertThat(lines.getFirst().to().distanceTo(new Vec(120, 30))).isLessThan(0.01);
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(file.png(1)));
        assertThat(image.getWidth()).isCloseTo((int) (420 / 25.4 * 200), within(2));
        int row = (int) Math.round((297 - 30) / 25.4 * 200), column = (int) Math.round(70 / 25.4 * 200);
        assertThat(image.getRGB(column, row) & 0xff)
                .as("the line is where it was drawn")
                .isLessThan(128);
    }

    /** Turned by a quarter, the line runs down the page, 30 mm from its left: 420 less 20 to 420 less 120 up. */
    @Test
    void aTurnedPageIsReadAsItIsShown() throws IOException {
        TracedFile file = TracedFile.of(pdf(90, ""));
        assertThat(file.pages().getFirst().heightMm()).isCloseTo(420, within(0.01));
        Segment line = file.lines(1).getFirst();
        assertThat(line.from().distanceTo(new Vec(30, 400))).isLessThan(0.01);
        assertThat(line.to().distanceTo(new Vec(30, 300))).isLessThan(0.01);
    }

    @Test
    void aPictureHasASizeAndNoLines() throws IOException {
        TracedFile file = TracedFile.of(png(960, 480));
        assertThat(file.pages()).containsExactly(new Size(254, 127));
        assertThat(file.lines(1)).isEmpty();
        assertThat(ImageIO.read(new ByteArrayInputStream(file.png(1))).getWidth())
                .isEqualTo(960);
    }

    @Test
    void whatCannotBeTracedFromIsRefusedInWords() throws IOException {
        assertRefused("nothing of the kind".getBytes(StandardCharsets.UTF_8), "This is not a picture");
        assertRefused(new byte[0], "This is not a picture");
        assertRefused("%PDF-1.7 and then rubbish".getBytes(StandardCharsets.UTF_8), "This PDF is damaged");
        assertRefused(pdf(0, "secret"), "This PDF is locked by a password");
        byte[] cut = png(400, 400);
        assertRefused(java.util.Arrays.copyOf(cut, 20), "This is not a picture");
        assertThatExceptionOfType(Untraceable.class)
                .isThrownBy(() -> TracedFile.of(pdf(0, "")).lines(2))
                .withMessage("This PDF has pages 1 to 1, not 2.");
    }

    private static void assertRefused(byte[] bytes, String start) {
        assertThatExceptionOfType(Untraceable.class)
                .isThrownBy(() -> TracedFile.of(bytes))
                .withMessageStartingWith(start);
    }
}
