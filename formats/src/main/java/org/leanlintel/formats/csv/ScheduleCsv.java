package org.leanlintel.formats.csv;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.takeoff.Table;
import org.leanlintel.core.takeoff.Tables;

/** A schedule as comma-separated values (RFC 4180): the titles first, a line for each row, the sums last. */
public final class ScheduleCsv {

    private static final Pattern FORMULA = Pattern.compile("\\s*[=+@\\-\t\r]");
    private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9][0-9 .,'\"/-]*");

    private ScheduleCsv() {}

    /** @throws Unusable for a drawing that is no such schedule */
    public static byte[] write(Building building, Drawing schedule) {
        Table table = Tables.of(schedule, building);
        StringBuilder text = new StringBuilder();
        line(text, table.columns().stream().map(Table.Column::title).toList());
        for (Table.Row row : table.rows()) line(text, row);
        for (Table.Row row : table.sums()) line(text, row);
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static void line(StringBuilder text, Table.Row row) {
        line(text, row.cells().stream().map(Table.Cell::text).toList());
    }

    private static void line(StringBuilder text, List<String> fields) {
        text.append(String.join(",", fields.stream().map(ScheduleCsv::field).toList()))
                .append("\r\n");
    }

    /** Text that a spreadsheet would take for a formula stands behind an apostrophe; a number stays one. */
    private static String guarded(String value) {
        return FORMULA.matcher(value).lookingAt() && !NUMBER.matcher(value).matches() ? "'" + value : value;
    }

    private static String field(String cell) {
        String value = guarded(cell);
        boolean plain = value.chars().noneMatch(c -> c == ',' || c == '"' || c == '\n' || c == '\r');
        return plain ? value : '"' + value.replace("\"", "\"\"") + '"';
    }
}
