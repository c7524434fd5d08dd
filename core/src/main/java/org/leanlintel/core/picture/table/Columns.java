package org.leanlintel.core.picture.table;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.picture.annotate.NoteLines.Line;

/** Lines parted into columns as low as can be. None begins with an empty line or ends with a strong one, which would be the name of what follows. */
final class Columns {

    private Columns() {}

    /** At most so many; none where there are no lines. */
    static List<List<Line>> of(List<Line> lines, int most) {
        if (lines.isEmpty()) return List.of();
        double high = lines.getLast().down() - lines.getFirst().down();
        List<List<Line>> lowest = parted(lines, high);
        if (most == 1) return lowest;
        double low = 0;
        while (high - low > 0.1) {
            double middle = (low + high) / 2;
            List<List<Line>> parted = parted(lines, middle);
            if (parted.size() > most) {
                low = middle;
            } else {
                high = middle;
                lowest = parted;
            }
        }
        return lowest;
    }

    /** Each as many as reach down so far from its first; one at least. */
    private static List<List<Line>> parted(List<Line> lines, double highMm) {
        List<List<Line>> columns = new ArrayList<>();
        int from = 0;
        while (from < lines.size()) {
            if (lines.get(from).words().isBlank()) {
                from++;
                continue;
            }
            int to = from + 1;
            while (to < lines.size() && lines.get(to).down() - lines.get(from).down() <= highMm) to++;
            int last = to;
            while (to < lines.size() && last > from + 1 && lines.get(last - 1).strong()) last--;
            columns.add(lines.subList(from, last));
            from = last;
        }
        return columns;
    }
}
