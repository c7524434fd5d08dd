package org.leanlintel.core.picture.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.body.Ground;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Pens;

/** The ground as sections and elevations show it, from left to right. Sizes on paper. */
public final class GroundLine {

    /** How far it runs on beside the house. */
    public static final double BEYOND_MM = 10;

    /** Strokes in the cut earth: from one to the next, how deep they reach. */
    private static final double STROKE_MM = 1.5, DEEP_MM = 1.5;

    /** What stands so much over the ground at least is no wall in it: an overhang. */
    private static final double CLEAR_MM = 1500;

    /** Before the house its line is looked at so often. */
    private static final double STEP_MM = 250;

    private static final double AT_EDGE_MM = 0.01;

    /** Far below everything, and beside it. */
    private static final double BELOW_MM = 100_000, WIDE_MM = 2_000_000;

    private GroundLine() {}

    /** As it is cut. @param from x in the picture */
    public static List<Vec> cut(Ground ground, SectionFrame frame, double from, double to) {
        return ground.along(frame.plan(new Vec(from, 0)), frame.plan(new Vec(to, 0))).stream()
                .map(p -> p.plus(new Vec(from, 0)))
                .toList();
    }

    /** The same under the legs of a section; the first and the last reach as far as is asked for. */
    public static List<Vec> cut(Ground ground, List<SectionFrame> legs, double from, double to) {
        List<Vec> line = new ArrayList<>();
        for (int i = 0; i < legs.size(); i++) {
            SectionFrame leg = legs.get(i);
            double start = i == 0 ? from : Math.max(from, leg.startMm());
            double end = i == legs.size() - 1 ? to : Math.min(to, leg.endMm());
            if (end > start) line.addAll(cut(ground, leg, start, end));
        }
        for (int i = line.size() - 1; i > 0; i--) if (line.get(i).equals(line.get(i - 1))) line.remove(i);
        return line;
    }

    /** As it lies along what of the house stands nearest. */
    public static List<Vec> before(List<Body> house, Ground ground, SectionFrame frame, double from, double to) {
        List<List<Vec>> rings = new ArrayList<>();
        for (Body b : house) {
            List<Vec> ring = b.outline().stream().map(frame::seen).toList();
            Vec middle = b.outline().getFirst();
            if (b.lowMm() < ground.at(middle) + CLEAR_MM) rings.add(ring);
        }
        TreeSet<Double> at = new TreeSet<>(List.of(from, to));
        for (double x = from + STEP_MM; x < to; x += STEP_MM) at.add(x);
        for (List<Vec> ring : rings)
            for (Vec p : ring)
                if (p.x() > from && p.x() < to) {
                    at.add(p.x() - AT_EDGE_MM);
                    at.add(p.x() + AT_EDGE_MM);
                }
        double[] across = at.stream().mapToDouble(x -> x).toArray(), near = nearest(rings, across);
        List<Vec> line = new ArrayList<>();
        for (int i = 0; i < across.length; i++)
            line.add(new Vec(across[i], ground.at(frame.plan(new Vec(across[i], beside(near, i))))));
        return straightened(line);
    }

    /** How far away the first of the outlines is met at each of some x in order; NaN where none is. */
    private static double[] nearest(List<List<Vec>> rings, double[] across) {
        double[] nearest = new double[across.length];
        Arrays.fill(nearest, Double.NaN);
        for (List<Vec> ring : rings)
            for (int i = 0; i < ring.size(); i++) {
                Vec a = ring.get(i), b = ring.get((i + 1) % ring.size());
                double end = Math.max(a.x(), b.x());
                for (int k = from(across, Math.min(a.x(), b.x())); k < across.length && across[k] < end; k++) {
                    double y = a.y() + (b.y() - a.y()) * (across[k] - a.x()) / (b.x() - a.x());
                    if (Double.isNaN(nearest[k]) || y < nearest[k]) nearest[k] = y;
                }
            }
        return nearest;
    }

    /** The first of numbers in order that is not less than another. */
    private static int from(double[] inOrder, double least) {
        int found = Arrays.binarySearch(inOrder, least);
        return found < 0 ? -found - 1 : found;
    }

    /** Where nothing stands, as far away as what stands next to it. */
    private static double beside(double[] near, int i) {
        for (int d = 0; d < near.length; d++)
            for (int k : new int[] {i - d, i + d})
                if (k >= 0 && k < near.length && !Double.isNaN(near[k])) return near[k];
        return 0;
    }

    private static List<Vec> straightened(List<Vec> line) {
        List<Vec> kept = new ArrayList<>();
        for (Vec p : line) {
            while (kept.size() > 1 && isStraight(kept.get(kept.size() - 2), kept.getLast(), p)) kept.removeLast();
            kept.add(p);
        }
        return kept;
    }

    private static boolean isStraight(Vec a, Vec b, Vec c) {
        return Math.abs(a.y() + (c.y() - a.y()) * (b.x() - a.x()) / (c.x() - a.x()) - b.y()) < 0.01;
    }

    /** All that lies under it. */
    public static Area under(List<Vec> line) {
        List<Vec> ring = new ArrayList<>();
        Vec first = line.getFirst(), last = line.getLast();
        double low = line.stream().mapToDouble(Vec::y).min().orElse(0) - BELOW_MM;
        ring.add(new Vec(first.x() - WIDE_MM, low));
        ring.add(new Vec(last.x() + WIDE_MM, low));
        ring.add(new Vec(last.x() + WIDE_MM, last.y()));
        ring.addAll(line.reversed());
        ring.add(new Vec(first.x() - WIDE_MM, first.y()));
        return Area.of(ring);
    }

    /** What of it lies outside the house, from the picture's left end and from its right end on. */
    public static List<List<Vec>> outside(List<Vec> line, List<Area> cut) {
        List<List<Vec>> ends = new ArrayList<>();
        for (List<Vec> piece : Area.past(List.of(line), cut)) {
            boolean first = isAt(piece, line.getFirst()), last = isAt(piece, line.getLast());
            if (first || last) ends.add(piece);
        }
        return ends;
    }

    private static boolean isAt(List<Vec> piece, Vec end) {
        return piece.getFirst().distanceTo(end) < 1 || piece.getLast().distanceTo(end) < 1;
    }

    /** With strokes of earth under it. */
    public static void draw(List<Vec> line, double scale, Pens pens) {
        pens.line(PenRole.GROUND, line);
        Vec down = new Vec(-1, -1).times(DEEP_MM * scale);
        double left = STROKE_MM * scale;
        for (int i = 1; i < line.size(); i++) {
            Vec from = line.get(i - 1), to = line.get(i);
            double length = from.distanceTo(to);
            Vec way = to.minus(from).unit();
            for (; left < length; left += STROKE_MM * scale) {
                Vec at = from.along(way, left);
                pens.line(PenRole.HATCH, at, at.plus(down));
            }
            left -= length;
        }
    }
}
