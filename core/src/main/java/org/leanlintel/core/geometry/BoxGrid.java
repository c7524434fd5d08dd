package org.leanlintel.core.geometry;

import java.util.Arrays;
import java.util.Collection;

/**
 * Boxes found by the squares of a grid that they lie in, for who asks of many places which boxes are there. It is asked by one
 * thread at a time.
 */
public final class BoxGrid {

    /** More squares than that a grid never has; it is coarser then. */
    private static final int MOST_SQUARES = 1 << 16;

    /** What slanting lines may be off for rounding where they pass from one column to the next. */
    private static final double ROUNDED = 1e-6;

    private final Bounds[] boxes;
    private final double left, low, size;
    private final int columns, rows;
    /** By square, row after row, the places of boxes in {@link #boxes}; null where there are none. */
    private final int[][] squares;

    /** By box, the last question it was looked at for. */
    private final int[] looked;

    private int question;

    /** @param sizeMm of a square, where that does not make too many of them */
    public BoxGrid(Collection<Bounds> all, double sizeMm) {
        boxes = all.toArray(Bounds[]::new);
        looked = new int[boxes.length];
        Bounds whole = all.stream().reduce(Bounds::with).orElse(new Bounds(0, 0, 0, 0));
        left = whole.minX();
        low = whole.minY();
        size = Math.max(
                Math.max(sizeMm, Math.max(whole.width(), whole.height()) / MOST_SQUARES),
                Math.sqrt(whole.width() * whole.height() / MOST_SQUARES));
        columns = (int) (whole.width() / size) + 1;
        rows = (int) (whole.height() / size) + 1;
        squares = new int[columns * rows][];
        lay();
    }

    private void lay() {
        for (int i = 0; i < boxes.length; i++) {
            Bounds b = boxes[i];
            for (int row = row(b.minY()); row <= row(b.maxY()); row++)
                for (int column = column(b.minX()); column <= column(b.maxX()); column++) {
                    int at = row * columns + column;
                    int[] there = squares[at];
                    squares[at] = there == null ? new int[1] : Arrays.copyOf(there, there.length + 1);
                    squares[at][squares[at].length - 1] = i;
                }
        }
    }

    private int column(double x) {
        return Math.clamp((long) Math.floor((x - left) / size), 0, columns - 1);
    }

    private int row(double y) {
        return Math.clamp((long) Math.floor((y - low) / size), 0, rows - 1);
    }

    /** Whether a box meets any. */
    public boolean isMetBy(Bounds box) {
        for (int row = row(box.minY()); row <= row(box.maxY()); row++)
            for (int column = column(box.minX()); column <= column(box.maxX()); column++) {
                int[] there = squares[row * columns + column];
                if (there != null) for (int i : there) if (boxes[i].meets(box)) return true;
            }
        return false;
    }

    /** How many a line between two points crosses, counted from the second no further than to one more than {@code most}. */
    public int crossed(Vec from, Vec to, int most) {
        Vec first = from.x() > to.x() ? to : from, then = from.x() > to.x() ? from : to;
        question++;
        int crossed = 0;
        double along = then.x() - first.x(), rise = along > 0 ? (then.y() - first.y()) / along : 0;
        int leftmost = column(first.x()), rightmost = column(then.x());
        boolean back = then == to;
        for (int i = 0; i <= rightmost - leftmost; i++) {
            int column = back ? rightmost - i : leftmost + i;
            double begins = column == 0 ? first.x() : Math.max(first.x(), left + column * size);
            double ends = column == columns - 1 ? then.x() : Math.min(then.x(), left + (column + 1) * size);
            double one = first.y() + (begins - first.x()) * rise;
            double two = along > 0 ? first.y() + (ends - first.x()) * rise : then.y();
            int last = row(Math.max(one, two) + ROUNDED);
            for (int row = row(Math.min(one, two) - ROUNDED); row <= last; row++) {
                int[] there = squares[row * columns + column];
                if (there == null) continue;
                for (int box : there) {
                    if (looked[box] == question) continue;
                    looked[box] = question;
                    if (boxes[box].isCrossedBy(from, to) && ++crossed > most) return crossed;
                }
            }
        }
        return crossed;
    }
}
