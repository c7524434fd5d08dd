package org.leanlintel.core.picture.sheet;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.body.SymbolLines;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Raster;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.picture.BrokenLines;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.SymbolPicture;
import org.leanlintel.core.sheet.Issued;
import org.leanlintel.core.sheet.SheetArea;
import org.leanlintel.core.sheet.TitleFacts;

/** Draws the title block of a sheet as its layout says; words too long for their box are broken, then made smaller. */
final class TitleBlockPainter {

    /** On paper: labels, from a box's edges to words in it, from base line to base line as a part of the letters' height. */
    private static final double LABEL_MM = 1.8, PAD_MM = 2.2, PITCH = 1.6, TIGHT_MM = 0.8;
    /** By how much letters that do not fit are made smaller at a time, and to what height words are broken rather than made smaller. */
    private static final double STEP = 0.92, BROKEN_TO_MM = 1.8;
    /** Of the table of issues: the columns' share of its width, its letters. */
    private static final double[] COLUMNS = {0.12, 0.27, 0.49, 1};

    private static final String[] HEADS = {"Issue", "Date", "For", "Note"};
    private static final double CELL_MM = 2.2;

    private final TitleBlock block;
    private final TitleFields fields;
    private final TitleFacts facts;
    private final Model model;
    private final Lettering lettering;
    private final Pens pens;
    private final Bounds area;
    /** How much smaller it is than it would be on paper with room for it. */
    private final double narrower, lower;

    TitleBlockPainter(
            SheetArea area, TitleFields fields, TitleFacts facts, Model model, Lettering lettering, Pens pens) {
        block = TitleBlock.of(model);
        this.area = area.block();
        this.fields = fields;
        this.facts = facts;
        this.model = model;
        this.lettering = lettering;
        this.pens = pens;
        narrower = Math.min(1, this.area.width() / block.widthMm());
        lower = Math.min(1, this.area.height() / block.heightMm());
    }

    void paint() {
        for (TitleBlock.Part part : block.parts()) {
            Bounds box = box(part);
            if (part.framed()) pens.closed(PenRole.SHEET_RULE, box.corners());
            switch (part.content()) {
                case TitleBlock.Words w -> words(w, box);
                case TitleBlock.Issues i -> issues(i.rows(), box);
                case TitleBlock.Logo l -> logo(l, box);
                case TitleBlock.Image i -> image(Raster.of(i.data()), box);
            }
        }
        pens.closed(PenRole.SHEET_FRAME, area.corners());
    }

    /** On paper; what is held to the far end of a strip is measured from there. */
    private Bounds box(TitleBlock.Part p) {
        double wide = p.widthMm() * narrower, high = p.heightMm() * lower;
        boolean fromTop = p.far() && block.place() == TitleBlock.Place.RIGHT_EDGE;
        boolean fromRight = p.far() && block.place() == TitleBlock.Place.FOOT;
        double left = fromRight ? area.maxX() - p.x() * narrower - wide : area.minX() + p.x() * narrower;
        double low = fromTop ? area.maxY() - p.y() * lower - high : area.minY() + p.y() * lower;
        return new Bounds(left, low, left + wide, low + high);
    }

    /** Under the label, in the middle of what is left. */
    private void words(TitleBlock.Words w, Bounds box) {
        double top = box.maxY(), room = box.width() - 2 * PAD_MM;
        if (!w.label().isEmpty()) {
            String label = fields.filled(w.label());
            double letters = Math.min(LABEL_MM, LABEL_MM * room / lettering.width(label, LABEL_MM, false));
            top -= LABEL_MM + 1.6;
            pens.add(lettering.set(label, new Vec(box.minX() + PAD_MM, top), 0, letters, Align.LEFT, false));
        }
        String text = fields.filled(w.text()).strip();
        if (text.isEmpty()) return;
        double high = top - box.minY() - 2 * TIGHT_MM, letters = w.letterMm();
        List<String> lines = lines(text, letters, w.strong(), room);
        while (letters > BROKEN_TO_MM && !fits(lines, letters, w.strong(), room, high)) {
            letters *= STEP;
            lines = lines(text, letters, w.strong(), room);
        }
        while (!fits(lines, letters, w.strong(), room, high)) letters *= STEP;
        double taken = high(lines, letters), base = box.minY() + TIGHT_MM + (high + taken) / 2 - letters;
        for (String line : lines) {
            pens.add(lettering.set(line, new Vec(box.minX() + PAD_MM, base), 0, letters, Align.LEFT, w.strong()));
            base -= letters * PITCH;
        }
    }

