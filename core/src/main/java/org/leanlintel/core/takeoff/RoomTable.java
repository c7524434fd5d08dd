package org.leanlintel.core.takeoff;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.UnderSlopes;
import org.leanlintel.core.building.room.Court;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.takeoff.Table.Cell;
import org.leanlintel.core.takeoff.Table.Column;
import org.leanlintel.core.takeoff.Table.Row;

/** The rooms by number, with the sums of each storey and of the project. */
final class RoomTable {

    private static final List<Column> COLUMNS = List.of(
            new Column("Number", 17),
            new Column("Name", 36),
            new Column("Use", 22),
            new Column("Storey", 24),
            new Column("Net area", 24),
            new Column("To structure", 25),
            new Column("Width", 22),
            new Column("Depth", 22),
            new Column("Perimeter", 24),
            new Column("Ceiling", 20),
            new Column("Volume", 22),
            new Column("Floor", 32),
            new Column("Walls", 32),
            new Column("Ceiling finish", 32));

    private final Building building;
    private final UnitSystem units;
    private final LengthPrinter lengths;
    private final List<Row> rows = new ArrayList<>();
    private final List<Row> sums = new ArrayList<>();

    private RoomTable(Building building) {
        this.building = building;
        units = building.model().settings().units();
        lengths = LengthPrinter.ofDrawings(units);
    }

    static Table of(Building building) {
        RoomTable table = new RoomTable(building);
        table.fill();
        return new Table(COLUMNS, table.rows, table.sums, "No rooms yet.");
    }

    private void fill() {
        double net = 0, structure = 0, outline = 0, volume = 0;
        for (Storey storey : StoreySpace.stack(building.model())) {
            Map<RoomSpace, List<Room>> named = Rooms.in(building).named(storey.id());
            if (named.isEmpty()) continue;
            double storeyNet = 0, storeyStructure = 0, storeyVolume = 0;
            for (Map.Entry<RoomSpace, List<Room>> entry : named.entrySet()) {
                RoomSpace space = entry.getKey();
                Room room = entry.getValue().getFirst();
                rows.add(row(entry.getValue(), space, storey));
                if (room.isOpenToSky()) continue;
                storeyNet += AreaPrinter.printedMm2(space.net().mm2(), units);
                storeyStructure += AreaPrinter.printedMm2(
                        space.walls(building).toStructure().mm2(), units);
                double room3 = building.get(new UnderSlopes.Of(room.id())).volumeMm3();
                storeyVolume += AreaPrinter.printedMm3(room3, units);
            }
            double inside = Rooms.in(building).outline(storey.id()).mm2()
                    - Court.open(storey.id(), building).mm2();
            sums.add(sum(storey, storey.name(), storeyNet, storeyStructure, storeyVolume, inside));
            net += storeyNet;
            structure += storeyStructure;
            volume += storeyVolume;
            outline += inside;
        }
        rows.sort(Comparator.comparing(r -> r.cells().getFirst(), Cell::compare));
        if (sums.size() > 1) sums.add(sum(null, "the project", net, structure, volume, outline));
    }

    /** @param named all rooms of the space: before the work, several may have been one */
    private Row row(List<Room> named, RoomSpace space, Storey storey) {
        Room room = named.getFirst();
        RoomSpace.Size size = space.size();
        double ceiling = room.ceilingMm(building.space(storey.id()));
        return new Row(
                room.id(),
                List.of(
                        Cell.of(room.number()),
                        Cell.of(named.stream().map(Room::name).distinct().collect(Collectors.joining(" + "))),
                        Cell.of(use(room.use())),
                        Cell.of(storey.name()),
                        area(space.net().mm2()),
                        area(space.walls(building).toStructure().mm2()),
                        length(size.widthMm()),
                        length(size.depthMm()),
                        length(space.perimeterMm()),
                        room.isOpenToSky() ? Cell.of("") : length(ceiling),
                        room.isOpenToSky()
                                ? Cell.of("")
                                : volume(building.get(new UnderSlopes.Of(room.id()))
                                        .volumeMm3()),
                        Cell.of(room.finishes().floor()),
                        Cell.of(room.finishes().walls()),
                        Cell.of(room.finishes().ceiling())));
    }

    private Row sum(@Nullable Storey storey, String of, double net, double structure, double volume, double outline) {
        List<Cell> cells = new ArrayList<>(Collections.nCopies(COLUMNS.size(), Cell.of("")));
        cells.set(1, Cell.of("Sum of " + of));
        cells.set(4, area(net));
        cells.set(5, area(structure));
        cells.set(10, volume(volume));
        cells.set(11, Cell.of("to outer faces " + AreaPrinter.print(outline, units)));
        return new Row(storey == null ? Settings.ID : storey.id(), cells);
    }

    private static String use(Room.Use use) {
        return use == Room.Use.WC
                ? "WC"
                : use.name().charAt(0) + use.name().substring(1).toLowerCase(Locale.ROOT);
    }

    private Cell area(double mm2) {
        return new Cell(AreaPrinter.print(mm2, units), mm2);
    }

    private Cell volume(double mm3) {
        return new Cell(AreaPrinter.printVolume(mm3, units), mm3);
    }

    private Cell length(double mm) {
        return new Cell(lengths.print(mm), mm);
    }
}
