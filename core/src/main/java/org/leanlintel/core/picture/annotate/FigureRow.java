package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntPredicate;

/**
 * Places the figures of a dimension string so that none touches another: over their part where they fit, else one row
 * up, else moved along that row. The least room is served first; the same input gives the same layout.
 */
final class FigureRow {

    private static final double CLEAR_MM = 1.2, STEP_MM = 0.25;
    /** Under the line only where all over it are taken. */
    private static final int[] ROWS = {1, 2, 3, -1, -2};

    private static final double[] SHIFTS = {0, -0.5, 0.5, -1, 1, -1.5, 1.5, -2, 2};

    /** A figure of a part; paper millimetres along the string. */
    record Figure(String text, double centreMm, double partMm, double widthMm) {

        boolean fits() {
            return widthMm + CLEAR_MM <= partMm;
        }

        /** How far the figure may move from the middle of its part and still stand over it. */
        private double play() {
            return (partMm - widthMm - CLEAR_MM) / 2;
        }

        private boolean isStruckAt(double centre, List<Band> bands) {
            double low = centre - widthMm / 2 - CLEAR_MM / 2, high = centre + widthMm / 2 + CLEAR_MM / 2;
            return bands.stream().anyMatch(b -> b.fromMm < high && b.toMm > low);
        }

        /** The place over its part nearest to the middle that nothing strikes; the middle where there is none. */
        double clearOf(List<Band> lines) {
            for (double off = 0; off <= play(); off += STEP_MM) {
                if (!isStruckAt(centreMm + off, lines)) return centreMm + off;
                if (!isStruckAt(centreMm - off, lines)) return centreMm - off;
            }
            return centreMm;
        }
    }

    /** What a line across takes along the string, with figures beside it where it has them; paper millimetres. */
    record Band(double fromMm, double toMm) {}

    /** A figure with its place: the row above the line, under it where that is less than 0, and where its middle stands. */
    record Set(Figure figure, double centreMm, int row) {

        boolean touches(Set other) {
            return row == other.row
                    && Math.abs(centreMm - other.centreMm) < (figure.widthMm + other.figure.widthMm) / 2 + CLEAR_MM;
        }

        /** Whether it had to move so far along that its part is not under it any more. */
        boolean needsLeader() {
            return row != 0 && Math.abs(centreMm - figure.centreMm) > figure.widthMm / 4;
        }
    }

    private FigureRow() {}

    /**
     * @param lines where other strings run across this one
     * @param taken the rows along which something is drawn
     */
    static List<Set> place(List<Figure> figures, List<Band> lines, IntPredicate taken) {
        List<Set> placed = new ArrayList<>();
        for (Figure f : figures) if (f.fits()) placed.add(new Set(f, f.clearOf(lines), 0));
        figures.stream()
                .filter(f -> !f.fits())
                .sorted(Comparator.comparingDouble(Figure::partMm))
                .forEach(f -> placed.add(free(f, placed, lines, taken)));
        return placed;
    }

    /** Clear of the others and of what runs across or along; of the others alone where there is no such place. */
    private static Set free(Figure figure, List<Set> placed, List<Band> lines, IntPredicate taken) {
        Set clearOfOthers = null;
        for (int row : ROWS) {
            if (taken.test(row)) continue;
            for (double shift : SHIFTS) {
                Set tried = new Set(figure, figure.centreMm + shift * figure.widthMm, row);
                if (placed.stream().anyMatch(tried::touches)) continue;
                if (!figure.isStruckAt(tried.centreMm, lines)) return tried;
                if (clearOfOthers == null) clearOfOthers = tried;
            }
        }
        return clearOfOthers == null ? new Set(figure, figure.centreMm, 1) : clearOfOthers;
    }
}
