package org.leanlintel.formats.dxf;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Graphics2D;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.picture.HatchLines;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.formats.demo.QuarryBankHouse;
import org.leanlintel.formats.pdf.DrawingLettering;

/** An independent reader draws our DXF as we draw the picture: lines, arcs, hatches and what is within dimensions. */
class DxfDrawnTest {

    private static final Lettering LETTERING = DrawingLettering.get();
    /** Dots to a millimetre of paper, chords of an arc, how many dots off a line may lie. */
    private static final int DOTS = 4, CHORDS = 48, NEAR = 2;

    @TempDir
    private Path folder;

    private record Stretch(Vec from, Vec to) {}

    @Test
    void aReaderDrawsWhatWeDo() throws IOException, InterruptedException {
        Model house = QuarryBankHouse.draw();
        Building building = Building.of(house);
        for (String name : List.of("Ground floor plan", "Section A")) {
            Drawing drawing = Drawing.register(house).stream()
                    .filter(d -> d.name().equals(name))
                    .findFirst()
                    .orElseThrow();
            Picture picture =
                    DrawingPicture.of(building, drawing.id(), LETTERING).picture();
            List<Stretch> ours = ours(picture), theirs = theirs(DxfWriter.drawing(picture, building, LETTERING));
            Bounds all = Bounds.of(ours.stream().map(Stretch::from).toList());
            BufferedImage one = raster(ours, all, picture.scale()), other = raster(theirs, all, picture.scale());
            assertThat(nearOthers(one, other)).as(name + ": of ours in theirs").isGreaterThan(0.999);
            assertThat(nearOthers(other, one)).as(name + ": of theirs in ours").isGreaterThan(0.999);
        }
    }

    private List<Stretch> theirs(byte[] dxf) throws IOException, InterruptedException {
        List<Stretch> drawn = new ArrayList<>();
        for (String l : DxfReader.says("draw_dxf.py", dxf, folder)) {
            if (!l.startsWith("line ")) continue;
            String[] at = l.split(" ");
            drawn.add(new Stretch(
                    new Vec(Double.parseDouble(at[1]), Double.parseDouble(at[2])),
                    new Vec(Double.parseDouble(at[3]), Double.parseDouble(at[4]))));
        }
        return drawn;
    }

    private static List<Stretch> ours(Picture picture) {
        List<Stretch> drawn = new ArrayList<>();
        for (Item item : picture.inOrder()) {
            if (!item.prints()) continue;
            switch (item) {
                case Item.Strokes s -> s.lines().forEach(line -> add(line, drawn));
                case Item.Hatch h -> HatchLines.of(h).forEach(line -> add(line, drawn));
                case Item.Wave w -> add(HatchLines.of(w), drawn);
                case Item.Arc a -> add(chords(a), drawn);
                default -> {}
            }
        }
        return drawn;
    }

    private static void add(List<Vec> line, List<Stretch> drawn) {
        for (int i = 1; i < line.size(); i++) drawn.add(new Stretch(line.get(i - 1), line.get(i)));
    }

    private static List<Vec> chords(Item.Arc arc) {
        List<Vec> points = new ArrayList<>();
        for (int i = 0; i <= CHORDS; i++)
            points.add(arc.centre().along(Vec.ofAngle(arc.from() + arc.sweep() * i / CHORDS), arc.radius()));
        return points;
    }

    private static BufferedImage raster(List<Stretch> drawn, Bounds all, double scale) {
        double dots = DOTS / scale;
        BufferedImage image = new BufferedImage(
                (int) (all.width() * dots) + 3, (int) (all.height() * dots) + 3, BufferedImage.TYPE_BYTE_BINARY);
        Graphics2D g = image.createGraphics();
        for (Stretch s : drawn)
            g.draw(new Line2D.Double(
                    (s.from().x() - all.minX()) * dots + 1,
                    (s.from().y() - all.minY()) * dots + 1,
                    (s.to().x() - all.minX()) * dots + 1,
                    (s.to().y() - all.minY()) * dots + 1));
        g.dispose();
        return image;
    }

    /** How many of the dots of one image have one near in another. */
    private static double nearOthers(BufferedImage one, BufferedImage other) {
        int all = 0, near = 0;
        for (int y = 0; y < one.getHeight(); y++)
            for (int x = 0; x < one.getWidth(); x++)
                if (isSet(one, x, y)) {
                    all++;
                    if (hasNear(other, x, y)) near++;
                }
        assertThat(all).isGreaterThan(10_000);
        return (double) near / all;
    }

    private static boolean hasNear(BufferedImage image, int x, int y) {
        for (int dy = -NEAR; dy <= NEAR; dy++)
            for (int dx = -NEAR; dx <= NEAR; dx++) if (isSet(image, x + dx, y + dy)) return true;
        return false;
    }

    private static boolean isSet(BufferedImage image, int x, int y) {
        return x >= 0 && y >= 0 && x < image.getWidth() && y < image.getHeight() && (image.getRGB(x, y) & 1) == 1;
    }
}
