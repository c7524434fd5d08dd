package org.leanlintel.core.takeoff;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.takeoff.Table.Cell;
import org.leanlintel.core.takeoff.Table.Column;
import org.leanlintel.core.takeoff.Table.Row;

/** The fittings, those of one symbol and size in a row. */
final class FittingTable {

    private static final List<Column> COLUMNS = List.of(
            new Column("Fitting", 52),
            new Column("Group", 32),
            new Column("Count", 16),
            new Column("Width", 22),
            new Column("Depth", 22),
            new Column("Height", 22),
            new Column("Marks", 60),
            new Column("Rooms", 80));

    private record Make(ElementId symbol, double widthMm, double depthMm) {}

    private FittingTable() {}

    static Table of(Drawing schedule, Building building) {
        Map<Make, List<Fitting>> alike = new LinkedHashMap<>();
        for (Fitting f : building.model().all(Fitting.class))
            if (schedule.lists(f.state()))
                alike.computeIfAbsent(new Make(f.symbol(), f.widthMm(), f.depthMm()), m -> new ArrayList<>())
                        .add(f);
        List<Row> rows = new ArrayList<>();
        alike.forEach((make, all) -> rows.add(row(building, make, all)));
        return new Table(COLUMNS, rows, List.of(), "No fittings to list.").sortedBy("Fitting");
    }

    private static Row row(Building building, Make make, List<Fitting> all) {
        LengthPrinter lengths =
                LengthPrinter.ofDrawings(building.model().settings().units());
        Symbol symbol = building.model().get(make.symbol(), Symbol.class);
        TreeSet<String> rooms = new TreeSet<>();
        for (Fitting f : all) {
            PlacedFitting placed = building.get(new PlacedFitting.Of(f.id()));
            RoomSpace space = placed == null ? null : Rooms.in(building).at(f.storey(), placed.middle());
            if (space == null) continue;
            List<Room> named = Rooms.in(building).named(f.storey()).getOrDefault(space, List.of());
            if (!named.isEmpty()) rooms.add(named.getFirst().name());
        }
        return new Row(
                all.getFirst().id(),
                List.of(
                        Cell.of(symbol.name()),
                        Cell.of(symbol.group()),
                        new Cell(Integer.toString(all.size()), all.size()),
                        new Cell(lengths.print(make.widthMm()), make.widthMm()),
                        new Cell(lengths.print(make.depthMm()), make.depthMm()),
                        new Cell(lengths.print(symbol.heightMm()), symbol.heightMm()),
                        Cell.of(String.join(
                                ", ", all.stream().map(Fitting::mark).toList())),
                        Cell.of(String.join(", ", rooms))));
    }
}
