package org.leanlintel.core.takeoff;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.note.KeyedNotes;
import org.leanlintel.core.takeoff.Table.Cell;
import org.leanlintel.core.takeoff.Table.Column;
import org.leanlintel.core.takeoff.Table.Row;

/** The keyed notes in use, by their numbers. */
final class ClauseTable {

    private static final List<Column> COLUMNS =
            List.of(new Column("No.", 14), new Column("Note", 130), new Column("Of", 36));

    private ClauseTable() {}

    static Table of(Drawing schedule, Building building) {
        List<Row> rows = new ArrayList<>();
        for (KeyedNotes.Entry e : building.get(new KeyedNotes.In(schedule.id())).entries())
            rows.add(new Row(
                    e.clause().id(),
                    List.of(
                            Cell.of(Integer.toString(e.number())),
                            Cell.of(e.text()),
                            Cell.of(e.clause().heading()))));
        return new Table(COLUMNS, rows, List.of(), "No keyed notes stand on drawings yet.");
    }
}
