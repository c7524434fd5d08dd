package org.leanlintel.formats.svg;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.formats.demo.QuarryBankHouse;
import org.leanlintel.formats.pdf.DrawingLettering;
import org.leanlintel.formats.pdf.PdfWriter;

/** SVG as an independent program draws it (Debian's rsvg-convert), laid over the PDF of the same picture. */
class SvgWriterTest {

    private static final Lettering LETTERING = DrawingLettering.get();
    private static final Model HOUSE = QuarryBankHouse.draw();
    private static final int DOTS_PER_INCH = 100, DARK = 110, FAINT = 215, NEAR = 2;

    @TempDir
    private Path folder;

    private BufferedImage drawn(byte[] svg) throws IOException, InterruptedException {
        Path file = Files.write(folder.resolve("drawing.svg"), svg), picture = folder.resolve("drawing.png");
        Process program = new ProcessBuilder(
                        "/usr/bin/rsvg-convert",
                        "--dpi-x=" + DOTS_PER_INCH,
                        "--dpi-y=" + DOTS_PER_INCH,
                        "--background-color=white",
                        "--output=" + picture,
                        file.toString())
                .redirectErrorStream(true)
                .start();
        String said = new String(program.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(program.waitFor()).as(said).isZero();
        return Objects.requireNonNull(ImageIO.read(picture.toFile()));
    }

    private static int light(BufferedImage image, int x, int y) {
        if (x < 0 || y < 0 || x >= image.getWidth() || y >= image.getHeight()) return 255;
        int rgb = image.getRGB(x, y);
        return ((rgb >> 16 & 255) * 3 + (rgb >> 8 & 255) * 6 + (rgb & 255)) / 10;
    }

    /** Of the dark pixels of one, the part that has one that is not light near it in the other. */
    private static double found(BufferedImage one, BufferedImage other) {
        long dark = 0, met = 0;
        for (int x = 0; x < one.getWidth(); x++)
            for (int y = 0; y < one.getHeight(); y++) {
                if (light(one, x, y) > DARK) continue;
                dark++;
                boolean near = false;
                for (int i = -NEAR; i <= NEAR && !near; i++)
                    for (int k = -NEAR; k <= NEAR && !near; k++) near = light(other, x + i, y + k) < FAINT;
                if (near) met++;
            }
        return dark == 0 ? 0 : (double) met / dark;
    }

    /** Without words: whoever shows an SVG has faces of its own. */
    private static Picture withoutWords(Picture picture) {
        return new Picture(
                picture.scale(),
                picture.groups().stream()
                        .map(g -> new Group(
                                g.element(),
                                g.layer(),
                                g.items().stream()
                                        .filter(i -> !(i instanceof Item.Text))
                                        .toList(),
                                List.of()))
                        .toList());
    }

    @Test
    void theGroundFloorIsDrawnAsItPrints() throws IOException, InterruptedException {
        ElementId plan = new ElementId("drawing-ground-plan");
        Picture whole = DrawingPicture.of(Building.of(HOUSE), plan, LETTERING).picture();
        Picture onPaper = withoutWords(whole).placed(1 / whole.scale(), new Vec(60, 60));
        Bounds page = new Bounds(0, 0, 400, 300);
        BufferedImage svg = drawn(SvgWriter.write(onPaper, page, "Plan", HOUSE, LETTERING));
        byte[] printed = PdfWriter.png(PdfWriter.page(onPaper, 400, 300, "Plan", LETTERING), DOTS_PER_INCH);
        BufferedImage pdf = Objects.requireNonNull(ImageIO.read(new ByteArrayInputStream(printed)));
        assertThat(svg.getWidth()).isBetween(pdf.getWidth() - 1, pdf.getWidth() + 1);
        assertThat(found(svg, pdf)).isGreaterThan(0.995);
        assertThat(found(pdf, svg)).isGreaterThan(0.995);
    }

    @Test
    void wordsAreWrittenAsTheyAreAndOnTheirLayers() {
        Item word = LETTERING.set("Larder & <x>", new Vec(10, 10), 0, 2.5, Lettering.Align.LEFT, false);
        Item line = new Item.Strokes(
                PenRole.EDGE, new Pen(0.35, Pen.Dash.CONTINUOUS), List.of(List.of(new Vec(0, 0), new Vec(20, 5))));
        ElementId walls = new ElementId("layer-walls");
        Picture picture = new Picture(1, List.of(new Group(walls, walls, List.of(word, line), List.of())));
        String svg = new String(
                SvgWriter.write(picture, new Bounds(0, 0, 40, 30), "A \"plan\"", HOUSE, LETTERING),
                StandardCharsets.UTF_8);
        assertThat(svg)
                .contains("<title>A &quot;plan&quot;</title>", ">Larder &amp; &lt;x&gt;</text>")
                .contains("width=\"40mm\" height=\"30mm\"", "data-layer=\"Walls\"")
                .contains("M0 30L20 25");
    }
}
