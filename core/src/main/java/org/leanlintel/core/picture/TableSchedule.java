package org.leanlintel.core.picture;

import static org.leanlintel.core.picture.TableFrame.LETTERS;
import static org.leanlintel.core.picture.TableFrame.LINE;
import static org.leanlintel.core.picture.TableFrame.PAD;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.takeoff.Table;
import org.leanlintel.core.takeoff.Tables;

/** Doors, windows, rooms or fittings as a table, counted from the model. */
public final class TableSchedule implements DrawingPicture {

    private final Building building;
    private final Drawing drawing;
    private final Lettering lettering;
    private @Nullable Picture picture;

    private TableSchedule(Building building, Drawing drawing, Lettering lettering) {
        this.building = building;
        this.drawing = drawing;
        this.lettering = lettering;
    }

    static TableSchedule of(Building building, ElementId drawing, Lettering lettering) {
        return new TableSchedule(building, building.model().get(drawing, Drawing.class), lettering);
    }

    @Override
    public TableSchedule after(Building next, Lettering letters) {
        return of(next, drawing.id(), letters);
    }

    @Override
    public Picture picture() {
        Picture known = picture;
        return known == null ? picture = draw() : known;
    }

    private Picture draw() {
        Table table = Tables.of(drawing, building);
        Pens pens = pens();
        TableFrame frame = new TableFrame(drawing, lettering, table.columns());
        frame.head(pens);
        List<Group> groups = new ArrayList<>();
        for (Table.Row row : table.rows()) groups.add(row(frame, row, false));
        for (Table.Row row : table.sums()) groups.add(row(frame, row, true));
        frame.foot(pens, table.empty(), table.rows().isEmpty());
        groups.addFirst(new Group(drawing.id(), drawing.id(), pens.items(), List.of()));
        return new Picture(drawing.scale(), groups);
    }

    private Group row(TableFrame frame, Table.Row row, boolean strong) {
        Pens own = pens();
        List<Table.Cell> cells = row.cells();
        for (int c = 0; c < cells.size(); c++)
            frame.text(own, cells.get(c).text(), c, PAD + LETTERS - 0.6, strong || c == 0);
        frame.next(own, LINE + 2 * PAD - 1.2);
        return new Group(row.element(), drawing.id(), own.items(), List.of());
    }

    private Pens pens() {
        return new Pens(building.model().get(drawing.lens(), Lens.class));
    }
}
