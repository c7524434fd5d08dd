package org.leanlintel.core.picture;

import static org.leanlintel.core.picture.TableFrame.LETTERS;
import static org.leanlintel.core.picture.TableFrame.LINE;
import static org.leanlintel.core.picture.TableFrame.PAD;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.picture.TableFrame.Column;
import org.leanlintel.core.takeoff.OpeningRow;

/** The doors or the windows as a table, counted from the model. */
public final class OpeningSchedule implements DrawingPicture {

    private final Building building;
    private final Drawing drawing;
    private final Lettering lettering;
    private final boolean windows;
    private @Nullable Picture picture;

    private OpeningSchedule(Building building, Drawing drawing, Lettering lettering) {
        this.building = building;
        this.drawing = drawing;
        this.lettering = lettering;
        windows = drawing.kind() == Drawing.Kind.WINDOWS;
    }

    static OpeningSchedule of(Building building, ElementId drawing, Lettering lettering) {
        return new OpeningSchedule(building, building.model().get(drawing, Drawing.class), lettering);
    }

    @Override
    public OpeningSchedule after(Building next, Lettering letters) {
        return of(next, drawing.id(), letters);
    }

    @Override
    public Picture picture() {
        Picture known = picture;
        return known == null ? picture = draw() : known;
    }

    /** The titles of the columns, as they are read. */
    public static List<String> titles(boolean windows) {
        List<String> titles = new ArrayList<>(
                List.of("Mark", "Kind", "Details", "Storey", "Wall", "Build-up", "Opening width", "Opening height"));
        if (windows) titles.addAll(List.of("Sill", "Head"));
        return titles;
    }

    /** What a row says, column by column. */
    public static List<String> cells(OpeningRow row, boolean windows, LengthPrinter lengths) {
        Opening o = row.opening();
        List<String> cells = new ArrayList<>(List.of(
                o.mark(),
                row.kind(),
                row.detail(),
                row.storey(),
                row.wall(),
                row.buildUp(),
                lengths.print(o.widthMm()),
                lengths.print(o.heightMm())));
        if (windows) cells.addAll(List.of(lengths.print(o.sillMm()), lengths.print(o.headMm())));
        return cells;
    }

    private static final double[] WIDTHS = {16, 42, 48, 24, 16, 20, 28, 28, 22, 22};

    private Picture draw() {
        Pens pens = new Pens(building.model().get(drawing.lens(), Lens.class));
        List<Column> columns = new ArrayList<>();
        for (String title : titles(windows)) columns.add(new Column(title, WIDTHS[columns.size()]));
        TableFrame table = new TableFrame(drawing, lettering, columns);
        table.head(pens);
        List<Group> groups = new ArrayList<>();
        LengthPrinter lengths =
                LengthPrinter.ofDrawings(building.model().settings().units());
        List<OpeningRow> rows = windows ? OpeningRow.windows(building.model()) : OpeningRow.doors(building.model());
        for (OpeningRow row : rows) {
            Pens own = new Pens(building.model().get(drawing.lens(), Lens.class));
            List<String> cells = cells(row, windows, lengths);
            for (int c = 0; c < cells.size(); c++) table.text(own, cells.get(c), c, PAD + LETTERS - 0.6, c == 0);
            table.next(own, LINE + 2 * PAD - 1.2);
            groups.add(new Group(row.opening().id(), drawing.id(), own.items(), List.of()));
        }
        table.foot(pens, windows ? "No windows yet." : "No doors yet.", rows.isEmpty());
        groups.addFirst(new Group(drawing.id(), drawing.id(), pens.items(), List.of()));
        return new Picture(drawing.scale(), groups);
    }
}
