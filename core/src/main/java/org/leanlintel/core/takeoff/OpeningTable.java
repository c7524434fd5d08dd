package org.leanlintel.core.takeoff;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.PlacedRoofPart;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.takeoff.Table.Cell;
import org.leanlintel.core.takeoff.Table.Column;
import org.leanlintel.core.takeoff.Table.Row;

/** The doors, or the windows: a row for each, those in walls before those in roofs, which stand in a roof instead of a wall. */
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
        OpeningTable made = new OpeningTable(building, true);
        Table inWalls = made.table(windows, "No windows to list.");
        List<Row> rows = new ArrayList<>(inWalls.rows());
        building.model().all(RoofPart.class).stream()
                .filter(part -> schedule.lists(part.state()))
                .sorted(Comparator.<RoofPart>comparingInt(part -> part.mark().length())
                        .thenComparing(RoofPart::mark))
                .forEach(part -> rows.addAll(made.inRoof(part, building)));
        return new Table(inWalls.columns(), rows, List.of(), inWalls.empty());
    }

    /** @param sillMm over the roof's storey; null where it is not told */
    private record InRoof(String kind, String detail, double wideMm, double highMm, @Nullable Double sillMm) {}

    /** A roof light, or the window in the front of a dormer; nothing where there is neither. */
    private List<Row> inRoof(RoofPart part, Building building) {
        PlacedRoofPart placed = building.get(new PlacedRoofPart.Of(part.id()));
        Roof roof = building.model().get(part.roof(), Roof.class);
        InRoof what =
                switch (part.make()) {
                    case RoofPart.RoofLight l ->
                        new InRoof("Roof light", slope(placed), part.widthMm(), part.lengthMm(), null);
                    case RoofPart.Dormer d ->
                        new InRoof(
                                "Dormer window",
                                "in its front",
                                d.windowWidthMm(),
                                d.windowHeightMm(),
                                sill(placed, building.space(roof.storey()).levelMm()));
                    case RoofPart.Stack s -> null;
                    case RoofPart.Downpipe p -> null;
                    case RoofPart.Outlet o -> null;
                };
        return what == null || what.wideMm() == 0 ? List.of() : List.of(row(part, roof, what, building.model()));
    }

    private static String slope(@Nullable PlacedRoofPart placed) {
        return placed != null && placed.roof().pitch(placed.face()) instanceof Pitch pitch
                ? "in a slope of " + pitch.words()
                : "";
    }

    private static @Nullable Double sill(@Nullable PlacedRoofPart placed, double floorMm) {
        return placed != null && placed.sillMm() instanceof Double sill ? sill - floorMm : null;
    }

    private Row row(RoofPart part, Roof roof, InRoof what, Model model) {
        Cell none = Cell.of("");
        Double sill = what.sillMm();
        return new Row(
                part.id(),
                List.of(
                        Cell.of(part.mark()),
                        none,
                        Cell.of(what.kind()),
                        Cell.of(what.detail()),
                        Cell.of(model.get(roof.storey(), Storey.class).name()),
                        Cell.of(roof.mark()),
                        Cell.of(model.get(roof.buildUp(), BuildUp.class).mark()),
                        length(what.wideMm()),
                        length(what.highMm()),
                        none,
                        none,
                        sill == null ? none : length(sill),
                        sill == null ? none : length(sill + what.highMm())));
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
