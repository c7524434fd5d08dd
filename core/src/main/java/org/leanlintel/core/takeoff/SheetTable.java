package org.leanlintel.core.takeoff;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.leanlintel.core.measure.ScaleLabel;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.sheet.SheetOrder;
import org.leanlintel.core.takeoff.Table.Cell;
import org.leanlintel.core.takeoff.Table.Column;
import org.leanlintel.core.takeoff.Table.Row;

/** The sheets of a set as they are bound, with what stands on them. */
final class SheetTable {

    private static final List<Column> COLUMNS = List.of(
            new Column("Sheet", 24), new Column("Title", 76), new Column("Drawings", 110), new Column("Paper", 24));

    private SheetTable() {}

    static Table of(Drawing schedule, Model model) {
        List<Row> rows = new ArrayList<>();
        for (Sheet s : bound(schedule, model))
            rows.add(new Row(
                    s.id(),
                    List.of(
                            Cell.of(s.number()),
                            Cell.of(s.title()),
                            Cell.of(drawings(s, model)),
                            Cell.of(s.paper().label()))));
        return new Table(COLUMNS, rows, List.of(), "No sheets yet.");
    }

    private static List<Sheet> bound(Drawing schedule, Model model) {
        List<Sheet> all = SheetOrder.of(model);
        for (Sheet s : all) if (stands(schedule.id(), s)) return SheetOrder.with(s, model);
        return all;
    }

    private static boolean stands(ElementId drawing, Sheet on) {
        return on.drawings().stream().anyMatch(p -> p.drawing().equals(drawing));
    }

    private static String drawings(Sheet sheet, Model model) {
        return sheet.drawings().stream()
                .map(p -> model.get(p.drawing(), Drawing.class))
                .map(d -> d.kind().isSchedule() ? d.name() : "%s (%s)".formatted(d.name(), scale(d, model)))
                .collect(Collectors.joining(", "));
    }

    private static String scale(Drawing drawing, Model model) {
        return ScaleLabel.of(drawing.scale(), model.settings().units());
    }
}
