package org.leanlintel.formats.pdf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.Pen;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Extent;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Picture;

/** A sheet on paper of another size: reduced, with its true scales said, or at its size in parts that are laid side by side. */
public final class OnPaper {

    /** How a sheet comes on paper that is not of its size: all of it on one page, or at its size on several. */
    public enum Onto {
        REDUCED,
        PARTS
    }

    /** Millimetres: what printers leave white, what is kept for a line at the foot, how far parts lie over each other. */
    static final double EDGE_MM = 8, FOOT_MM = 6, OVERLAP_MM = 10;

    private static final double MARK_MM = 4, LETTERS_MM = 2.5;
    private static final Pen MARK = new Pen(0.18, Pen.Dash.CONTINUOUS, "");

    private final Picture sheet;
    private final Paper of;
    private final String name;
    private final List<Double> scales;
    private final Lettering lettering;

    /** @param sheet in paper millimetres; @param name what it is called at the foot of pages; @param scales of what stands on it */
    public OnPaper(Picture sheet, Paper of, String name, List<Double> scales, Lettering lettering) {
        this.sheet = sheet;
        this.of = of;
        this.name = name;
        this.scales = List.copyOf(scales);
        this.lettering = lettering;
    }

    /** @param picture how the sheet prints */
    public static OnPaper of(Sheet sheet, Picture picture, Model model, Lettering lettering) {
        List<Double> scales = sheet.drawings().stream()
                .map(d -> model.get(d.drawing(), Drawing.class))
                .filter(d -> !d.kind().isSchedule())
                .map(Drawing::scale)
                .toList();
        return new OnPaper(picture, sheet.paper(), sheet.number() + " " + sheet.title(), scales, lettering);
    }

    /** Its pages in a document. @param layers of the document; null where nothing of it can be switched */
    List<Laid> lay(PaperSize on, Onto onto, PDDocument document, PdfFonts fonts, @Nullable PdfLayers layers)
            throws IOException {
        return switch (onto) {
            case REDUCED -> List.of(reduced(on, document, fonts, layers));
            case PARTS -> inParts(on, document, fonts, layers);
        };
    }

    /** How parts lie on a sheet. @param wideMm of the sheet on each; likewise high */
    record Parts(Paper paper, int columns, int rows, double wideMm, double highMm) {

        /** Across or upright, whichever takes fewer. */
        static Parts of(Paper sheet, PaperSize on) {
            Parts across = of(sheet, new Paper(on, false)), upright = of(sheet, new Paper(on, true));
            return upright.count() < across.count() ? upright : across;
        }

        private static Parts of(Paper sheet, Paper on) {
            double wide = on.widthMm() - 2 * EDGE_MM, high = on.heightMm() - 2 * EDGE_MM - FOOT_MM;
            return new Parts(on, needed(sheet.widthMm(), wide), needed(sheet.heightMm(), high), wide, high);
        }

        private static int needed(double whole, double each) {
            return Math.max(1, (int) Math.ceil((whole - OVERLAP_MM) / (each - OVERLAP_MM) - 1e-9));
        }

        int count() {
            return columns * rows;
        }

        /** What of the sheet is on one. @param row counted from the top */
        Bounds at(int column, int row, Paper sheet) {
            double left = column * (wideMm - OVERLAP_MM), top = sheet.heightMm() - row * (highMm - OVERLAP_MM);
            return new Bounds(left, top - highMm, left + wideMm, top);
        }
    }

    /** One page with all of it, as large as the paper lets it be and no larger than it is. */
    private Laid reduced(PaperSize on, PDDocument document, PdfFonts fonts, @Nullable PdfLayers layers)
            throws IOException {
        GivenUp.orGoOn();
        Paper paper = new Paper(on, of.heightMm() > of.widthMm());
        double wide = paper.widthMm() - 2 * EDGE_MM, high = paper.heightMm() - 2 * EDGE_MM - FOOT_MM;
        double factor = Math.min(1, Math.min(wide / of.widthMm(), high / of.heightMm()));
        try (PdfPage page = new PdfPage(document, fonts, lettering, paper.widthMm(), paper.heightMm())) {
            page.draw(List.of(foot(said(factor))));
            page.smaller(EDGE_MM, EDGE_MM + FOOT_MM, factor);
            page.draw(sheet, layers);
            return new Laid(
                    page.page(),
                    new Bounds(0, 0, of.widthMm(), of.heightMm()),
                    factor,
                    new Vec(EDGE_MM, EDGE_MM + FOOT_MM));
        }
    }

