package org.leanlintel.core.picture.annotate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;

/**
 * Places the figures of a dimension string so that none touches another or what is drawn: over their part where they fit, else
 * in another row, or moved along that. The least room is served first; the same input gives the same layout.
 */
final class FigureRow {

    private static final double CLEAR_MM = 1.2, STEP_MM = 0.25;
    /** Of figures over their part, and of others. */
    private static final int[] OVER = {-1, 1, 2}, ASIDE = {1, 2, 3, -1, -2};

    /** How much further off a figure rather stands than under the line. */
    private static final double UNDER_MM = 5;

    private static final double[] SHIFTS = {0, -0.5, 0.5, -1, 1, -1.5, 1.5, -2, 2, -2.5, 2.5, -3, 3};

    /** How far aside a figure is put at most, in its own widths. */
    private static final double FURTHEST = 3;

    /** How many lines a figure rather covers than one thing that is never covered. */
    private static final int SOLID_COUNT = 100;

    private final List<Box> drawn;
    private final IntFunction<Band> rows;
    private final List<Set> placed = new ArrayList<>();

    /**
     * @param drawn what is drawn about the string
     * @param rows where the letters of a row stand, up from the line: row 0 on it, those under it less than 0
     */
    FigureRow(List<Box> drawn, IntFunction<Band> rows) {
        this.drawn = drawn;
        this.rows = rows;
    }

    /** From one place to another; paper millimetres. */
    record Band(double fromMm, double toMm) {

        boolean meets(Band other) {
            return fromMm < other.toMm && toMm > other.fromMm;
        }

        private Band grown(double mm) {
            return new Band(fromMm - mm, toMm + mm);
        }
    }

    /** Something drawn. @param along the string; @param up from its line as it is read; @param solid whether it is never covered */
    record Box(Band along, Band up, boolean solid) {

        /** The same further along. */
        Box from(double mm) {
            return new Box(new Band(along.fromMm + mm, along.toMm + mm), up, solid);
        }

        private boolean isMetBy(Band figure, Band row) {
            return along.meets(figure) && up.meets(row);
        }
    }

    /** A figure of a part; paper millimetres along the string. */
    record Figure(String text, double centreMm, double partMm, double widthMm) {

        boolean fits() {
            return widthMm + CLEAR_MM <= partMm;
        }

        /** How far the figure may move from the middle of its part and still stand over it. */
        private double play() {
            return (partMm - widthMm - CLEAR_MM) / 2;
        }
    }

    /**
     * A figure with its place.
     *
     * @param row above the line; under it where that is less than 0
     * @param centreMm where its middle stands
     * @param covers whether lines run where it stands, and nothing solid
     */
    record Set(Figure figure, double centreMm, int row, boolean covers) {

        Band along() {
            return new Band(centreMm - figure.widthMm / 2, centreMm + figure.widthMm / 2);
        }

        boolean touches(Set other) {
            return row == other.row && along().grown(CLEAR_MM).meets(other.along());
        }

        /** Whether it had to move so far along that its part is not under it any more. */
        boolean needsLeader() {
            return !figure.fits() && row != 0 && Math.abs(centreMm - figure.centreMm) > figure.widthMm / 4;
        }
    }

    /** In the order they are placed. */
    List<Set> place(List<Figure> figures) {
        for (Figure f : figures) if (f.fits()) placed.add(over(f));
        figures.stream()
                .filter(f -> !f.fits())
                .sorted(Comparator.comparingDouble(Figure::partMm))
                .forEach(f -> placed.add(aside(f)));
        return placed;
    }

    /** The place over its part nearest to the middle that nothing solid strikes, and as few lines as may be. */
    private Set over(Figure figure) {
        Search search = new Search(figure);
        for (double off = 0; off <= figure.play(); off += STEP_MM)
            for (double to : off == 0 ? new double[] {0} : new double[] {off, -off})
                if (search.triesFree(figure.centreMm + to, 0)) return search.best();
        if (search.standsOnLinesAlone()) return search.best();
        for (int row : OVER)
            for (double shift : SHIFTS)
                if (Math.abs(shift * figure.widthMm) <= figure.play()
                        && search.triesFree(figure.centreMm + shift * figure.widthMm, row)) return search.best();
        return search.best();
    }

    /** The nearest place that is free. */
    private Set aside(Figure figure) {
        Search search = new Search(figure);
        for (Place p : nearestFirst(figure.widthMm))
            if (search.triesFree(figure.centreMm + p.asideMm, p.row)) return search.best();
        return search.best();
    }

    private record Place(int row, double asideMm, double offMm) {}

    private List<Place> nearestFirst(double widthMm) {
        List<Place> places = new ArrayList<>();
        for (int row : ASIDE) {
            Band up = rows.apply(row);
            double over = Math.abs(up.fromMm + up.toMm) / 2;
            for (double shift : SHIFTS) {
                double aside = shift * widthMm;
                places.add(new Place(row, aside, Math.hypot(aside, over) + (row < 0 ? UNDER_MM : 0)));
            }
        }
        places.sort(Comparator.comparingDouble(Place::offMm));
        return places;
    }

    /** The best of the places of one figure that were looked at, the first of those that are as good. */
    private final class Search {

        private final Figure figure;
        private final List<Box> near;
        private @Nullable Set best;
        private int least = Integer.MAX_VALUE;

        Search(Figure figure) {
            this.figure = figure;
            double reach = Math.max(figure.partMm / 2, (FURTHEST + 0.5) * figure.widthMm + CLEAR_MM);
            Band all = new Band(figure.centreMm - reach, figure.centreMm + reach);
            near = drawn.stream().filter(b -> b.along.meets(all)).toList();
        }

        /** Looks at a place, and keeps it where it is better than those before. @return whether nothing is there */
        boolean triesFree(double centre, int row) {
            Set tried = new Set(figure, centre, row, false);
            if (best != null && strikes(tried)) return false;
            Band along = tried.along().grown(CLEAR_MM / 2), up = rows.apply(row);
            int cost = strikes(tried) ? SOLID_COUNT * SOLID_COUNT : 0;
            for (Box b : near) if (b.isMetBy(along, up)) cost += b.solid ? SOLID_COUNT : 1;
            if (cost < least) {
                least = cost;
                best = new Set(figure, centre, row, cost > 0 && cost < SOLID_COUNT);
            }
            return cost == 0;
        }

        /** Whether the best place has nothing solid. */
        boolean standsOnLinesAlone() {
            return least < SOLID_COUNT;
        }

        Set best() {
            return Objects.requireNonNull(best);
        }
    }

    /** Whether figures, or the leader of one and another, run into each other. */
    private boolean strikes(Set tried) {
        for (Set p : placed) if (p.touches(tried) || isOnLeader(p, tried) || isOnLeader(tried, p)) return true;
        return false;
    }

    /** Whether a figure stands on the leader of another, which runs from the middle of that to its part on the line. */
    private boolean isOnLeader(Set figure, Set led) {
        if (!led.needsLeader()) return false;
        Band row = rows.apply(led.row), own = rows.apply(figure.row);
        double end = led.row > 0 ? row.fromMm : row.toMm;
        double low = Math.clamp(own.fromMm / end, 0, 1), high = Math.clamp(own.toMm / end, 0, 1);
        double one = led.figure.centreMm + (led.centreMm - led.figure.centreMm) * low;
        double other = led.figure.centreMm + (led.centreMm - led.figure.centreMm) * high;
        return low != high
                && figure.along().grown(CLEAR_MM / 4).meets(new Band(Math.min(one, other), Math.max(one, other)));
    }
}
