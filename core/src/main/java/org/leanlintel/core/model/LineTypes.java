package org.leanlintel.core.model;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** How lines are dashed: {@code line-types.tsv}, which the page reads as well, so that board and paper cannot part. */
final class LineTypes {

    private static final String SHORTEST = "SHORTEST_MM";
    private static final Map<String, List<Double>> ROWS = read();

    private LineTypes() {}

    /** Dashes and gaps in turn, in millimetres on paper; none for an unbroken line. */
    static List<Double> dashesMm(Pen pen) {
        List<Double> multiples = row(pen.dash().name());
        if (multiples.isEmpty()) return multiples;
        double unit = Math.max(pen.widthMm(), row(SHORTEST).getFirst() / multiples.getFirst());
        return multiples.stream().map(m -> m * unit).toList();
    }

    private static List<Double> row(String name) {
        return Objects.requireNonNull(ROWS.get(name), name);
    }

    private static Map<String, List<Double>> read() {
        Map<String, List<Double>> rows = new HashMap<>();
        try (InputStream in = LineTypes.class.getResourceAsStream("line-types.tsv")) {
            String text = new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
            for (String line : text.lines().filter(l -> !l.startsWith("#")).toList()) {
                String[] cells = line.split("\t", -1);
                List<Double> numbers = new ArrayList<>();
                for (int i = 1; i < cells.length; i++) numbers.add(Double.valueOf(cells[i]));
                rows.put(cells[0], List.copyOf(numbers));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rows;
    }
}
