package org.leanlintel.core.picture.table;

import static org.leanlintel.core.picture.table.TableFrame.LETTERS;
import static org.leanlintel.core.picture.table.TableFrame.LINE;
import static org.leanlintel.core.picture.table.TableFrame.PAD;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.heat.HeatLoss;
import org.leanlintel.core.heat.UValue;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.note.PlyWords;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Painting;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.annotate.WallMark;
import org.leanlintel.core.takeoff.BuildUpUse;
import org.leanlintel.core.takeoff.LiningUse;
import org.leanlintel.core.takeoff.Table.Column;

/**
 * The wall build-ups in use as a table: mark, cut to scale, plies from outside to inside, thickness, U-value, ratings,
 * length and area. Everything in it is worked out from the model, so it cannot disagree with the plan.
 */
public final class BuildUpSchedule extends Painting {

    /** On paper. */
    private static final double LEAST_ROW = 22;

    private static final double FT2_MM2 = 12 * UnitSystem.MM_PER_INCH * 12 * UnitSystem.MM_PER_INCH;
    private static final double R_IMPERIAL = 0.1761, U_IMPERIAL = 5.678;

    private final Model model;
    private final boolean metric;

    public BuildUpSchedule(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
        model = building.model();
        metric = model.settings().units() == UnitSystem.METRIC;
    }

    @Override
    public Picture draw() {
        return new Table().draw();
    }

    private final class Table {

        private final List<BuildUpUse> uses = BuildUpUse.of(building);
        private final TableFrame frame = new TableFrame(drawing, lettering, columns());
        private final List<Group> groups = new ArrayList<>();

        private List<Column> columns() {
            double thickest = uses.stream()
                    .mapToDouble(u -> u.buildUp().thicknessMm())
                    .max()
                    .orElse(0);
            return List.of(
                    new Column("Mark", 14),
                    new Column(
                            "Cut 1:%d, outside left".formatted(Math.round(drawing.scale())),
                            Math.max(40, thickest / drawing.scale() + 2 * PAD + 2)),
                    new Column("Plies, outside to inside", 92),
                    new Column(metric ? "Thick, mm" : "Thick", 20),
                    new Column(metric ? "U, W/m\u00b2K" : "U, Btu; R", 20),
                    new Column("Fire", 26),
                    new Column("Sound", 26),
                    new Column(metric ? "Length, m" : "Length, ft", 18),
                    new Column(metric ? "Area, m\u00b2" : "Area, ft\u00b2", 18));
        }

        Picture draw() {
            Pens pens = new Pens(lens());
            frame.head(pens);
            for (BuildUpUse use : uses) row(use);
            for (LiningUse lining : LiningUse.of(building)) row(lining, pens);
            frame.foot(pens, "No walls yet.", uses.isEmpty());
            groups.addFirst(new Group(drawing.id(), drawing.id(), pens.items(), List.of()));
            return new Picture(drawing.scale(), groups);
        }

        private void row(BuildUpUse use) {
            BuildUp buildUp = use.buildUp();
            Pens pens = new Pens(lens());
            double height = Math.max(LEAST_ROW, (buildUp.plies().size() + 1) * LINE + 2 * PAD);
            double middle = frame.down() + height / 2;
            WallMark.paint(
                    buildUp.mark(),
                    new WallMark.Place(frame.at(frame.width(0) / 2, middle + 2.6), new Vec(0, 1)),
                    drawing.scale(),
                    lettering,
                    pens);
            cut(buildUp, pens, height);
            frame.text(pens, buildUp.name(), 2, PAD + LETTERS, true);
            plies(buildUp.plies(), pens);
            frame.text(
                    pens,
                    LengthPrinter.ofScreen(model.settings().units()).print(buildUp.thicknessMm()),
                    3,
                    PAD + LETTERS,
                    false);
            List<String> heat = heat(buildUp);
            for (int i = 0; i < heat.size(); i++) frame.text(pens, heat.get(i), 4, PAD + LETTERS + i * LINE, false);
            wrapped(pens, buildUp.fire(), 5);
            wrapped(pens, buildUp.sound(), 6);
            amounts(use.lengthMm(), use.areaMm2(), pens);
            frame.next(pens, height);
            groups.add(new Group(buildUp.id(), drawing.id(), pens.items(), List.of()));
        }

        /** A lining of walls' own: the marks of its pieces, its plies, how thick, how long and how much. */
        private void row(LiningUse use, Pens pens) {
            String marks = String.join(", ", use.marks());
            int lines =
                    Math.max(frame.broken(marks, 0, false).size(), use.plies().size() + 1);
            double height = Math.max(3, lines) * LINE + 2 * PAD;
            wrapped(pens, marks, 0);
            frame.text(pens, "Lining of its own, from the wall outwards", 2, PAD + LETTERS, true);
            plies(use.plies(), pens);
            double thickness =
                    use.plies().stream().mapToDouble(Ply::thicknessMm).sum();
            frame.text(
                    pens, LengthPrinter.ofScreen(model.settings().units()).print(thickness), 3, PAD + LETTERS, false);
            amounts(use.lengthMm(), use.areaMm2(), pens);
            frame.next(pens, height);
        }

        private void amounts(double lengthMm, double areaMm2, Pens pens) {
            double metre = metric ? 1000 : 12 * UnitSystem.MM_PER_INCH, square = metric ? 1e6 : FT2_MM2;
            frame.text(pens, number(lengthMm / metre, metric ? 2 : 1), 7, PAD + LETTERS, false);
            frame.text(pens, number(areaMm2 / square, metric ? 2 : 0), 8, PAD + LETTERS, false);
        }

        private void cut(BuildUp buildUp, Pens pens, double height) {
            double width = frame.width(1), drawn = buildUp.thicknessMm() / drawing.scale();
            Vec corner = frame.at(frame.width(0) + (width - drawn) / 2, frame.down() + height - PAD);
            BuildUpCut.paint(buildUp, model, corner, (height - 2 * PAD) * drawing.scale(), drawing.scale(), pens);
        }

        private void plies(List<Ply> plies, Pens pens) {
            double y = PAD + LETTERS;
            for (Ply ply : plies) {
                y += LINE;
                String thickness = ply.does() == Does.SHEET
                        ? ""
                        : LengthPrinter.ofScreen(model.settings().units()).print(ply.thicknessMm()) + "  ";
                frame.text(pens, thickness + PlyWords.of(ply, model), 2, y, false);
            }
        }

        private List<String> heat(BuildUp buildUp) {
            return switch (UValue.of(buildUp, model)) {
                case HeatLoss.Unknown u -> List.of("not stated");
                case HeatLoss.Worked w ->
                    metric
                            ? List.of(number(w.uValue(), 3))
                            : List.of(number(w.uValue() / U_IMPERIAL, 3), "R-" + number(w.total() / R_IMPERIAL, 1));
            };
        }

        private static String number(double value, int digits) {
            return String.format(Locale.ROOT, "%." + digits + "f", value);
        }

        private void wrapped(Pens pens, String words, int column) {
            double y = PAD + LETTERS;
            for (String line : frame.broken(words, column, false)) {
                frame.text(pens, line, column, y, false);
                y += LINE;
            }
        }
    }
}
