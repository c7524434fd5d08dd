package org.leanlintel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Raster;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.formats.demo.HeronPointCabin;
import org.leanlintel.formats.svg.SvgWriter;

/** Pictures of dots on sheets: half red, half clear. */
class PdfImagesTest {

    private static final ElementId ANY = new ElementId("any");

    private static byte[] png() throws Exception {
        BufferedImage dots = new BufferedImage(40, 20, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = dots.createGraphics();
        graphics.setColor(Color.RED);
        graphics.fillRect(0, 0, 20, 20);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(dots, "png", out);
        return out.toByteArray();
    }

    /** 80 wide, its lower left corner at 100, 50. */
    private static Picture with(byte[] dots) {
        String address = Raster.of(Base64.getEncoder().encodeToString(dots)).address();
        Item image = new Item.Image(address, new Vec(100, 50), 80, 40);
        return new Picture(1, List.of(new Group(ANY, ANY, List.of(image), List.of())));
    }

    private static byte[] set(Picture picture) throws Exception {
        Model model = HeronPointCabin.draw();
        Sheet sheet = model.all(Sheet.class).iterator().next();
        SetWriter.Page page = new SetWriter.Page(sheet, picture);
        return SetWriter.write(List.of(page, page, page), model, DrawingLettering.get());
    }

    @Test
    void oneStandsWhereItWasPutAndInTheDocumentOnce() throws Exception {
        byte[] pdf = set(with(png()));
        Set<COSBase> images = new HashSet<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (PDPage page : document.getPages())
                for (COSName name : page.getResources().getXObjectNames())
                    if (page.getResources().getXObject(name) instanceof PDImageXObject image)
                        images.add(image.getCOSObject());
            BufferedImage drawn = new PDFRenderer(document).renderImageWithDPI(0, 25.4f);
            int high = drawn.getHeight();
            assertThat(new Color(drawn.getRGB(120, high - 70))).isEqualTo(Color.RED);
            assertThat(new Color(drawn.getRGB(160, high - 70))).as("clear").isEqualTo(Color.WHITE);
            assertThat(new Color(drawn.getRGB(120, high - 95))).as("over it").isEqualTo(Color.WHITE);
        }
        assertThat(images).hasSize(1);
        assertThat(ArchivalTest.broken(pdf)).isEmpty();
    }

    @Test
    void oneThatCannotBeReadIsCrossedOut() throws Exception {
        byte[] half = Arrays.copyOf(png(), 40);
        try (PDDocument document = Loader.loadPDF(set(with(half)))) {
            BufferedImage drawn = new PDFRenderer(document).renderImageWithDPI(0, 254f);
            int high = drawn.getHeight();
            assertThat(new Color(drawn.getRGB(1400, high - 700)).getRed()).isLessThan(128);
        }
    }

    @Test
    void anSvgHasItInItself() throws Exception {
        byte[] svg = SvgWriter.write(
                with(png()), new Bounds(0, 0, 420, 297), "Title", HeronPointCabin.draw(), DrawingLettering.get());
        assertThat(new String(svg, StandardCharsets.UTF_8))
                .contains("<image href=\"data:image/png;base64,", "width=\"80\"", "height=\"40\"");
    }
}
