package org.leanlintel.core.picture.table;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Inks;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Painting;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.PlyHatch;
import org.leanlintel.core.picture.annotate.SheetLinks;
import org.leanlintel.core.takeoff.Table.Column;

/**
 * What hatches, lines and marks stand for: of the materials that are cut, of what stands and goes, and of the marks and signs that
 * drawings show. What nothing uses is not in it. One that is of its sheet is of the drawings of the house that stand there
 * with it; while it stands on none, it is of all.
 */
public final class Legend extends Painting {

    /** On paper. */
    private static final double SWATCH_HIGH_MM = 6, WALL_MM = 3.5;
    /** On paper: what is longer stands in two columns side by side, so far apart. */
    private static final double LONGEST_MM = 210, APART_MM = 4;

    private static final List<Column> COLUMNS = List.of(new Column("", 24), new Column("Stands for", 64));

    private final double scale;
    private final LegendScope scope;
    private final List<LegendRow> rows = new ArrayList<>();

    /** @param pictures of the drawings that stand with it */
    public Legend(Building building, Drawing drawing, Lettering lettering, Function<ElementId, Picture> pictures) {
        super(building, drawing, lettering);
        scale = drawing.scale();
        Model model = building.model();
        scope = drawing.subject() instanceof Drawing.OnItsSheet
                        && SheetLinks.sheetWith(drawing.id(), model) instanceof Sheet sheet
                ? new LegendOfSheet(sheet, model, pictures)
                : new LegendOfProject(model);
    }

    @Override
    public Picture draw() {
        for (Material m : LegendMaterials.of(building.model(), scope))
            rows.add(new LegendRow(m.name(), (middle, pens) -> material(m, middle, pens)));
        states();
        rows.addAll(LegendSymbols.of(building, scope, scale, lettering));
        double high = rows.stream().mapToDouble(LegendRow::highMm).sum();
        int first = high <= LONGEST_MM ? rows.size() : filling(high / 2);
        List<Item> items = new ArrayList<>(column(rows.subList(0, first), true));
        double wide = COLUMNS.stream().mapToDouble(Column::widthMm).sum() + APART_MM;
        if (first < rows.size())
            for (Item i : column(rows.subList(first, rows.size()), false))
                items.add(i.placed(1, new Vec(wide * scale, 0)));
        return new Picture(scale, List.of(new Group(drawing.id(), drawing.id(), items, List.of())));
    }

    /** How many rows come to a height. */
    private int filling(double highMm) {
        int count = 0;
        for (double high = 0; high < highMm; count++) high += rows.get(count).highMm();
        return count;
    }

    private List<Item> column(List<LegendRow> shown, boolean titled) {
        Pens pens = new Pens(lens());
        TableFrame frame = new TableFrame(drawing, lettering, COLUMNS);
        if (titled) frame.title(pens);
        frame.headings(pens);
        for (LegendRow row : shown) {
            row.swatch().paint(frame.at(frame.width(0) / 2, frame.down() + row.highMm() / 2), pens);
            frame.text(pens, row.words(), 1, row.highMm() / 2 + TableFrame.LETTERS / 2, false);
            frame.next(pens, row.highMm());
        }
        frame.foot(pens, scope.empty(), shown.isEmpty());
        return pens.items();
    }

    private List<Vec> rectangle(Vec middle, double wideMm, double highMm) {
        Vec one = new Vec(wideMm / 2, highMm / 2).times(scale), other = new Vec(wideMm / 2, -highMm / 2).times(scale);
        return List.of(middle.minus(one), middle.plus(other), middle.plus(one), middle.minus(other));
    }

    private void material(Material material, Vec middle, Pens pens) {
        List<Vec> ring = rectangle(middle, LegendRow.WIDE_MM, SWATCH_HIGH_MM);
        pens.fill(pens.tint(material), ring);
        PlyHatch hatch = new PlyHatch(material.hatch(), scale, pens);
        hatch.within(List.of(ring));
        hatch.between(ring.get(0), ring.get(1), ring.get(3).minus(ring.get(0)));
        pens.closed(PenRole.PLY, ring);
    }

    private void states() {
        if (building.model().all(Wall.class).stream().anyMatch(w -> scope.fills(w.id(), Inks.STANDING_TINT)))
            rows.add(new LegendRow("Wall that stands", (m, pens) -> {
                List<Vec> ring = rectangle(m, LegendRow.WIDE_MM, WALL_MM);
                pens.fill(Inks.STANDING_TINT, ring);
                pens.closed(PenRole.EDGE, ring);
            }));
        if (scope.draws(PenRole.REMOVED))
            rows.add(new LegendRow(
                    "To be removed",
                    (m, pens) -> pens.closed(PenRole.REMOVED, rectangle(m, LegendRow.WIDE_MM, WALL_MM))));
    }
}
