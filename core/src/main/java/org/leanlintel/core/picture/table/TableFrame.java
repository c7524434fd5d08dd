package org.leanlintel.core.picture.table;

import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.BrokenLines;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.takeoff.Table.Column;

/** The frame of a schedule: its title, columns and rules, drawn downwards row by row. Sizes are on paper. */
final class TableFrame {

    static final double LINE = 3.9, PAD = 2.5, LETTERS = 2.5;
    private static final double HEADER = 9, HEADING = 5;

    private final Drawing drawing;
    private final Lettering lettering;
    private final List<Column> columns;
    private double down;

    TableFrame(Drawing drawing, Lettering lettering, List<Column> columns) {
        this.drawing = drawing;
        this.lettering = lettering;
        this.columns = columns;
    }

    /** How far below the top the next row begins. */
    double down() {
        return down;
    }

    double width(int column) {
        return columns.get(column).widthMm();
    }

    /** The title, and the names of the columns. */
    void head(Pens pens) {
        title(pens);
        headings(pens);
    }

    void title(Pens pens) {
        pens.add(lettering.set(drawing.name(), at(0, -HEADING), 0, HEADING, Align.LEFT, true));
    }

    void headings(Pens pens) {
        rule(pens, PenRole.SHEET_FRAME);
        for (int c = 0; c < columns.size(); c++) text(pens, columns.get(c).title(), c, HEADER - PAD - 0.8, true);
        down = HEADER;
        rule(pens, PenRole.SHEET_RULE);
    }

    /** Ends a row of a height. */
    void next(Pens pens, double height) {
        down += height;
        rule(pens, PenRole.SHEET_RULE);
    }

    /** The last rule and those between the columns; @param empty what is said where there are no rows */
    void foot(Pens pens, String empty, boolean isEmpty) {
        rule(pens, PenRole.SHEET_FRAME);
        double x = 0;
        for (Column c : columns) {
            pens.line(PenRole.SHEET_RULE, at(x, 0), at(x, down));
            x += c.widthMm();
        }
        pens.line(PenRole.SHEET_RULE, at(x, 0), at(x, down));
        if (isEmpty) pens.add(lettering.set(empty, at(PAD, down + 6), 0, LETTERS, Align.LEFT, false));
    }

    /** Words as they fit into a column. */
    List<String> broken(String words, int column, boolean strong) {
        return BrokenLines.of(words, width(column) - 2 * PAD, l -> lettering.width(l, LETTERS, strong));
    }

    /** Words in a column, made smaller where they would leave it. @param below the row's top */
    void text(Pens pens, String words, int column, double below, boolean strong) {
        if (words.isBlank()) return;
        double x = PAD;
        for (Column c : columns.subList(0, column)) x += c.widthMm();
        double room = columns.get(column).widthMm() - 2 * PAD;
        double height = Math.min(LETTERS, LETTERS * room / lettering.width(words, LETTERS, strong));
        pens.add(lettering.set(words, at(x, down + below), 0, height, Align.LEFT, strong));
    }

    private void rule(Pens pens, PenRole role) {
        double width = columns.stream().mapToDouble(Column::widthMm).sum();
        pens.line(role, at(0, down), at(width, down));
    }

    /** A place of the table in the picture. */
    Vec at(double right, double below) {
        return new Vec(right, -below).times(drawing.scale());
    }
}
