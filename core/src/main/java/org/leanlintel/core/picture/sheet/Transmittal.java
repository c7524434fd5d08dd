package org.leanlintel.core.picture.sheet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Paper;
import org.leanlintel.core.model.PaperSize;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.BrokenLines;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.sheet.Issued;
import org.leanlintel.core.sheet.TitleFacts;

/**
 * The page that goes with an issue: what it is for, which sheets it is of, and who was given them.
 *
 * @param sheets in their order
 */
public record Transmittal(Issued issued, List<Sheet> sheets, List<Given> given) {

    /** Who was given it, when and how. */
    public record Given(String name, LocalDate date, String way) {}

    /** Millimetres of paper. */
    private static final double EDGE_MM = 20,
            ROW_MM = 7,
            HEAD_MM = 9,
            LETTERS_MM = 2.8,
            LABEL_MM = 2.2,
            BETWEEN_MM = 12;

    private static final double[] SHEET_COLUMNS = {0, 32, 118, 146}, GIVEN_COLUMNS = {0, 92, 122};

    public Transmittal {
        sheets = List.copyOf(sheets);
        given = List.copyOf(given);
    }

    /** A4, or Letter where people measure in feet and inches; upright. */
    public static Paper paper(Model model) {
        boolean metric = model.settings().units() == UnitSystem.METRIC;
        return new Paper(metric ? PaperSize.A4 : PaperSize.LETTER, true);
    }

    /** Pages in millimetres of paper from the lower left corner; more than one where the lists are long. */
    public List<Picture> pages(Model model, Lettering lettering) {
        return new Pages(model, lettering).all();
    }

    private final class Pages {

        private final Model model;
        private final Lettering lettering;
        private final Paper paper;
        private final double right;
        private final List<Pens> pages = new ArrayList<>();
        private double down;

        Pages(Model model, Lettering lettering) {
            this.model = model;
            this.lettering = lettering;
            paper = paper(model);
            right = paper.widthMm() - EDGE_MM;
        }

        List<Picture> all() {
            turn();
            head();
            table(
                    new String[] {"Sheet", "Title", "Paper", "Scale"},
                    SHEET_COLUMNS,
                    sheets.stream().map(this::row).toList());
            down += BETWEEN_MM;
            if (given.isEmpty()) line("Nobody has been noted to have it yet.", LETTERS_MM, false);
            else
                table(
                        new String[] {"Given to", "On", "How"},
                        GIVEN_COLUMNS,
                        given.stream()
                                .map(g -> new String[] {g.name(), g.date().toString(), g.way()})
                                .toList());
            List<Picture> pictures = new ArrayList<>();
            for (int i = 0; i < pages.size(); i++) {
                String foot = "Page %d of %d".formatted(i + 1, pages.size());
                Pens pens = pages.get(i);
                pens.add(lettering.set(foot, new Vec(right, EDGE_MM / 2), 0, LABEL_MM, Align.RIGHT, false));
                pictures.add(new Picture(1, List.of(new Group(Settings.ID, Settings.ID, pens.items(), List.of()))));
            }
            return pictures;
        }

        private String[] row(Sheet sheet) {
            TitleFields fields = new TitleFields(sheet, model, TitleFacts.printed(""));
            return new String[] {sheet.number(), sheet.title(), sheet.paper().label(), fields.filled("{scale}")};
        }

        private void head() {
            Settings project = model.settings();
            line("Transmittal", 7, true);
            down += 4;
            line(project.name(), 5, true);
            if (!project.address().isBlank()) line(project.address(), LETTERS_MM, false);
            if (!project.client().isBlank()) line("For " + project.client(), LETTERS_MM, false);
            down += 4;
            line(
                    "Issue %s of %s, for %s"
                            .formatted(
                                    issued.number(),
                                    issued.date(),
                                    issued.purpose().words()),
                    3.5,
                    true);
            String sets = sheets.stream()
                    .map(Sheet::set)
                    .filter(s -> !s.isEmpty())
                    .distinct()
                    .collect(Collectors.joining(", "));
            if (!sets.isEmpty()) line("Set: " + sets, LETTERS_MM, false);
            if (!issued.note().isBlank()) line(issued.note(), LETTERS_MM, false);
            if (!project.drawnBy().isBlank()) line("From " + project.drawnBy(), LETTERS_MM, false);
            down += BETWEEN_MM / 2;
        }

        private void turn() {
            pages.add(new Pens(model.all(Lens.class).getFirst()));
            down = EDGE_MM;
        }

        private Vec at(double x, double below) {
            return new Vec(EDGE_MM + x, paper.heightMm() - below);
        }

        /** Words across the page, broken where they are too long. */
        private void line(String words, double mm, boolean strong) {
            for (String part : BrokenLines.of(words, right - EDGE_MM, l -> lettering.width(l, mm, strong))) {
                room(mm * 1.8);
                down += mm * 1.8;
                pages.getLast().add(lettering.set(part, at(0, down), 0, mm, Align.LEFT, strong));
            }
        }

        private void room(double high) {
            if (down + high > paper.heightMm() - EDGE_MM) turn();
        }

        private void table(String[] heads, double[] columns, List<String[]> rows) {
            room(HEAD_MM + ROW_MM);
            row(heads, columns, HEAD_MM, true);
            for (String[] row : rows) {
                if (down + ROW_MM > paper.heightMm() - EDGE_MM) {
                    turn();
                    row(heads, columns, HEAD_MM, true);
                }
                row(row, columns, ROW_MM, false);
            }
        }

        /** Words too long for their column are made smaller. */
        private void row(String[] cells, double[] columns, double high, boolean strong) {
            down += high;
            for (int c = 0; c < cells.length; c++) {
                if (cells[c].isBlank()) continue;
                double room = (c + 1 < columns.length ? columns[c + 1] : right - EDGE_MM) - columns[c] - 2;
                double mm = Math.min(LETTERS_MM, LETTERS_MM * room / lettering.width(cells[c], LETTERS_MM, strong));
                pages.getLast().add(lettering.set(cells[c], at(columns[c], down - 2), 0, mm, Align.LEFT, strong));
            }
            PenRole rule = strong ? PenRole.SHEET_FRAME : PenRole.SHEET_RULE;
            pages.getLast().line(rule, at(0, down), new Vec(right, paper.heightMm() - down));
        }
    }
}
