package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;

/** One string each way through a room, with the openings in its walls that are not told of yet, where it crosses least. */
final class RoomStrings {

    /** Square millimetres. What is smaller is a duct, told of by what stands round it. */
    private static final double LEAST_MM2 = 500_000;

    /** On paper: how far from a wall a string stands best; how near it may come; steps between places tried; to the next string. */
    private static final double BEST_MM = 9, LEAST_OFF_MM = 3.5, STEP_MM = 1.5, APART_MM = 7;
    /** On paper: over a string's line, where its figures are. */
    private static final double FIGURES_MM = 2;
    /** On paper: what is less wide has no room for what is said elsewhere. */
    private static final double SMALL_MM = 50;
    /** As a part of the longest: a string this long goes through a room. */
    private static final double MOST_OF_IT = 0.6;
    /** What one millimetre on paper costs: of length left out, over things, away from the best place, the more where openings
     * are told of; and a string too near. */
    private static final double SHORT = 0.5, OVER = 0.6, AWAY = 0.15, AWAY_FROM_OPENINGS = 0.5, TOO_NEAR = 25;

    /** A line through the room from one face to another. */
    private record Chord(double across, double from, double to, int first, int last) {

        double length() {
            return to - from;
        }
    }

    private enum Near {
        LOW,
        HIGH,
        EITHER
    }

    private final Working working;
    private final RoomSpace room;
    private final Told told;
    private final Told square;
    private final Vec along;
    private final Vec across;
    private final List<List<Vec>> rings;
    private final Clutter clutter;
    /** From where to where it goes, across its strings. */
    private final double lowest, highest;

    private final List<Integer> low = new ArrayList<>();
    private final List<Integer> high = new ArrayList<>();

    private RoomStrings(Working working, RoomSpace room, boolean first) {
        this.working = working;
        this.room = room;
        told = working.along(first);
        square = working.along(!first);
        along = told.direction();
        across = along.left();
        rings = room.net().rings();
        clutter = working.clutter.near(room.bounds());
        double least = Double.POSITIVE_INFINITY, most = Double.NEGATIVE_INFINITY;
        for (List<Vec> ring : rings)
            for (Vec p : ring) {
                least = Math.min(least, p.dot(across));
                most = Math.max(most, p.dot(across));
            }
        lowest = least;
        highest = most;
    }

    static void add(Working working, RoomSpace room) {
        if (room.net().mm2() < LEAST_MM2) return;
        GivenUp.orGoOn();
        for (boolean first : new boolean[] {true, false}) new RoomStrings(working, room, first).add();
    }

    private void add() {
        for (List<Vec> ring : rings) for (int i = 1; i < ring.size(); i++) openings(ring.get(i - 1), ring.get(i));
        List<Chord> chords = chords();
        if (chords.isEmpty()) return;
        if (!low.isEmpty()) string(low, Near.LOW, chords);
        if (!high.isEmpty()) string(high, Near.HIGH, chords);
        double least = longest(chords) * MOST_OF_IT;
        List<Chord> through = chords.stream().filter(c -> c.length() >= least).toList();
        if (!isToldAcross(through) && !(isSmall(through) && isToldAnywhere(through)))
            string(List.of(), Near.EITHER, through);
    }

    /** Those in a wall along the string that a builder could not find yet. */
    private void openings(Vec from, Vec to) {
        Vec way = to.minus(from);
        if (way.length() < 1 || Math.abs(way.unit().cross(along)) > Tolerance.PARALLEL_SINE) return;
        double a = from.dot(along), b = to.dot(along);
        List<Integer> side = room.net().covers(from.plus(to).times(0.5).along(across, 1)) ? low : high;
        for (int face : square.facesAlong(from, to)) {
            ElementId wall = square.lines().get(face).element();
            for (int line : working.openingsOf(wall, told, Math.min(a, b), Math.max(a, b)))
                if (!isFound(told.lines().get(line).element())) side.add(line);
        }
    }

    private boolean isFound(ElementId opening) {
        return told.linesOf(opening).stream().allMatch(l -> !told.lines().get(l).sought() || told.isFound(l));
    }

    /** The longest line at each place tried, where it ends on faces that can be told of. */
    private List<Chord> chords() {
        double off = LEAST_OFF_MM * working.scale(), step = STEP_MM * working.scale();
        List<Chord> chords = new ArrayList<>();
        if (highest - lowest <= 2 * off) chord((lowest + highest) / 2, chords);
        for (double at = lowest + off; at <= highest - off + Tolerance.SAME_MM; at += step) chord(at, chords);
        return chords;
    }

