package org.leanlintel.formats.pdf;

import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.util.Matrix;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.picture.HatchLines;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.formats.standard.LineTypes;

/**
 * Writes items in paper millimetres onto one page. Points are worked out here and written as they are, without a
 * transformation in the file but where a page is drawn smaller, so that a length can be measured in the page's content.
 */
final class PdfPage implements AutoCloseable {

    static final double POINTS_PER_MM = 72 / 25.4;
    private static final PDColor INK = colour("#222b31");
    /** Tints are outlined in themselves so that neighbouring pieces show no seam. */
    private static final double SEAM_MM = 0.05;

    private final PDPage page;
    private final PDPageContentStream out;
    private final PdfFonts fonts;
    private final double capital;

    PdfPage(PDDocument document, PdfFonts fonts, Lettering lettering, double widthMm, double heightMm)
            throws IOException {
        page = new PDPage(new PDRectangle(points(widthMm), points(heightMm)));
        document.addPage(page);
        this.fonts = fonts;
        capital = lettering.capital();
        out = new PDPageContentStream(document, page);
        out.setLineCapStyle(1);
        out.setLineJoinStyle(1);
    }

    /** @param ink as {@code #rrggbb}; empty for the ink everything is drawn in */
    private static PDColor ink(String ink) {
        return ink.isEmpty() ? INK : colour(ink);
    }

    private static PDColor colour(String rgb) {
        int all = Integer.parseInt(rgb.substring(1), 16);
        float[] parts = {(all >> 16 & 255) / 255f, (all >> 8 & 255) / 255f, (all & 255) / 255f};
        return new PDColor(parts, PDDeviceRGB.INSTANCE);
    }

    void draw(List<Item> items) throws IOException {
        for (Item item : items) draw(item);
    }

    /** All of a picture in paper millimetres. @param layers that its parts are switched with; null where they are not */
    void draw(Picture picture, @Nullable PdfLayers layers) throws IOException {
        if (layers == null) draw(picture.inOrder());
        else draw(picture.drawn(), layers);
    }

    /** What is of a layer can be switched on and off with it. */
    private void draw(List<Picture.Drawn> items, PdfLayers layers) throws IOException {
        PDOptionalContentGroup open = null;
        for (Picture.Drawn drawn : items) {
            PDOptionalContentGroup layer = layers.of(drawn.layer());
            if (layer != open) {
                if (open != null) out.endMarkedContent();
                if (layer != null) out.beginMarkedContent(COSName.OC, layer);
                open = layer;
            }
            draw(drawn.item());
        }
        if (open != null) out.endMarkedContent();
    }

    private void draw(Item item) throws IOException {
        switch (item) {
            case Item.Fill fill -> fill(fill);
            case Item.Hatch hatch -> lines(hatch.pen(), HatchLines.of(hatch));
            case Item.Wave wave -> lines(wave.pen(), List.of(HatchLines.of(wave)));
            case Item.Strokes strokes -> {
                if (strokes.prints()) lines(strokes.pen(), strokes.lines());
            }
            case Item.Arc arc -> arc(arc);
            case Item.Text text -> text(text);
            case Item.Image image -> image(image);
            case Item.Traced never -> {}
        }
    }

    /** Draws what lies behind a drawing, faintly. @param strength from 0 to 1 */
    void drawFaint(List<Item> items, double strength) throws IOException {
        PDExtendedGraphicsState faint = new PDExtendedGraphicsState();
        faint.setStrokingAlphaConstant((float) strength);
        faint.setNonStrokingAlphaConstant((float) strength);
        out.saveGraphicsState();
        out.setGraphicsStateParameters(faint);
        draw(items);
        out.restoreGraphicsState();
    }

    /** Makes what follows smaller, pens and letters too. @param xMm where its lower left corner comes */
    void smaller(double xMm, double yMm, double factor) throws IOException {
        out.transform(new Matrix((float) factor, 0, 0, (float) factor, points(xMm), points(yMm)));
    }

    /** Keeps what follows inside a rectangle of the page. */
    void clip(double xMm, double yMm, double widthMm, double heightMm) throws IOException {
        out.addRect(points(xMm), points(yMm), points(widthMm), points(heightMm));
        out.clip();
    }

