package org.leanlintel.formats.standard;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.leanlintel.core.model.Pen;

/** How lines are dashed: {@code line-types.tsv}, which the page reads as well, so that board and paper cannot part. */
public final class LineTypes {

    private static final String SHORTEST = "SHORTEST_MM";
    private static final Map<String, List<Double>> ROWS = rows(OfficeStandard.text("line-types.tsv"));

    private LineTypes() {}

    /** Dashes and gaps in turn, in millimetres on paper; none for an unbroken line. */
    public static List<Double> dashesMm(Pen pen) {
        List<Double> multiples = row(pen.dash().name());
        if (multiples.isEmpty()) return multiples;
        double unit = Math.max(pen.widthMm(), row(SHORTEST).getFirst() / multiples.getFirst());
        return multiples.stream().map(m -> m * unit).toList();
    }

    private static List<Double> row(String name) {
        return Objects.requireNonNull(ROWS.get(name), name);
    }

    private static Map<String, List<Double>> rows(String text) {
        Map<String, List<Double>> rows = new HashMap<>();
        for (String line : text.lines().filter(l -> !l.startsWith("#")).toList()) {
            String[] cells = line.split("\t", -1);
            List<Double> numbers = new ArrayList<>();
            for (int i = 1; i < cells.length; i++) numbers.add(Double.valueOf(cells[i]));
            rows.put(cells[0], List.copyOf(numbers));
        }
        return rows;
    }
}
