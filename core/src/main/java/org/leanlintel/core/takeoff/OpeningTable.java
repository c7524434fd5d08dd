package org.leanlintel.core.takeoff;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.takeoff.Table.Cell;
import org.leanlintel.core.takeoff.Table.Column;
import org.leanlintel.core.takeoff.Table.Row;

/** The doors, or the windows: a row for each. */
final class OpeningTable {

    private final LengthPrinter lengths;
    private final boolean windows;

    private OpeningTable(Building building, boolean windows) {
        lengths = LengthPrinter.ofDrawings(building.model().settings().units());
        this.windows = windows;
    }

    static Table doors(Drawing schedule, Building building) {
        List<OpeningRow> doors = OpeningRow.doors(building.model(), schedule::lists);
        return new OpeningTable(building, false).table(doors, "No doors to list.");
    }

    static Table windows(Drawing schedule, Building building) {
        List<OpeningRow> windows = OpeningRow.windows(building.model(), schedule::lists);
        return new OpeningTable(building, true).table(windows, "No windows to list.");
    }

    private Table table(List<OpeningRow> rows, String empty) {
        return new Table(columns(), rows.stream().map(this::row).toList(), List.of(), empty);
    }

    private List<Column> columns() {
        List<Column> columns = new ArrayList<>(List.of(
                new Column("Mark", 16),
                new Column("Type", 16),
                new Column("Kind", 40),
                new Column("Details", 48),
                new Column("Storey", 22),
                new Column("Wall", 15),
                new Column("Build-up", 20),
                new Column("Opening width", 27),
                new Column("Opening height", 28),
                new Column("Unit width", 24),
                new Column("Unit height", 24)));
        if (windows) columns.addAll(List.of(new Column("Sill", 20), new Column("Head", 20)));
        else columns.addAll(List.of(new Column("Leaf width", 24), new Column("Leaf height", 24)));
        return columns;
    }

    private Row row(OpeningRow row) {
        Opening o = row.opening();
        List<Cell> cells = new ArrayList<>(List.of(
                Cell.of(o.mark()),
                Cell.of(o.typeMark()),
                Cell.of(row.kind()),
                Cell.of(row.detail()),
                Cell.of(row.storey()),
                Cell.of(row.wall()),
                Cell.of(row.buildUp()),
                length(o.widthMm()),
                length(o.heightMm()),
                length(o.unitWidthMm()),
                length(o.unitHeightMm())));
        if (windows) cells.addAll(List.of(length(o.sillMm()), length(o.headMm())));
        else if (o.leafWidthMm() == 0) cells.addAll(List.of(Cell.of(""), Cell.of("")));
        else cells.addAll(List.of(length(o.leafWidthMm()), length(o.leafHeightMm())));
        return new Row(o.id(), cells);
    }

    private Cell length(double mm) {
        return new Cell(lengths.print(mm), mm);
    }
}
