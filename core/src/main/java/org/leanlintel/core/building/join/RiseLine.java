package org.leanlintel.core.building.join;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Rise.Along;
import org.leanlintel.core.model.Rise.Height;
import org.leanlintel.core.model.StoreySpace;

/** From where to where a wall rises, by the place s along its set-out line; heights above its storey's level. */
public final class RiseLine {

    private final double length;
    private final Rise rise;
    private final @Nullable Along head;
    private final StoreySpace space;

    /** A stretch over which foot and head are straight. */
    public record Piece(double from, double to, double footFrom, double footTo, double headFrom, double headTo) {

        double height() {
            return ((headFrom - footFrom) + (headTo - footTo)) / 2;
        }
    }

    public RiseLine(Strip strip, StoreySpace space) {
        length = strip.length();
        rise = strip.wall().rise();
        head = rise.headAlong();
        this.space = space;
    }

    public boolean isLevel() {
        return rise.isLevel();
    }

    /** Its pieces between two heights, each straight above and below; what is thinner than nothing is left out. */
    public List<Piece> pieces(double low, double high) {
        TreeSet<Double> breaks = new TreeSet<>(List.of(0.0, length));
        if (rise.foot() instanceof Along a) addBreaks(a, low, high, breaks);
        if (head instanceof Along a) addBreaks(a, low, high, breaks);
        List<Piece> pieces = new ArrayList<>();
        double last = 0;
        for (double next : breaks) {
            if (next - last < Tolerance.SAME_MM) continue;
            Piece piece = new Piece(
                    last,
                    next,
                    within(foot(last, true), low, high),
                    within(foot(next, false), low, high),
                    within(head(last, true), low, high),
                    within(head(next, false), low, high));
            if (piece.height() > Tolerance.SAME_MM) pieces.add(piece);
            last = next;
        }
        return pieces;
    }

    private static double within(double mm, double low, double high) {
        return Math.max(low, Math.min(high, mm));
    }

    private void addBreaks(Along along, double low, double high, Set<Double> breaks) {
        Height last = along.heights().getFirst();
        for (Height h : along.heights()) {
            breaks.add(h.part() * length);
            for (double level : new double[] {low, high}) {
                double over = level - last.mm(), span = h.mm() - last.mm();
                if (span != 0 && over / span > 0 && over / span < 1)
                    breaks.add((last.part() + (h.part() - last.part()) * over / span) * length);
            }
            last = h;
        }
    }

    /** Its foot at s; at a step, what follows it or what leads up to it. */
    private double foot(double s, boolean after) {
        return rise.foot() instanceof Along a ? at(a, s, after) : space.footMm(rise, 0);
    }

    /** Its head at s; at a step, what follows it or what leads up to it. */
    private double head(double s, boolean after) {
        return head instanceof Along a ? at(a, s, after) : space.headMm(rise, 0);
    }

    private double at(Along along, double s, boolean after) {
        return after ? along.at(s / length) : along.before(s / length);
    }

    /** The lowest place of its head between two places. */
    public double headWithin(double from, double to) {
        return pieces(-1e6, 1e6).stream()
                .filter(p -> p.to > from && p.from < to)
                .mapToDouble(
                        p -> Math.min(between(p, p.headFrom, p.headTo, from), between(p, p.headFrom, p.headTo, to)))
                .min()
                .orElse(space.headMm(rise));
    }

    /** The highest place of its foot between two places. */
    public double footWithin(double from, double to) {
        return pieces(-1e6, 1e6).stream()
                .filter(p -> p.to > from && p.from < to)
                .mapToDouble(
                        p -> Math.max(between(p, p.footFrom, p.footTo, from), between(p, p.footFrom, p.footTo, to)))
                .max()
                .orElse(space.footMm(rise));
    }

    private static double between(Piece p, double first, double last, double s) {
        double part = (Math.max(p.from, Math.min(p.to, s)) - p.from) / (p.to - p.from);
        return first + (last - first) * part;
    }

    /** The mean of its height over its length. */
    public double meanMm() {
        if (isLevel()) return space.headMm(rise) - space.footMm(rise);
        return pieces(-1e6, 1e6).stream()
                        .mapToDouble(p -> p.height() * (p.to - p.from))
                        .sum()
                / length;
    }

    /** Where it does not stand at a height. */
    public List<Span> missing(double height) {
        if (isLevel()) return List.of();
        List<Span> missing = new ArrayList<>();
        double last = Double.NEGATIVE_INFINITY;
        for (Piece p : pieces(height, height + 1)) {
            if (p.height() < 0.5) continue;
            if (p.from - last > Tolerance.SAME_MM) missing.add(new Span(last, p.from, null));
            last = p.to;
        }
        if (last < length - Tolerance.SAME_MM) missing.add(new Span(last, Double.POSITIVE_INFINITY, null));
        if (!missing.isEmpty() && missing.getFirst().to() <= Tolerance.SAME_MM) missing.removeFirst();
        return missing;
    }
}
