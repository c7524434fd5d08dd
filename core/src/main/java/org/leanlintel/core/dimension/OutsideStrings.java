package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Relations;

/** The strings outside one side of a storey: openings, then breaks and the partitions that meet the shell, then the overall. */
final class OutsideStrings {

    private final Working working;
    private final Told told;
    private final Told square;
    private final Vec out;
    private final Outline outline;
    private final double nearest;
    /** Turns a depth along the way out into a place across the strings. */
    private final double sign;

    OutsideStrings(Working working, Facing side) {
        this.working = working;
        told = working.along(side.isMeasuredFirst());
        square = working.along(!side.isMeasuredFirst());
        out = side.out(working.ways);
        sign = Math.signum(out.dot(told.direction().left()));
        outline = new Outline(working.outline, told.direction(), out);
        nearest = working.clutter.furthest(working.outline, out, outline.furthest());
    }

    void add() {
        GivenUp.orGoOn();
        List<List<Integer>> tiers = tiers();
        for (List<Integer> tier : tiers) add(tier, tiers);
        told.findAgain();
    }

    /** From the wall outwards, without those that would say what another says. */
    private List<List<Integer>> tiers() {
        List<Integer> ends = new ArrayList<>(), openings = new ArrayList<>(), partitions = new ArrayList<>();
        for (Outline.Edge edge : outline.seen()) {
            end(edge, edge.from(), ends);
            end(edge, edge.to(), ends);
            for (int face : square.facesAlong(outline.at(edge, edge.from()), outline.at(edge, edge.to()))) {
                ElementId wall = square.lines().get(face).element();
                openings.addAll(working.openingsOf(wall, told, edge.from(), edge.to()));
                partitions(wall, edge, partitions);
            }
        }
        List<List<Integer>> tiers = new ArrayList<>();
        List<Integer> breaks = working.inOrder(ends, told);
        if (breaks.size() < 2) return tiers;
        List<Integer> overall = List.of(breaks.getFirst(), breaks.getLast());
        openings.addAll(ends);
        partitions.addAll(ends);
        for (List<Integer> tier : List.of(working.inOrder(openings, told), working.inOrder(partitions, told)))
            if (tier.size() > 2 && tiers.stream().noneMatch(t -> isSame(t, tier))) tiers.add(tier);
        tiers.add(overall);
        return tiers;
    }

    private boolean isSame(List<Integer> one, List<Integer> two) {
        return Working.places(one, told).equals(Working.places(two, told));
    }

    /** An end of an edge, where it is not cut off by what stands before it. */
    private void end(Outline.Edge edge, double position, List<Integer> ends) {
        boolean real = outline.all().stream()
                .anyMatch(e -> Math.abs(e.depth() - edge.depth()) <= Tolerance.NOMINAL_MM
                        && (Math.abs(e.from() - position) <= Tolerance.NOMINAL_MM
                                || Math.abs(e.to() - position) <= Tolerance.NOMINAL_MM));
        Integer line = real ? told.at(outline.at(edge, position), Tolerance.NOMINAL_MM) : null;
        if (line != null) ends.add(working.byScheme(line, told, working.scheme.outside()));
    }

    private void partitions(ElementId wall, Outline.Edge edge, List<Integer> found) {
        for (Relations.WallEndRef ref : working.building.model().relations().endsOn(wall))
            for (int line : told.linesOf(ref.wall().id())) {
                boolean within = told.position(line) > edge.from() && told.position(line) < edge.to();
                if (told.lines().get(line).kind() == PlanLine.Kind.FACE && within)
                    found.add(working.byScheme(line, told, working.scheme.walls()));
            }
    }

    private void add(List<Integer> tier, List<List<Integer>> tiers) {
        List<Chain> here = told.chains().stream()
                .filter(c -> c.acrossMm() * sign > outline.furthest())
                .toList();
        if (Working.isTold(tier, told, here)) return;
        Set<Integer> places = Working.places(tier, told);
        for (Chain c : here) {
            Set<Integer> there = c.places(told);
            boolean isATier =
                    tiers.stream().anyMatch(t -> Working.places(t, told).equals(there));
            if (tier.size() > 2 && !isATier && there.containsAll(places)) return;
            if (c.string() instanceof DimensionString s
                    && !isATier
                    && there.size() >= 2
                    && places.containsAll(there)
                    && !working.isRefined(s)) {
                working.extend(s, tier, told);
                return;
            }
        }
        working.propose(tier, told, freeDepth(here) * sign);
    }

    /** The first line from the house outwards that no string lies in. */
    private double freeDepth(List<Chain> here) {
        double next = working.scheme.nextMm() * working.scale();
        double depth = nearest + working.scheme.firstMm() * working.scale();
        while (isTaken(depth, here, next)) depth += next;
        return depth;
    }

    private boolean isTaken(double depth, List<Chain> here, double next) {
        return here.stream().anyMatch(c -> Math.abs(c.acrossMm() * sign - depth) < next - Tolerance.NOMINAL_MM);
    }
}
