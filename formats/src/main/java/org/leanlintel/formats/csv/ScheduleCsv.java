package org.leanlintel.formats.csv;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.picture.OpeningSchedule;
import org.leanlintel.core.takeoff.OpeningRow;

/** A schedule of doors or windows as comma-separated values, a line for each and the titles first. */
public final class ScheduleCsv {

    private ScheduleCsv() {}

    /** @throws IllegalArgumentException for a drawing that is no such schedule */
    public static byte[] write(Model model, Drawing schedule) {
        boolean windows = schedule.kind() == Drawing.Kind.WINDOWS;
        if (!windows && schedule.kind() != Drawing.Kind.DOORS)
            throw new IllegalArgumentException(
                    "\"%s\" is not a schedule of doors or windows.".formatted(schedule.name()));
        LengthPrinter lengths = LengthPrinter.ofDrawings(model.settings().units());
        List<OpeningRow> rows = windows ? OpeningRow.windows(model) : OpeningRow.doors(model);
        List<List<String>> lines = new ArrayList<>(List.of(OpeningSchedule.titles(windows)));
        for (OpeningRow row : rows) lines.add(OpeningSchedule.cells(row, windows, lengths));
        StringBuilder text = new StringBuilder();
        for (List<String> line : lines)
            text.append(String.join(",", line.stream().map(ScheduleCsv::field).toList()))
                    .append("\r\n");
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String field(String value) {
        boolean plain = value.chars().noneMatch(c -> c == ',' || c == '"' || c == '\n' || c == '\r');
        return plain ? value : '"' + value.replace("\"", "\"\"") + '"';
    }
}
