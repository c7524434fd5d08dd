package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;

/**
 * Where the leaders of words begin: beside their first line on the side of what they point at, unless they would run through
 * the words from there.
 *
 * @param side of the words: 1 right, -1 left
 */
record Landing(Vec from, int side) {

    /**
     * @param rows the words line by line, from above
     * @param tip what they point at first
     * @param beside how far from the words
     * @param leaders the lines that begin at a landing
     */
    static Landing of(List<Bounds> rows, Vec tip, double beside, Function<Landing, List<List<Vec>>> leaders) {
        Bounds first = rows.getFirst(), last = rows.getLast();
        Bounds broad = tip.y() < first.minY() ? rows.stream().reduce(first, Bounds::with) : first;
        int near = tip.x() > first.centre().x() ? 1 : -1;
        Bounds head = new Bounds(first.minX(), first.maxY(), first.maxX(), first.maxY());
        Bounds foot = new Bounds(last.minX(), last.minY(), last.maxX(), last.minY());
        List<Landing> all = new ArrayList<>();
        for (Bounds row : List.of(first, last, head, foot))
            for (int side : new int[] {near, -near}) all.add(beside(row == first ? broad : row, row, side, beside));
        Landing best = all.getFirst();
        List<Bounds> kept = rows.stream().map(row -> row.grown(beside / 2, 0)).toList();
        long least = Long.MAX_VALUE;
        for (Landing l : all) {
            long through = leaders.apply(l).stream()
                    .filter(way -> runsThrough(way, kept))
                    .count();
            if (through >= least) continue;
            least = through;
            best = l;
        }
        return best;
    }

    private static Landing beside(Bounds broad, Bounds row, int side, double beside) {
        double x = side > 0 ? broad.maxX() + beside : broad.minX() - beside;
        return new Landing(new Vec(x, row.centre().y()), side);
    }

    private static boolean runsThrough(List<Vec> way, List<Bounds> rows) {
        for (int i = 1; i < way.size(); i++)
            for (Bounds row : rows) if (row.isCrossedBy(way.get(i - 1), way.get(i))) return true;
        return false;
    }

    /** What the lines of words take, one to a base line, each with the number or bullet before it. */
    static List<Bounds> rows(List<NoteLines.Line> lines, Function<NoteLines.Line, Bounds> box) {
        List<Bounds> rows = new ArrayList<>();
        double down = Double.NaN;
        for (NoteLines.Line l : lines) {
            Bounds own = box.apply(l);
            if (l.down() == down) rows.set(rows.size() - 1, rows.getLast().with(own));
            else rows.add(own);
            down = l.down();
        }
        return rows;
    }
}
