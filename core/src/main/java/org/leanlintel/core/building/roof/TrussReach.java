package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.Truss;

/** From where to where along the eaves trusses can stand, and where in it they do. Millimetres. */
record TrussReach(double low, double high) {

    private static final double SAME_PLACE_MM = 1e-6;

    static TrussReach to(double s, @Nullable TrussReach before) {
        return before == null
                ? new TrussReach(s, s)
                : new TrussReach(Math.min(before.low, s), Math.max(before.high, s));
    }

    /** The middles of those that stand at its ends, or at a place in it. */
    List<Double> placed(Truss truss) {
        double half = truss.wholeThickMm() / 2;
        if (!(high - low >= 2 * half)) return List.of();
        return truss.along() instanceof Truss.OneAt one
                ? one.mm() < half || low + one.mm() > high - half ? List.of() : List.of(low + one.mm())
                : List.of(low + half, high - half);
    }

    /** The middles of those that stand at their spacing, counted from the stops between them; at a free end the last as near as is left. */
    List<Double> spread(Truss truss, List<Stop> stops) {
        double half = truss.wholeThickMm() / 2, first = low + half, last = high - half;
        if (truss.along() instanceof Truss.PartAlong p) {
            last = Math.min(high, low + p.toMm()) - half;
            first = low + p.fromMm() + half;
        }
        if (!(last >= first)) return List.of();
        List<Stop> within = new ArrayList<>();
        for (Stop s : stops) if (s.at > first - s.clear && s.at < last + s.clear) within.add(s);
        return new Spread(truss.spacingMm(), first, last, within).all();
    }

    /** A place that is taken. @param clear from its middle to that of the next at least */
    record Stop(double at, double clear) {}

    /** Places from a first to a last, round those that are taken. */
    private record Spread(double spacing, double first, double last, List<Stop> stops) {

        List<Double> all() {
            TreeSet<Double> at = new TreeSet<>();
            if (stops.isEmpty()) {
                from(first, last, at);
                at.add(first);
                at.add(last);
                return List.copyOf(at);
            }
            Stop low = stops.getFirst(), high = stops.getLast();
            if (low.at - first >= low.clear) {
                for (double s = low.at - spacing; s > first + SAME_PLACE_MM; s -= spacing) at.add(s);
                at.add(first);
            }
            for (int i = 1; i < stops.size(); i++) between(stops.get(i - 1), stops.get(i), at);
            if (last - high.at >= high.clear) {
                from(high.at, last, at);
                at.add(last);
            }
            return List.copyOf(at);
        }

        private void from(double from, double end, Collection<Double> at) {
            for (double s = from + spacing; s < end - SAME_PLACE_MM; s += spacing) at.add(s);
        }

        /** One that would stand in the second stop stands in the middle of what is left. */
        private void between(Stop one, Stop next, Collection<Double> at) {
            double s = one.at + spacing;
            for (; s <= next.at - next.clear; s += spacing) at.add(s);
            double before = s - spacing, middle = (before + next.at) / 2;
            boolean isTooFar = next.at - before > spacing + SAME_PLACE_MM;
            if (!isTooFar || middle - before < one.clear) return;
            at.add(middle);
        }
    }
}
