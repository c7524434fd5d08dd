package org.leanlintel.core.picture.sheet;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;

/** What is marked between a sheet's frame and its edge: zones to find a place by, and where it is folded. */
final class MarginPainter {

    /** ISO 5457, clause 4.4: the length of a field, how wide the border with fields is, its letters. */
    private static final double FIELD_MM = 50, BORDER_MM = 5, LETTERS_MM = 3.5;
    /** Rows have letters, without I and O. */
    private static final String ROWS = "ABCDEFGHJKLMNPQRSTUVWXYZ";
    /** DIN 824: what a sheet is folded to, the panel that lies on top, what is left at the left to be filed by. */
    private static final double A4_WIDE_MM = 210, A4_HIGH_MM = 297, TOP_MM = 190, FILED_MM = 20;
    /** Two panels that take up what is left over are no narrower than that. */
    private static final double LEAST_PANEL_MM = 100;

    private static final double FOLD_MARK_MM = 3;

    private final Paper paper;
    private final Bounds frame;
    private final Lettering lettering;
    private final Pens pens;

    MarginPainter(Paper paper, Bounds frame, Lettering lettering, Pens pens) {
        this.paper = paper;
        this.frame = frame;
        this.lettering = lettering;
        this.pens = pens;
    }

    void paint(TitleBlock.Margin margin) {
        if (margin.zones()) zones();
        if (margin.folds() && paper.isOfIso()) folds();
    }

    /** Fields are counted from the middle of each side, so that centring marks lie between two; A4 has them above and at the right. */
    private void zones() {
        Bounds outer = frame.grown(BORDER_MM);
        pens.closed(PenRole.SHEET_RULE, outer.corners());
        boolean small = Math.max(paper.widthMm(), paper.heightMm()) <= A4_HIGH_MM;
        List<Double> across = fields(paper.widthMm(), frame.minX(), frame.maxX());
        List<Double> down = fields(paper.heightMm(), frame.minY(), frame.maxY());
        for (int i = 0; i + 1 < across.size(); i++) {
            double x = across.get(i), middle = (x + across.get(i + 1)) / 2;
            field(Integer.toString(i + 1), i, new Vec(x, frame.maxY()), new Vec(middle, frame.maxY()), new Vec(0, 1));
            if (!small)
                field(
                        Integer.toString(i + 1),
                        i,
                        new Vec(x, frame.minY()),
                        new Vec(middle, frame.minY()),
                        new Vec(0, -1));
        }
        for (int i = 0; i + 1 < down.size(); i++) {
            double y = down.get(i), middle = (y + down.get(i + 1)) / 2;
            String letter = String.valueOf(ROWS.charAt((down.size() - 2 - i) % ROWS.length()));
            field(letter, i, new Vec(frame.maxX(), y), new Vec(frame.maxX(), middle), new Vec(1, 0));
            if (!small) field(letter, i, new Vec(frame.minX(), y), new Vec(frame.minX(), middle), new Vec(-1, 0));
        }
    }

    /** The ends of fields along one side, the frame's own ends first and last. */
    private static List<Double> fields(double side, double from, double to) {
        List<Double> ends = new ArrayList<>(List.of(from));
        long half = Math.max(1, Math.round(side / 2 / FIELD_MM));
        for (long k = -half + 1; k < half; k++) ends.add(side / 2 + k * FIELD_MM);
        ends.add(to);
        return ends;
    }

    private void field(String said, int index, Vec begins, Vec middle, Vec out) {
        if (index > 0) pens.line(PenRole.SHEET_RULE, begins, begins.along(out, BORDER_MM));
        Vec base = middle.along(out, BORDER_MM / 2).plus(new Vec(0, -LETTERS_MM / 2));
        pens.add(lettering.set(said, base, 0, LETTERS_MM, Align.CENTRE, false));
    }

    private void folds() {
        double wide = paper.widthMm(), high = paper.heightMm();
        for (double x : upright(wide)) {
            pens.line(PenRole.SHEET_RULE, new Vec(x, 0), new Vec(x, FOLD_MARK_MM));
            pens.line(PenRole.SHEET_RULE, new Vec(x, high - FOLD_MARK_MM), new Vec(x, high));
        }
        for (double y = A4_HIGH_MM; y < high - 1; y += A4_HIGH_MM) {
            pens.line(PenRole.SHEET_RULE, new Vec(0, y), new Vec(FOLD_MARK_MM, y));
            pens.line(PenRole.SHEET_RULE, new Vec(wide - FOLD_MARK_MM, y), new Vec(wide, y));
        }
    }

    /**
     * Where a sheet of some width is folded to and fro (DIN 824, form A): the panel with the title block at the right is 190 wide and
     * lies on top; the first is as wide as A4, and what is left over goes into two that lie on each other.
     */
    static List<Double> upright(double wide) {
        if (wide <= A4_WIDE_MM + 1) return List.of();
        List<Double> folds = new ArrayList<>();
        if (wide < A4_WIDE_MM + 2 * LEAST_PANEL_MM + FILED_MM) {
            double back = (wide - TOP_MM - FILED_MM) / 2;
            return List.of(back + FILED_MM, 2 * back + FILED_MM);
        }
        double left = wide - A4_WIDE_MM;
        int pairs = 0;
        while ((left - 2 * TOP_MM * (pairs + 1)) / 2 >= LEAST_PANEL_MM) pairs++;
        double panel = (left - 2 * TOP_MM * pairs) / 2;
        folds.add(A4_WIDE_MM);
        folds.add(A4_WIDE_MM + panel);
        for (int i = 0; i < 2 * pairs; i++) folds.add(A4_WIDE_MM + 2 * panel + i * TOP_MM);
        return folds;
    }
}