    private static float[] dashes(Pen pen) {
        List<Double> mm = LineTypes.dashesMm(pen);
        float[] points = new float[mm.size()];
        for (int i = 0; i < points.length; i++) points[i] = points(mm.get(i));
        return points;
    }

    private void fill(Item.Fill fill) throws IOException {
        PDColor tint = colour(fill.tint());
        out.saveGraphicsState();
        out.setNonStrokingColor(tint);
        out.setStrokingColor(tint);
        out.setLineWidth(points(SEAM_MM));
        path(fill.ring());
        out.closePath();
        out.fillAndStroke();
        out.restoreGraphicsState();
    }

    /** One that cannot be read leaves its box, crossed out. */
    private void image(Item.Image image) throws IOException {
        float x = points(image.at().x()), y = points(image.at().y());
        float wide = points(image.widthMm()), high = points(image.heightMm());
        PDImageXObject read = fonts.images().of(image.address());
        if (read != null) {
            out.drawImage(read, x, y, wide, high);
            return;
        }
        out.saveGraphicsState();
        out.addRect(x, y, wide, high);
        out.moveTo(x, y);
        out.lineTo(x + wide, y + high);
        out.moveTo(x, y + high);
        out.lineTo(x + wide, y);
        out.stroke();
        out.restoreGraphicsState();
    }

    private void lines(Pen pen, List<List<Vec>> lines) throws IOException {
        if (lines.isEmpty()) return;
        pen(pen);
        for (List<Vec> line : lines) path(line);
        out.stroke();
    }

    private void path(List<Vec> points) throws IOException {
        out.moveTo(points(points.getFirst().x()), points(points.getFirst().y()));
        for (Vec p : points.subList(1, points.size())) out.lineTo(points(p.x()), points(p.y()));
    }

    private void pen(Pen pen) throws IOException {
        out.setStrokingColor(ink(pen.ink()));
        out.setLineWidth(points(pen.widthMm()));
        out.setLineDashPattern(dashes(pen), 0);
    }

    /** By Bezier curves of a quarter turn at most: within 0.03 % of the radius. */
    private void arc(Item.Arc arc) throws IOException {
        pen(arc.pen());
        int steps = Math.max(1, (int) Math.ceil(Math.abs(arc.sweep()) / (Math.PI / 2) - 1e-9));
        double step = arc.sweep() / steps, handle = 4.0 / 3 * Math.tan(step / 4) * arc.radius();
        for (int i = 0; i < steps; i++) {
            Vec a = Vec.ofAngle(arc.from() + i * step), b = Vec.ofAngle(arc.from() + (i + 1) * step);
            Vec start = arc.centre().along(a, arc.radius()), end = arc.centre().along(b, arc.radius());
            Vec c1 = start.along(a.left(), handle), c2 = end.along(b.left(), -handle);
            if (i == 0) out.moveTo(points(start.x()), points(start.y()));
            out.curveTo(
                    points(c1.x()), points(c1.y()), points(c2.x()), points(c2.y()), points(end.x()), points(end.y()));
        }
        out.stroke();
    }

    private void text(Item.Text text) throws IOException {
        out.beginText();
        out.setNonStrokingColor(ink(text.ink()));
        double cos = Math.cos(text.angle()), sin = Math.sin(text.angle());
        for (Item.Run run : text.runs()) {
            double right = run.right();
            for (PdfFonts.Piece piece : fonts.pieces(run.letters(), text.strong())) {
                double size = run.height() / capital;
                double x = text.at().x() + right * cos - run.up() * sin,
                        y = text.at().y() + right * sin + run.up() * cos;
                out.setFont(piece.font(), points(size));
                out.setTextMatrix(
                        new Matrix((float) cos, (float) sin, (float) -sin, (float) cos, points(x), points(y)));
                out.showText(piece.letters());
                right += piece.font().getStringWidth(piece.letters()) / 1000 * size;
            }
        }
        out.endText();
    }

    PDPage page() {
        return page;
    }

    static PDRectangle rectangle(Bounds mm) {
        return new PDRectangle(points(mm.minX()), points(mm.minY()), points(mm.width()), points(mm.height()));
    }

    private static float points(double mm) {
        if (!Double.isFinite(mm)) throw new IllegalArgumentException("Not a place on a page: " + mm);
        return (float) (mm * POINTS_PER_MM);
    }

    @Override
    public void close() throws IOException {
        out.close();
    }
}
