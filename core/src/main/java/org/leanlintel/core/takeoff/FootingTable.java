package org.leanlintel.core.takeoff;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.BuiltFooting;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Marked;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.takeoff.Table.Cell;
import org.leanlintel.core.takeoff.Table.Column;
import org.leanlintel.core.takeoff.Table.Row;

/** The foundations with what stands on them, their sizes and how much they are of. */
final class FootingTable {

    private static final List<Column> COLUMNS = List.of(
            new Column("Mark", 16),
            new Column("Under", 34),
            new Column("Width", 20),
            new Column("Thickness", 20),
            new Column("Underside", 24),
            new Column("Material", 40),
            new Column("Rising from it", 50),
            new Column("Length", 24),
            new Column("Volume", 24));

    private final Building building;
    private final Model model;
    private final UnitSystem units;
    private final LengthPrinter lengths;
    private final LevelPrinter levels;
    private final List<Row> rows = new ArrayList<>();
    private double mm3;

    private FootingTable(Building building) {
        this.building = building;
        model = building.model();
        units = model.settings().units();
        lengths = LengthPrinter.ofDrawings(units);
        levels = new LevelPrinter(units, Site.of(model).zeroMm());
    }

    /** Those that stand when the work is done. */
    static Table of(Building building) {
        FootingTable table = new FootingTable(building);
        for (Footing f : building.model().all(Footing.class))
            if (f.stays() && building.get(new BuiltFooting.Of(f.id())) instanceof BuiltFooting built) table.add(built);
        return new Table(COLUMNS, table.rows, table.sums(), "No foundations yet.");
    }

    private void add(BuiltFooting built) {
        Footing f = built.footing();
        double volume = built.volumeMm3(building);
        mm3 += AreaPrinter.printedMm3(volume, units);
        rows.add(new Row(
                f.id(),
                List.of(
                        Cell.of(f.mark()),
                        Cell.of(under(f.under())),
                        length(f.widthMm()),
                        length(f.depthMm()),
                        new Cell(levels.print(built.lowMm()), built.lowMm()),
                        Cell.of(material(f.material())),
                        Cell.of(rising(f.rising())),
                        f.under() instanceof Footing.UnderPost ? Cell.of("") : length(built.lengthMm()),
                        new Cell(AreaPrinter.printVolume(volume, units), volume))));
    }

    private Cell length(double mm) {
        return new Cell(lengths.print(mm), mm);
    }

    private String under(Footing.Under under) {
        return switch (under) {
            case Footing.UnderShell s -> "outside walls";
            case Footing.UnderWall w -> "wall " + mark(w.wall());
            case Footing.UnderPost p -> "post " + mark(p.post());
        };
    }

    private String mark(ElementId id) {
        return model.find(id) instanceof Marked m ? m.mark() : "";
    }

    private String rising(Footing.Rising rising) {
        return rising instanceof Footing.Stem s
                ? "%s %s".formatted(material(s.material()), lengths.print(s.widthMm()))
                : "";
    }

    private String material(ElementId id) {
        return model.get(id, Material.class).name();
    }

    /** Of what is printed, so that it adds up. */
    private List<Row> sums() {
        if (rows.isEmpty()) return List.of();
        List<Cell> cells = new ArrayList<>();
        for (int i = 0; i < COLUMNS.size(); i++) cells.add(Cell.of(""));
        cells.set(1, Cell.of("Sum"));
        cells.set(COLUMNS.size() - 1, new Cell(AreaPrinter.printVolume(mm3, units), mm3));
        return List.of(new Row(rows.getFirst().element(), cells));
    }
}
