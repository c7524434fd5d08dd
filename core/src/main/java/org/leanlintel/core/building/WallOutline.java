package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.PlyRun;
import org.leanlintel.core.building.join.Strip.StripPly;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;

/**
 * The line round all plies of a straight wall in plan, which costs a fraction of their union. Plies lie one beside the other, so it
 * runs along the ends of what stands of each, and along the faces between two of them wherever only one of them is there.
 */
final class WallOutline {

    private final WallSolid solid;
    /** From every point of the line the next one; along the wall and across it. */
    private final Map<Vec, Vec> next = new LinkedHashMap<>();

    private boolean isPlain = true;

    private WallOutline(WallSolid solid) {
        this.solid = solid;
    }

    /** Null for a wall that does not lie plainly in one piece. */
    static @Nullable Area of(WallSolid solid) {
        if (!solid.strip().axis().isStraight() || !solid.caps().isEmpty()) return null;
        WallOutline outline = new WallOutline(solid);
        outline.trace();
        List<Vec> ring = outline.isPlain ? outline.ring() : List.of();
        if (ring.size() < 3) return null;
        Area area = Area.of(ring);
        return area.isClean() ? area : null;
    }

    private void trace() {
        WallBands bands = solid.bands();
        List<PlyRun> right = List.of();
        double face = 0;
        for (int i = 0; i < solid.strip().plies().size(); i++) {
            StripPly ply = solid.strip().plies().get(i);
            if (ply.thickness() == 0) continue;
            List<PlyRun> runs = bands.runs(i, bands.whole());
            alongFace(ply.lo(), right, runs);
            for (PlyRun run : runs) {
                across(bands.endLineAlong(i, run));
                across(bands.startLineAlong(i, run).reversed());
            }
            right = runs;
            face = ply.hi();
        }
        alongFace(face, right, List.of());
    }

    /** Where only the ply on the left of a face is there the line runs on, where only the one on the right is it runs back. */
    private void alongFace(double t, List<PlyRun> right, List<PlyRun> left) {
        TreeSet<Double> places = new TreeSet<>();
        for (PlyRun run : right)
            places.addAll(List.of(run.from().atHi(), run.to().atHi()));
        for (PlyRun run : left)
            places.addAll(List.of(run.from().atLo(), run.to().atLo()));
        Double from = null;
        for (double to : places) {
            if (from != null && !same(from, to)) {
                double middle = (from + to) / 2;
                boolean onRight = right.stream().anyMatch(r -> r.from().atHi() < middle && middle < r.to().atHi());
                boolean onLeft = left.stream().anyMatch(r -> r.from().atLo() < middle && middle < r.to().atLo());
                if (onLeft && !onRight) step(new Vec(from, t), new Vec(to, t));
                if (onRight && !onLeft) step(new Vec(to, t), new Vec(from, t));
            }
            from = to;
        }
    }

    private void across(List<Vec> line) {
        for (int i = 1; i < line.size(); i++) step(line.get(i - 1), line.get(i));
    }

    private void step(Vec from, Vec to) {
        if (next.put(key(from), to) != null) isPlain = false;
    }

    private static boolean same(double a, double b) {
        return Math.abs(a - b) < Tolerance.SAME_MM;
    }

    /** On a grid, so that ends of neighbours that meet within rounding are one point. */
    private static Vec key(Vec at) {
        return new Vec(grid(at.x()), grid(at.y()));
    }

    private static double grid(double value) {
        return Math.rint(value / Tolerance.SAME_MM);
    }

    /** All points in turn; nothing where they are not one line that closes. */
    private List<Vec> ring() {
        List<Vec> ring = new ArrayList<>();
        Vec first = next.values().stream().findFirst().orElse(null), at = first;
        while (at != null && ring.size() < next.size()) {
            ring.add(solid.strip().at(at.x(), at.y()));
            at = next.get(key(at));
        }
        boolean closes = at != null && first != null && key(at).equals(key(first));
        return closes && ring.size() == next.size() ? withoutPassed(ring) : List.of();
    }

    /** Without points between others on one line: most plies end on one mitre, and what is built from the outline costs by the point. */
    private static List<Vec> withoutPassed(List<Vec> ring) {
        List<Vec> turns = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Vec from = turns.isEmpty() ? ring.getLast() : turns.getLast();
            Vec at = ring.get(i), to = ring.get((i + 1) % ring.size());
            Vec way = to.minus(from), step = at.minus(from);
            boolean passed = way.dot(step) > 0
                    && way.dot(to.minus(at)) > 0
                    && Math.abs(way.cross(step)) < Tolerance.PASSED_MM * way.length();
            if (!passed) turns.add(at);
        }
        return turns;
    }
}
