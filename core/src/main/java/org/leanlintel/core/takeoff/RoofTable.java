package org.leanlintel.core.takeoff;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.roof.JoinedRoof;
import org.leanlintel.core.building.roof.PlateEdge;
import org.leanlintel.core.measure.AreaPrinter;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Pitch;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.roof.RoofEdge;
import org.leanlintel.core.roof.RoofShape;
import org.leanlintel.core.roof.RoofShape.Face;
import org.leanlintel.core.roof.RoofShape.Kind;
import org.leanlintel.core.roof.RoofShape.Line;
import org.leanlintel.core.takeoff.Table.Cell;
import org.leanlintel.core.takeoff.Table.Column;
import org.leanlintel.core.takeoff.Table.Row;

/** The roofs by their slopes, with what covers them, and the lengths of their lines. */
final class RoofTable {

    private static final List<Column> COLUMNS = List.of(
            new Column("Roof", 16),
            new Column("Slope", 22),
            new Column("Pitch", 20),
            new Column("Plan area", 26),
            new Column("True area", 26),
            new Column("Rafter", 24),
            new Column("Lengths", 70),
            new Column("Build-up", 50));

    private static final List<Kind> TOLD = List.of(Kind.RIDGE, Kind.HIP, Kind.VALLEY);

    private final UnitSystem units;
    private final LengthPrinter lengths;
    private final List<Row> rows = new ArrayList<>();
    private double planMm2, trueMm2;

    private RoofTable(Building building) {
        units = building.model().settings().units();
        lengths = LengthPrinter.ofDrawings(units);
    }

    static Table of(Building building) {
        RoofTable table = new RoofTable(building);
        for (Roof r : building.model().all(Roof.class))
            if (r.stays() && building.get(new JoinedRoof.Of(r.id())) instanceof JoinedRoof joined)
                table.add(
                        r,
                        joined,
                        count(r, RoofPart.Downpipe.class, building),
                        count(r, RoofPart.Outlet.class, building));
        List<Row> sums = new ArrayList<>();
        if (!table.rows.isEmpty()) {
            Cell none = Cell.of("");
            sums.add(new Row(
                    table.rows.getFirst().element(),
                    List.of(
                            none,
                            Cell.of("Sum"),
                            none,
                            table.area(table.planMm2),
                            table.area(table.trueMm2),
                            none,
                            none,
                            none)));
        }
        return new Table(COLUMNS, table.rows, sums, "No roofs yet.");
    }

    private void add(Roof roof, JoinedRoof joined, long downpipes, long outlets) {
        int slope = 0;
        for (Face f : joined.faces()) {
            planMm2 += AreaPrinter.printedMm2(f.plan().mm2(), units);
            trueMm2 += AreaPrinter.printedMm2(f.trueMm2(), units);
            rows.add(new Row(
                    roof.id(),
                    List.of(
                            Cell.of(roof.mark()),
                            Cell.of(Integer.toString(++slope)),
                            pitch(joined, f),
                            area(f.plan().mm2()),
                            area(f.trueMm2()),
                            length(rafter(f)),
                            Cell.of(slope == 1 ? lines(joined, downpipes, outlets) : ""),
                            Cell.of(slope == 1 ? joined.built().buildUp().name() : ""))));
        }
    }

    private static long count(Roof roof, Class<? extends RoofPart.Make> make, Building building) {
        return building.model().all(RoofPart.class).stream()
                .filter(p -> p.roof().equals(roof.id()) && p.stays() && make.isInstance(p.make()))
                .count();
    }

    private static Cell pitch(JoinedRoof joined, Face f) {
        double degrees = Math.toDegrees(Math.atan(f.tan()));
        Pitch pitch = joined.built().pitch(f);
        return new Cell(pitch == null ? "" : pitch.words(), degrees);
    }

    /** From the fascia to the highest place of its slope, along it. */
    private static double rafter(Face f) {
        double low = Double.POSITIVE_INFINITY, high = Double.NEGATIVE_INFINITY;
        for (var ring : f.plan().rings())
            for (var p : ring) {
                low = Math.min(low, f.plane().at(p));
                high = Math.max(high, f.plane().at(p));
            }
        return (high - low) * Math.hypot(1, f.tan()) / f.tan();
    }

    private static boolean isAtParapet(JoinedRoof joined, Line l) {
        return Stream.of(l.edge(), l.other())
                .map(joined.built()::plate)
                .anyMatch(p -> p != null && p.parapet() != null && !p.isEaves());
    }

    private String lines(JoinedRoof joined, long downpipes, long outlets) {
        List<String> told = new ArrayList<>();
        for (Kind kind : TOLD) {
            double sum = joined.shape().lines().stream()
                    .filter(l -> l.kind() == kind)
                    .mapToDouble(Line::trueMm)
                    .sum();
            if (sum > 0) told.add(kind.name().toLowerCase(Locale.ROOT) + " " + lengths.print(sum));
        }
        double eaves = 0, verge = 0, parapet = 0;
        for (int i = 0; i < joined.built().eaves().size(); i++) {
            RoofEdge e = joined.built().eaves().get(i);
            PlateEdge plate = joined.built().plate(i);
            if (plate != null && plate.isEaves()) eaves += e.from().distanceTo(e.to());
            if (plate != null && plate.parapet() != null)
                parapet += plate.from().distanceTo(plate.to());
        }
        for (Line l : joined.shape().lines())
            if (l.kind() == RoofShape.Kind.VERGE && !isAtParapet(joined, l)) verge += l.trueMm();
        if (eaves > 0) told.add("eaves " + lengths.print(eaves));
        if (verge > 0) told.add("verge " + lengths.print(verge));
        if (parapet > 0) told.add("parapet " + lengths.print(parapet));
        if (downpipes > 0) told.add(downpipes + (downpipes == 1 ? " downpipe" : " downpipes"));
        if (outlets > 0) told.add(outlets + (outlets == 1 ? " outlet" : " outlets"));
        return String.join(", ", told);
    }

    private Cell area(double mm2) {
        return new Cell(AreaPrinter.print(mm2, units), mm2);
    }

    private Cell length(double mm) {
        return new Cell(lengths.print(mm), mm);
    }
}
