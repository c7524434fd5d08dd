package org.leanlintel.core.takeoff;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.model.ElementId;

/**
 * A schedule as it is read, wherever it is shown.
 *
 * @param sums rows under the others, which no sorting moves
 * @param empty what is said where there are no rows
 */
public record Table(List<Column> columns, List<Row> rows, List<Row> sums, String empty) {

    public Table {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
        sums = List.copyOf(sums);
    }

    /** @param widthMm on paper */
    public record Column(String title, double widthMm) {}

    /** @param element what the row is of, one row to an element */
    public record Row(ElementId element, List<Cell> cells) {
        public Row {
            cells = List.copyOf(cells);
        }
    }

    /** @param number what it is sorted by; NaN sorts by its text */
    public record Cell(String text, double number) {

        public static Cell of(String text) {
            return new Cell(text, Double.NaN);
        }

        int compare(Cell other) {
            boolean numbers = !Double.isNaN(number) && !Double.isNaN(other.number);
            return numbers
                    ? Double.compare(number, other.number)
                    : natural(text).compareTo(natural(other.text));
        }

        /** So that D2 comes before D11. */
        private static String natural(String text) {
            StringBuilder padded = new StringBuilder();
            StringBuilder digits = new StringBuilder();
            for (char c : (text + " ").toCharArray()) {
                if (c >= '0' && c <= '9') {
                    digits.append(c);
                    continue;
                }
                if (!digits.isEmpty())
                    padded.append("0".repeat(Math.max(0, 8 - digits.length()))).append(digits);
                digits.setLength(0);
                padded.append(c);
            }
            return padded.toString();
        }
    }

    /** The rows in the order of a column, those alike as they were; an unknown title changes nothing. */
    public Table sortedBy(String title) {
        for (int c = 0; c < columns.size(); c++) {
            int at = c;
            if (!columns.get(c).title().equals(title)) continue;
            List<Row> sorted = new ArrayList<>(rows);
            sorted.sort(Comparator.comparing(r -> r.cells().get(at), Cell::compare));
            return new Table(columns, sorted, sums, empty);
        }
        return this;
    }
}
