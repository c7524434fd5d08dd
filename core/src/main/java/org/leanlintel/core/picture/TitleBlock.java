package org.leanlintel.core.picture;

import java.util.List;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.ScaleLabel;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.sheet.Issued;
import org.leanlintel.core.sheet.SheetArea;
import org.leanlintel.core.sheet.SheetOrder;
import org.leanlintel.core.sheet.TitleFacts;

/**
 * The title block at the lower right of a sheet, filled from the project. Its fields are those of ISO 7200 that a house
 * plan needs, and it keeps to that standard's greatest width of 180 mm.
 */
final class TitleBlock {

    private static final double LABEL_MM = 1.8, PAD = 2.2;
    /** How high the fields are under the table of issues, and how many issues that shows. */
    private static final double FIELDS_HIGH = 54;

    private static final int ISSUES_SHOWN = 3;

    private final Sheet sheet;
    private final Model model;
    private final TitleFacts facts;
    private final Lettering lettering;
    private final Pens pens;
    private final Vec corner;
    /** How much narrower it is than at its full width. */
    private final double narrower;

    TitleBlock(Sheet sheet, Model model, TitleFacts facts, Lettering lettering, Pens pens) {
        this.sheet = sheet;
        this.model = model;
        this.facts = facts;
        this.lettering = lettering;
        this.pens = pens;
        Bounds block = SheetArea.of(sheet.paper()).block();
        corner = new Vec(block.minX(), block.minY());
        narrower = (block.maxX() - block.minX()) / SheetArea.BLOCK_WIDTH_MM;
    }

    void paint() {
        Settings project = model.settings();
        field(0, 34, 120, 20, "Project", project.name(), 5, true);
        small(0, 34, project.address());
        field(120, 34, 60, 20, "Client", project.client(), 3.5, false);
        field(0, 16, 120, 18, "Drawing", sheet.title(), 5, true);
        small(0, 16, units(project.units()));
        field(120, 0, 60, 34, "Sheet", sheet.number(), 10, true);
        small(120, 0, placeInSet());
        field(0, 0, 36, 16, "Scale at " + sheet.paper().size().label(), scale(project.units()), 3.5, false);
        field(36, 0, 48, 16, "Drawn by", project.drawnBy(), 3.5, false);
        field(84, 0, 36, 16, "Printed", facts.printed(), 3.5, false);
        issues();
        pens.line(
                PenRole.SHEET_FRAME,
                point(0, 0),
                point(0, SheetArea.BLOCK_HEIGHT_MM),
                point(SheetArea.BLOCK_WIDTH_MM, SheetArea.BLOCK_HEIGHT_MM));
    }

    private String placeInSet() {
        List<Sheet> set = SheetOrder.of(model);
        int at = set.indexOf(sheet);
        return at < 0 ? "" : "Sheet %d of %d".formatted(at + 1, set.size());
    }

    /** The last times it was issued, the newest at the foot. */
    private void issues() {
        double[] columns = {0, 22, 48, 88};
        String[] heads = {"Issue", "Date", "For", "Note"};
        double top = SheetArea.BLOCK_HEIGHT_MM, row = (top - FIELDS_HIGH) / (ISSUES_SHOWN + 1);
        for (int c = 0; c < columns.length; c++) {
            set(heads[c], columns[c], top - row + 1.3, LABEL_MM, columns, c);
            if (c > 0) pens.line(PenRole.SHEET_RULE, point(columns[c], FIELDS_HIGH), point(columns[c], top));
        }
        List<Issued> all = facts.issues();
        List<Issued> shown = all.subList(Math.max(0, all.size() - ISSUES_SHOWN), all.size());
        for (int i = 0; i < ISSUES_SHOWN; i++) {
            double base = top - (i + 2) * row;
            pens.line(PenRole.SHEET_RULE, point(0, base + row), point(SheetArea.BLOCK_WIDTH_MM, base + row));
            if (i >= shown.size()) continue;
            Issued issue = shown.get(i);
            String[] cells = {
                issue.number(), issue.date().toString(), issue.purpose().words(), issue.note()
            };
            for (int c = 0; c < columns.length; c++) set(cells[c], columns[c], base + 1.2, 2.2, columns, c);
        }
    }

    /** Words in a column of the table of issues, made smaller where they would leave it. */
    private void set(String words, double x, double y, double mm, double[] columns, int column) {
        if (words.isBlank()) return;
        double to = column + 1 < columns.length ? columns[column + 1] : SheetArea.BLOCK_WIDTH_MM;
        double room = narrower * (to - x) - 2 * PAD;
        double fitting = Math.min(mm, mm * room / lettering.width(words, mm, false));
        pens.add(lettering.set(words, inset(x, y), 0, fitting, Align.LEFT, false));
    }

    private void field(
            double x, double y, double width, double height, String label, String value, double mm, boolean strong) {
        pens.line(PenRole.SHEET_RULE, point(x, y + height), point(x + width, y + height));
        pens.line(PenRole.SHEET_RULE, point(x + width, y), point(x + width, y + height));
        pens.add(lettering.set(label, inset(x, y + height - LABEL_MM - 1.6), 0, LABEL_MM, Align.LEFT, false));
        double fitting =
                Math.min(mm, mm * (narrower * width - 2 * PAD) / Math.max(1e-6, lettering.width(value, mm, strong)));
        double down = Math.max(height / 2 + fitting * 0.3, LABEL_MM + 3.2 + fitting);
        pens.add(lettering.set(value, inset(x, y + height - down), 0, fitting, Align.LEFT, strong));
    }

    private void small(double x, double y, String text) {
        pens.add(lettering.set(text, inset(x, y + PAD + 0.4), 0, 2.5, Align.LEFT, false));
    }

    private Vec point(double x, double y) {
        return corner.plus(new Vec(x * narrower, y));
    }

    private Vec inset(double x, double y) {
        return point(x, y).plus(new Vec(PAD, 0));
    }

    private static String units(UnitSystem units) {
        return units == UnitSystem.METRIC ? "Dimensions in millimetres" : "Dimensions in feet and inches";
    }

    private String scale(UnitSystem units) {
        List<Drawing> drawings = sheet.drawings().stream()
                .map(p -> model.get(p.drawing(), Drawing.class))
                .toList();
        double[] scales = drawings.stream()
                .filter(d -> !d.kind().isSchedule())
                .mapToDouble(Drawing::scale)
                .distinct()
                .toArray();
        if (scales.length == 0)
            return drawings.stream().anyMatch(d -> d.kind() == Drawing.Kind.BUILD_UPS) ? "as shown" : "none";
        return scales.length == 1 ? ScaleLabel.of(scales[0], units) : "as shown";
    }
}
