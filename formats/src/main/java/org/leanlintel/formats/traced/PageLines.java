package org.leanlintel.formats.traced;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.formats.traced.TracedFile.Segment;

/** Gathers the straight lines that a page draws, stroked or filled, as they lie on the page when it is shown. */
final class PageLines extends PDFGraphicsStreamEngine {

    private static final double MM_PER_POINT = 25.4 / 72;
    /** Millimetres of paper. Shorter is a piece of a letter or a curve. */
    private static final double SHORTEST_MM = 1;

    private static final int MOST = 20_000;

    private final List<Segment> found = new ArrayList<>();
    private final List<Segment> path = new ArrayList<>();
    private final AffineTransform shown;
    private Point2D start = new Point2D.Double();
    private Point2D current = new Point2D.Double();

    private PageLines(PDPage page) {
        super(page);
        PDRectangle box = page.getCropBox();
        shown = new AffineTransform();
        shown.scale(MM_PER_POINT, MM_PER_POINT);
        switch (Math.floorMod(page.getRotation(), 360)) {
            case 90 -> shown.concatenate(new AffineTransform(0, -1, 1, 0, 0, box.getWidth()));
            case 180 -> shown.concatenate(new AffineTransform(-1, 0, 0, -1, box.getWidth(), box.getHeight()));
            case 270 -> shown.concatenate(new AffineTransform(0, 1, -1, 0, box.getHeight(), 0));
            default -> {}
        }
        shown.translate(-box.getLowerLeftX(), -box.getLowerLeftY());
    }

    static List<Segment> of(PDPage page) throws IOException {
        PageLines lines = new PageLines(page);
        lines.processPage(page);
        return List.copyOf(lines.found);
    }

    @Override
    public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
        moveTo((float) p0.getX(), (float) p0.getY());
        for (Point2D p : List.of(p1, p2, p3)) lineTo((float) p.getX(), (float) p.getY());
        closePath();
    }

    @Override
    public void moveTo(float x, float y) {
        start = current = new Point2D.Double(x, y);
    }

    @Override
    public void lineTo(float x, float y) {
        Point2D next = new Point2D.Double(x, y);
        add(current, next);
        current = next;
    }

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        current = new Point2D.Double(x3, y3);
    }

    @Override
    public Point2D getCurrentPoint() {
        return current;
    }

    @Override
    public void closePath() {
        add(current, start);
        current = start;
    }

    private void add(Point2D a, Point2D b) {
        Point2D from = shown.transform(a, null), to = shown.transform(b, null);
        if (from.distance(to) >= SHORTEST_MM)
            path.add(new Segment(new Vec(from.getX(), from.getY()), new Vec(to.getX(), to.getY())));
    }

    @Override
    public void endPath() {
        path.clear();
    }

    @Override
    public void strokePath() {
        keep();
    }

    @Override
    public void fillPath(int windingRule) {
        keep();
    }

    @Override
    public void fillAndStrokePath(int windingRule) {
        keep();
    }

    private void keep() {
        if (found.size() + path.size() <= MOST) found.addAll(path);
        path.clear();
    }

    @Override
    public void drawImage(PDImage image) {}

    @Override
    public void clip(int windingRule) {}

    @Override
    public void shadingFill(COSName shading) {}
}
