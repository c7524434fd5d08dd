package org.leanlintel.core.picture.table;

import static org.leanlintel.core.picture.table.TableFrame.LETTERS;
import static org.leanlintel.core.picture.table.TableFrame.LINE;
import static org.leanlintel.core.picture.table.TableFrame.PAD;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Painting;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.takeoff.Table;
import org.leanlintel.core.takeoff.Tables;

/** Doors, windows, rooms or fittings as a table, counted from the model. */
public final class TableSchedule extends Painting {

    public TableSchedule(Building building, Drawing drawing, Lettering lettering) {
        super(building, drawing, lettering);
    }

    @Override
    public Picture draw() {
        Table table = Tables.of(drawing, building);
        Pens pens = pens();
        TableFrame frame = new TableFrame(drawing, lettering, table.columns());
        frame.head(pens);
        List<Table.Row> rows = table.rows(), sums = table.sums();
        if (drawing.frame() instanceof Drawing.Rows some) {
            int to = some.isLast() ? rows.size() : Math.min(some.to(), rows.size());
            rows = rows.subList(Math.min(some.from() - 1, to), to);
            if (!some.isLast()) sums = List.of();
        }
        List<Group> groups = new ArrayList<>();
        for (Table.Row row : rows) groups.add(row(frame, row, false));
        for (Table.Row row : sums) groups.add(row(frame, row, true));
        frame.foot(pens, table.rows().isEmpty() ? table.empty() : "No more rows.", rows.isEmpty());
        groups.addFirst(new Group(drawing.id(), drawing.id(), pens.items(), List.of()));
        return new Picture(drawing.scale(), groups);
    }

    /** As high as the cell that takes most lines. */
    private Group row(TableFrame frame, Table.Row row, boolean strong) {
        Pens own = pens();
        List<Table.Cell> cells = row.cells();
        int most = 1;
        for (int c = 0; c < cells.size(); c++) {
            boolean heavy = strong || c == 0;
            List<String> lines = frame.broken(cells.get(c).text(), c, heavy);
            for (int i = 0; i < lines.size(); i++)
                frame.text(own, lines.get(i), c, PAD + LETTERS - 0.6 + i * LINE, heavy);
            most = Math.max(most, lines.size());
        }
        frame.next(own, most * LINE + 2 * PAD - 1.2);
        return new Group(row.element(), drawing.id(), own.items(), List.of());
    }

    private Pens pens() {
        return new Pens(lens());
    }
}