    private void chord(double at, List<Chord> chords) {
        List<Double> met = new ArrayList<>();
        for (List<Vec> ring : rings)
            for (int i = 1; i < ring.size(); i++) {
                double a = ring.get(i - 1).dot(across), b = ring.get(i).dot(across);
                if (a < at == b < at) continue;
                Vec from = ring.get(i - 1), to = ring.get(i);
                met.add(from.plus(to.minus(from).times((at - a) / (b - a))).dot(along));
            }
        met.sort(null);
        Chord longest = null;
        for (int i = 1; i < met.size(); i += 2) {
            Integer first = line(met.get(i - 1), at), last = line(met.get(i), at);
            if (first == null || last == null) continue;
            Chord c = new Chord(at, met.get(i - 1), met.get(i), first, last);
            if (longest == null || c.length() > longest.length()) longest = c;
        }
        if (longest != null) chords.add(longest);
    }

    private @Nullable Integer line(double position, double at) {
        return told.at(along.times(position).along(across, at), Tolerance.NOMINAL_MM);
    }

    /** Whether a string in the room says already how long one of some lines is. */
    private boolean isToldAcross(List<Chord> chords) {
        List<Set<Integer>> inside = told.chains().stream()
                .filter(this::isInside)
                .map(c -> c.places(told))
                .toList();
        return endsOf(chords).stream().anyMatch(ends -> {
            Set<Integer> places = Working.places(ends, told);
            return inside.stream().anyMatch(s -> s.containsAll(places));
        });
    }

    /** What some lines end on, each two once. */
    private Set<List<Integer>> endsOf(List<Chord> chords) {
        Set<List<Integer>> ends = new LinkedHashSet<>();
        for (Chord c : chords) ends.add(ends(c));
        return ends;
    }

    private boolean isSmall(List<Chord> chords) {
        return longest(chords) < SMALL_MM * working.scale();
    }

    /** Whether a string says so wherever it is, as those outside do of partitions. */
    private boolean isToldAnywhere(List<Chord> chords) {
        return endsOf(chords).stream().anyMatch(ends -> Working.isTold(ends, told, told.chains()));
    }

    private boolean isInside(Chain chain) {
        return chain.acrossMm() > lowest && chain.acrossMm() < highest;
    }

    private static double longest(List<Chord> chords) {
        return chords.stream().mapToDouble(Chord::length).max().orElse(0);
    }

    private List<Integer> ends(Chord chord) {
        Scheme.Walls to = working.scheme.walls();
        return List.of(working.byScheme(chord.first(), told, to), working.byScheme(chord.last(), told, to));
    }

    private void string(List<Integer> openings, Near near, List<Chord> chords) {
        double longest = longest(chords);
        Chord best = chords.stream()
                .min(Comparator.comparingDouble(c -> cost(c, openings, near, longest)))
                .orElseThrow();
        List<Integer> lines = new ArrayList<>(ends(best));
        lines.addAll(openings);
        lines = working.inOrder(lines, told);
        if (lines.size() > 1) working.propose(lines, told, best.across());
    }

    private double cost(Chord chord, List<Integer> openings, Near near, double longest) {
        double scale = working.scale();
        double least = chord.from(), most = chord.to();
        for (int line : openings) {
            least = Math.min(least, told.position(line));
            most = Math.max(most, told.position(line));
        }
        double cost = (longest - chord.length()) / scale * SHORT;
        if (most - least > chord.length() + Tolerance.NOMINAL_MM) cost += TOO_NEAR;
        for (double up : new double[] {0, FIGURES_MM * scale * figuresTo()}) {
            Vec from = along.times(chord.from()).along(across, chord.across() + up);
            Vec to = along.times(chord.to()).along(across, chord.across() + up);
            cost += clutter.under(from, to) / scale * OVER;
        }
        for (Chain c : told.chains())
            if (Math.abs(c.acrossMm() - chord.across()) < APART_MM * scale && shares(c, chord)) cost += TOO_NEAR;
        double away = near == Near.EITHER ? AWAY : AWAY_FROM_OPENINGS;
        return cost + Math.abs(off(chord, near) - BEST_MM * scale) / scale * away;
    }

    /** Figures stand over a string as it is read: from the bottom or the right. */
    private double figuresTo() {
        return along.x() > Tolerance.PARALLEL_SINE || along.y() > 0 ? 1 : -1;
    }

    private boolean shares(Chain chain, Chord chord) {
        return chain.lines().stream().anyMatch(l -> l != null && told.position(l) <= chord.to())
                && chain.lines().stream().anyMatch(l -> l != null && told.position(l) >= chord.from());
    }

    /** How far a line is from the edge of the room that it had better be near. */
    private double off(Chord chord, Near near) {
        double below = Double.POSITIVE_INFINITY, above = Double.POSITIVE_INFINITY;
        double middle = (chord.from() + chord.to()) / 2;
        for (List<Vec> ring : rings)
            for (int i = 1; i < ring.size(); i++) {
                double a = ring.get(i - 1).dot(along), b = ring.get(i).dot(along);
                if (a < middle == b < middle) continue;
                double at = ring.get(i - 1).dot(across);
                if (at < chord.across()) below = Math.min(below, chord.across() - at);
                else above = Math.min(above, at - chord.across());
            }
        return switch (near) {
            case LOW -> below;
            case HIGH -> above;
            case EITHER -> Math.min(below, above);
        };
    }
}
