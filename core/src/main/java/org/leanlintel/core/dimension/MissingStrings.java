package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;

/** Strings for what nothing tells of when sides and rooms have theirs: each from the nearest line that is known. */
final class MissingStrings {

    /** On paper: how far from an edge of an opening its string stands. */
    private static final double BESIDE_MM = 6;
    /** On paper: what crossing a string costs, standing in a wall, and running beside a string; how far apart two are that do not. */
    private static final double CROSSED_MM = 10, IN_A_WALL_MM = 25, NEAR_MM = 20, APART_MM = 7;
    /** On paper: what a string costs that tells of a line through a wall. */
    private static final double BEHIND_MM = 60;
    /** On paper: what is shorter is told of beside it. */
    private static final double SHORT_MM = 14;
    /** Where along a line its string is tried. */
    private static final double[] PARTS = {0.5, 0.3, 0.7, 0.15, 0.85};
    /** What a string from a line beyond its own end costs, in millimetres of a string from one that it meets. */
    private static final double NOT_MET = 100_000;

    private final Working working;

    /** A known line to measure from, and where. */
    private record From(int line, double acrossMm, double cost) {

        From dearer(double more) {
            return new From(line, acrossMm, cost + more);
        }
    }

    MissingStrings(Working working) {
        this.working = working;
    }

    void add() {
        for (Told told : List.of(working.along(true), working.along(false))) square(told);
        for (Told told : working.told.subList(2, working.told.size())) slanting(told);
    }

    private void square(Told told) {
        told.findAgain();
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < told.lines().size(); i++) if (told.lines().get(i).sought()) order.add(i);
        order.sort(Comparator.comparing((Integer i) -> told.lines().get(i).kind())
                .thenComparing(i -> -told.lines().get(i).lengthMm()));
        for (int line : order) if (!told.isFound(line)) measure(line, told);
    }

    private void measure(int line, Told told) {
        GivenUp.orGoOn();
        From best = null;
        for (double across : places(line, told)) {
            From from = nearest(line, across, told);
            if (from != null && isBehindAWall(line, across, told)) from = from.dearer(BEHIND_MM * working.scale());
            if (from != null && (best == null || from.cost() < best.cost())) best = from;
        }
        if (best == null) return;
        List<Integer> lines = working.inOrder(with(best, line, told), told);
        if (lines.size() > 1) working.propose(lines, told, best.acrossMm());
    }

    /** A line with what it is measured from, and what else is not known on the way or of the same thing: of what is told together, one. */
    private List<Integer> with(From from, int line, Told told) {
        int[] group = told.groups();
        List<Integer> all = new ArrayList<>(List.of(from.line(), line));
        Set<Integer> groups = new HashSet<>(Set.of(group[from.line()], group[line]));
        PlanLine is = told.lines().get(line);
        for (int i = 0; i < told.lines().size(); i++) {
            PlanLine l = told.lines().get(i);
            if (!l.sought() || told.isFound(i)) continue;
            boolean jamb = l.kind() == PlanLine.Kind.JAMB && l.element().equals(is.element());
            boolean beside = told.low(i) < told.high(line) && told.high(i) > told.low(line);
            boolean wanted = l.element().equals(is.element()) && beside || isBetween(i, from, line, told);
            if (jamb || wanted && groups.add(group[i])) all.add(i);
        }
        return all;
    }

    /** Whether an extension line to a string beyond the end of a line would go through a wall. */
    private boolean isBehindAWall(int line, double across, Told told) {
        double end = Math.clamp(across, told.low(line), told.high(line));
        if (end == across) return false;
        Vec along = told.direction().times(told.position(line)),
                up = told.direction().left();
        return working.goesThroughAWall(along.along(up, end + Math.signum(across - end)), along.along(up, across));
    }

    private static boolean meets(int line, From from, Told told) {
        return told.low(line) <= from.acrossMm() && told.high(line) >= from.acrossMm();
    }

    private static boolean isBetween(int i, From from, int line, Told told) {
        double low = Math.min(told.position(from.line()), told.position(line));
        double high = Math.max(told.position(from.line()), told.position(line));
        return told.position(i) > low + Tolerance.NOMINAL_MM
                && told.position(i) < high - Tolerance.NOMINAL_MM
                && meets(i, from, told);
    }

    /** Across a face, as long as it has room for figures; beyond its ends, and those of an opening's edge; not across treads. */
    private List<Double> places(int line, Told told) {
        double low = told.low(line), high = told.high(line), beside = BESIDE_MM * working.scale();
        List<Double> places = new ArrayList<>();
        boolean onTreads = told.lines().get(line).hold() instanceof Hold.BesideFlight;
        if (!onTreads && high - low > SHORT_MM * working.scale())
            for (double part : PARTS) places.add(low + (high - low) * part);
        if (places.isEmpty() || told.lines().get(line).kind() != PlanLine.Kind.FACE)
            places.addAll(List.of(low - beside, high + beside));
        return places;
    }

    private @Nullable From nearest(int line, double across, Told told) {
        From best = null;
        double at = told.position(line);
        for (int i = 0; i < told.lines().size(); i++) {
            PlanLine.Kind kind = told.lines().get(i).kind();
            boolean usable = kind == PlanLine.Kind.FACE || kind == PlanLine.Kind.SIDE || kind == PlanLine.Kind.JAMB;
            if (!usable || !told.isFound(i) || Math.abs(told.position(i) - at) <= Tolerance.NOMINAL_MM) continue;
            boolean met = told.low(i) <= across && told.high(i) >= across;
            double cost = Math.abs(told.position(i) - at) + (met ? 0 : NOT_MET);
            if (best != null && cost >= best.cost()) continue;
            cost += over(told, at, told.position(i), across);
            if (best == null || cost < best.cost()) best = new From(i, across, cost);
        }
        return best;
    }

    /** What a string runs over weighs as much again as its length there, and each string it crosses as much as some of it. */
    private double over(Told told, double from, double to, double across) {
        Vec up = told.direction().left();
        double crossed = told.crossed(from, to, across, working.square(told)) * CROSSED_MM * working.scale();
        double walled =
                working.isInAWall(told.direction().times((from + to) / 2).along(up, across))
                        ? IN_A_WALL_MM * working.scale()
                        : 0;
        double near = told.near(from, to, across, APART_MM * working.scale()) * NEAR_MM * working.scale();
        return crossed
                + walled
                + near
                + working.clutter.under(
                        told.direction().times(from).along(up, across),
                        told.direction().times(to).along(up, across));
    }

    /** Along each slanting wall with openings, from one of its ends to the other. */
    private void slanting(Told told) {
        told.findAgain();
        Map<ElementId, List<Integer>> byWall = new LinkedHashMap<>();
        for (int i = 0; i < told.lines().size(); i++) {
            PlanLine l = told.lines().get(i);
            if (l.kind() != PlanLine.Kind.JAMB || told.isFound(i)) continue;
            ElementId wall = working.wallOf(l.element());
            byWall.computeIfAbsent(wall, w -> new ArrayList<>()).add(i);
        }
        byWall.forEach((wall, jambs) -> {
            List<Integer> lines = new ArrayList<>(jambs);
            double across = Double.NEGATIVE_INFINITY;
            for (int jamb : jambs) across = Math.max(across, told.high(jamb));
            for (int point : working.endsOf(wall, told)) if (told.isFound(point)) lines.add(point);
            lines = working.inOrder(lines, told);
            if (lines.size() > jambs.size()) working.propose(lines, told, across + BESIDE_MM * working.scale());
        });
    }
}