    private List<String> lines(String text, double letters, boolean strong, double room) {
        List<String> lines = new ArrayList<>();
        for (String line : text.split("\n", -1))
            lines.addAll(BrokenLines.of(line, room, l -> lettering.width(l, letters, strong)));
        return lines;
    }

    private boolean fits(List<String> lines, double letters, boolean strong, double room, double high) {
        return high(lines, letters) <= high
                && lines.stream().allMatch(l -> lettering.width(l, letters, strong) <= room);
    }

    private static double high(List<String> lines, double letters) {
        return letters * (1 + PITCH * (lines.size() - 1));
    }

    /** The newest at the foot. */
    private void issues(int rows, Bounds box) {
        double row = box.height() / (rows + 1);
        List<Issued> all = facts.issues();
        List<Issued> shown = all.subList(Math.max(0, all.size() - rows), all.size());
        row(HEADS, box, box.maxY() - row, row, LABEL_MM);
        for (int c = 0; c < COLUMNS.length - 1; c++) {
            double x = box.minX() + COLUMNS[c] * box.width();
            pens.line(PenRole.SHEET_RULE, new Vec(x, box.minY()), new Vec(x, box.maxY()));
        }
        for (int i = 0; i < rows; i++) {
            double low = box.maxY() - (i + 2) * row;
            pens.line(PenRole.SHEET_RULE, new Vec(box.minX(), low + row), new Vec(box.maxX(), low + row));
            if (i >= shown.size()) continue;
            Issued issue = shown.get(i);
            String[] cells = {
                issue.number(), issue.date().toString(), issue.purpose().words(), issue.note()
            };
            row(cells, box, low, row, CELL_MM);
        }
    }

    /** Words that would leave their column are made smaller. */
    private void row(String[] cells, Bounds box, double low, double high, double mm) {
        for (int c = 0; c < COLUMNS.length; c++) {
            double from = box.minX() + (c == 0 ? 0 : COLUMNS[c - 1]) * box.width();
            double room = box.minX() + COLUMNS[c] * box.width() - from - 2 * TIGHT_MM;
            if (cells[c].isBlank()) continue;
            double letters = Math.min(mm, mm * room / lettering.width(cells[c], mm, false));
            Vec at = new Vec(from + TIGHT_MM, low + (high - letters) / 2);
            pens.add(lettering.set(cells[c], at, 0, letters, Align.LEFT, false));
        }
    }

    private void image(Raster raster, Bounds box) {
        double wide = raster.widthDots(), high = raster.heightDots(), factor = factor(wide, high, box);
        Vec at = box.centre().plus(new Vec(-wide / 2, -high / 2).times(factor));
        pens.add(new Item.Image(raster.address(), at, wide * factor, high * factor));
    }

    /** How much larger something is drawn so that it fills a box. */
    private static double factor(double wide, double high, Bounds box) {
        return Math.min((box.width() - 2 * TIGHT_MM) / wide, (box.height() - 2 * TIGHT_MM) / high);
    }

    private void logo(TitleBlock.Logo logo, Bounds box) {
        if (!(model.find(logo.symbol()) instanceof Symbol symbol)) return;
        double wide = symbol.width().usualMm(), deep = symbol.depth().usualMm(), factor = factor(wide, deep, box);
        Vec by = box.centre().plus(new Vec(-wide / 2, deep / 2).times(factor));
        SymbolLines drawn = SymbolLines.of(SymbolPicture.placed(symbol, wide, deep));
        for (SymbolLines.Line line : drawn.lines())
            pens.line(
                    PenRole.SHEET_RULE,
                    SymbolPicture.line(line).stream()
                            .map(p -> p.times(factor).plus(by))
                            .toList());
        for (SymbolLines.Text text : drawn.texts()) {
            double letters = text.heightMm() * factor;
            Vec base = text.at().times(factor).plus(by).plus(new Vec(0, -letters / 2));
            pens.add(lettering.set(text.text(), base, 0, letters, Align.CENTRE, true));
        }
    }
}