    private String said(double factor) {
        if (factor == 1) return name + ", at its size.";
        String trueScales = new TreeSet<>(scales)
                .stream()
                        .map(s -> "1:%d is 1:%d".formatted(Math.round(s), Math.round(s / factor)))
                        .collect(Collectors.joining(", "));
        return "%s, reduced to %d %%%s. Scale bars are true."
                .formatted(name, Math.round(factor * 100), trueScales.isEmpty() ? "" : ": " + trueScales);
    }

    /** As many pages as it takes, at its size, row after row from the top. */
    private List<Laid> inParts(PaperSize on, PDDocument document, PdfFonts fonts, @Nullable PdfLayers layers)
            throws IOException {
        Parts parts = Parts.of(of, on);
        List<Laid> laid = new ArrayList<>();
        for (int row = 0; row < parts.rows(); row++)
            for (int column = 0; column < parts.columns(); column++)
                laid.add(part(parts, column, row, document, fonts, layers));
        return laid;
    }

    private Laid part(Parts parts, int column, int row, PDDocument document, PdfFonts fonts, @Nullable PdfLayers layers)
            throws IOException {
        GivenUp.orGoOn();
        Bounds there = parts.at(column, row, of);
        Vec by = new Vec(EDGE_MM - there.minX(), EDGE_MM + FOOT_MM - there.minY());
        Paper paper = parts.paper();
        try (PdfPage page = new PdfPage(document, fonts, lettering, paper.widthMm(), paper.heightMm())) {
            page.draw(List.of(foot(
                    "%s, part %d of %d: row %d from the top, %d from the left. Lay parts over each other up to the marks."
                            .formatted(name, row * parts.columns() + column + 1, parts.count(), row + 1, column + 1))));
            page.draw(marks(parts, column, row));
            page.clip(EDGE_MM, EDGE_MM + FOOT_MM, parts.wideMm(), parts.highMm());
            page.draw(within(there).placed(1, by), layers);
            return new Laid(page.page(), there, 1, by);
        }
    }

    private Picture within(Bounds there) {
        List<Group> groups = new ArrayList<>();
        for (Group g : sheet.groups())
            if (Extent.of(new Picture(1, List.of(g))) instanceof Bounds b && b.meets(there)) groups.add(g);
        return new Picture(1, groups);
    }

    /** Strokes in the white edge, where the next part begins on each side that has one. */
    private static List<Item> marks(Parts parts, int column, int row) {
        double left = EDGE_MM, right = EDGE_MM + parts.wideMm();
        double low = EDGE_MM + FOOT_MM, high = low + parts.highMm();
        List<List<Vec>> lines = new ArrayList<>();
        List<Double> across = new ArrayList<>(), up = new ArrayList<>();
        if (column > 0) across.add(left + OVERLAP_MM);
        if (column < parts.columns() - 1) across.add(right - OVERLAP_MM);
        if (row > 0) up.add(high - OVERLAP_MM);
        if (row < parts.rows() - 1) up.add(low + OVERLAP_MM);
        for (double x : across)
            for (double y : new double[] {low - MARK_MM, high})
                lines.add(List.of(new Vec(x, y), new Vec(x, y + MARK_MM)));
        for (double y : up)
            for (double x : new double[] {left - MARK_MM, right})
                lines.add(List.of(new Vec(x, y), new Vec(x + MARK_MM, y)));
        return lines.isEmpty() ? List.of() : List.of(new Item.Strokes(PenRole.EDGE, MARK, lines));
    }

    private Item foot(String words) {
        return lettering.set(words, new Vec(EDGE_MM, EDGE_MM - 1), 0, LETTERS_MM, Lettering.Align.LEFT, false);
    }
}
