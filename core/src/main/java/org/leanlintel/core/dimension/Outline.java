package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;

/** The edges of a storey's outline that face one way, and which of them are seen from there. */
final class Outline {

    /** An edge, or a part of one. @param from not more than {@code to}, along the edge; @param depth along the way out */
    record Edge(double from, double to, double depth) {}

    /** A point this near beside an edge tells which side of it is inside. */
    private static final double BESIDE_MM = 1;

    private final Vec along;
    private final Vec out;
    private final List<Edge> edges = new ArrayList<>();

    /** @param along the direction in which such edges run */
    Outline(Area area, Vec along, Vec out) {
        this.along = along;
        this.out = out;
        for (List<Vec> ring : area.rings())
            for (int i = 1; i < ring.size(); i++) edge(ring.get(i - 1), ring.get(i), area);
    }

    private void edge(Vec from, Vec to, Area area) {
        Vec way = to.minus(from);
        if (way.length() < BESIDE_MM || Math.abs(way.unit().cross(along)) > Tolerance.PARALLEL_SINE) return;
        Vec middle = from.plus(to).times(0.5);
        if (area.covers(middle.along(out, BESIDE_MM))) return;
        double a = from.dot(along), b = to.dot(along);
        edges.add(new Edge(Math.min(a, b), Math.max(a, b), middle.dot(out)));
    }

    /** A point on an edge. */
    Vec at(Edge edge, double position) {
        return along.times(position).along(out, edge.depth());
    }

    List<Edge> all() {
        return edges;
    }

    /** Those seen from outside, as far as nothing stands before them, in their order along the side. */
    List<Edge> seen() {
        TreeSet<Double> ends = new TreeSet<>();
        for (Edge e : edges) {
            ends.add(e.from());
            ends.add(e.to());
        }
        List<Edge> seen = new ArrayList<>();
        List<Double> at = new ArrayList<>(ends);
        for (int i = 1; i < at.size(); i++) {
            double from = at.get(i - 1), to = at.get(i);
            edges.stream()
                    .filter(e -> e.from() <= from + Tolerance.SAME_MM && e.to() >= to - Tolerance.SAME_MM)
                    .max(Comparator.comparingDouble(Edge::depth))
                    .ifPresent(e -> add(new Edge(from, to, e.depth()), seen));
        }
        return seen;
    }

    private static void add(Edge part, List<Edge> seen) {
        Edge last = seen.isEmpty() ? null : seen.getLast();
        boolean goesOn = last != null
                && Math.abs(last.depth() - part.depth()) <= Tolerance.NOMINAL_MM
                && Math.abs(last.to() - part.from()) <= Tolerance.NOMINAL_MM;
        if (last == null || !goesOn) seen.add(part);
        else seen.set(seen.size() - 1, new Edge(last.from(), part.to(), last.depth()));
    }

    /** As far out as it goes. */
    double furthest() {
        return edges.stream().mapToDouble(Edge::depth).max().orElse(0);
    }
}
