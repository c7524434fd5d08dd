package org.leanlintel.core.roof;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;

/**
 * Rings of fronts made anew from their segments at one height: what lies within a tolerance is one point, segments end at points
 * on them, those that lead there and back are struck out, and what is left is walked along with the roof to the left.
 */
final class Rings {

    /** A piece of a front. */
    record Segment(Front front, Vec from, Vec to) {}

    /** Two fronts that have met along a line. */
    record Struck(Front one, Front other, Vec from, Vec to) {}

    private record Ends(Vec from, Vec to) {}

    private final double epsMm;
    private final List<Vec> points = new ArrayList<>();
    private final List<Struck> struck = new ArrayList<>();
    private final List<List<Segment>> rings = new ArrayList<>();

    /** @param epsMm how far apart points are one */
    Rings(List<Segment> segments, double epsMm) {
        this.epsMm = epsMm;
        List<Segment> snapped = new ArrayList<>();
        for (Segment s : segments) {
            Vec from = point(s.from), to = point(s.to);
            if (!from.equals(to)) snapped.add(new Segment(s.front, from, to));
        }
        List<Segment> split = new ArrayList<>();
        for (Segment s : snapped) split(s, split);
        for (List<Segment> ring : walk(strikeOut(split))) {
            List<Segment> joined = joined(ring);
            if (joined.size() >= 3 && Math.abs(area(joined)) > epsMm * length(joined)) rings.add(joined);
        }
    }

    List<List<Segment>> rings() {
        return rings;
    }

    List<Struck> struck() {
        return struck;
    }

    private Vec point(Vec p) {
        for (Vec known : points) if (known.distanceTo(p) <= epsMm) return known;
        points.add(p);
        return p;
    }

    private void split(Segment s, List<Segment> into) {
        Vec along = s.to.minus(s.from);
        double length = along.length();
        Vec unit = along.unit();
        List<Vec> on = new ArrayList<>();
        for (Vec p : points) {
            Vec from = p.minus(s.from);
            double at = from.dot(unit);
            if (at > epsMm && at < length - epsMm && Math.abs(unit.cross(from)) <= epsMm) on.add(p);
        }
        on.sort(Comparator.comparingDouble(p -> p.minus(s.from).dot(unit)));
        Vec last = s.from;
        for (Vec p : on) {
            into.add(new Segment(s.front, last, p));
            last = p;
        }
        into.add(new Segment(s.front, last, s.to));
    }

    private List<Segment> strikeOut(List<Segment> segments) {
        Map<Ends, Segment> left = new LinkedHashMap<>();
        for (Segment s : segments) {
            Segment back = left.remove(new Ends(s.to, s.from));
            if (back == null) left.put(new Ends(s.from, s.to), s);
            else struck.add(new Struck(back.front, s.front, s.from, s.to));
        }
        return List.copyOf(left.values());
    }

    private static List<List<Segment>> walk(List<Segment> segments) {
        Map<Vec, List<Segment>> from = new HashMap<>();
        for (Segment s : segments)
            from.computeIfAbsent(s.from, p -> new ArrayList<>()).add(s);
        List<List<Segment>> walked = new ArrayList<>();
        for (Segment first : segments) {
            if (!Objects.requireNonNull(from.get(first.from)).contains(first)) continue;
            List<Segment> ring = new ArrayList<>();
            Segment now = first;
            do {
                ring.add(now);
                now = next(now, from.getOrDefault(now.to, List.of()));
            } while (now != null && now != first);
            for (Segment s : ring) Objects.requireNonNull(from.get(s.from)).remove(s);
            if (now == first) walked.add(ring);
        }
        return walked;
    }

    /** The first outgoing one clockwise from the way back. */
    private static @Nullable Segment next(Segment now, List<Segment> outgoing) {
        double back = now.from.minus(now.to).angle();
        Segment best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Segment s : outgoing) {
            double turn = back - s.to.minus(s.from).angle();
            while (turn <= 1e-12) turn += 2 * Math.PI;
            while (turn > 2 * Math.PI + 1e-12) turn -= 2 * Math.PI;
            if (turn < least) {
                least = turn;
                best = s;
            }
        }
        return best;
    }

    /** Pieces of one front that follow each other are one. */
    private static List<Segment> joined(List<Segment> ring) {
        List<Segment> joined = new ArrayList<>();
        for (Segment s : ring) {
            Segment last = joined.isEmpty() ? null : joined.getLast();
            if (last != null && last.front == s.front)
                joined.set(joined.size() - 1, new Segment(s.front, last.from, s.to));
            else joined.add(s);
        }
        if (joined.size() > 1 && joined.getFirst().front == joined.getLast().front) {
            Segment last = joined.removeLast();
            joined.set(0, new Segment(last.front, last.from, joined.getFirst().to));
        }
        return joined;
    }

    private static double area(List<Segment> ring) {
        Vec origin = ring.getFirst().from;
        double twice = 0;
        for (Segment s : ring) twice += s.from.minus(origin).cross(s.to.minus(origin));
        return twice / 2;
    }

    private static double length(List<Segment> ring) {
        return ring.stream().mapToDouble(s -> s.from.distanceTo(s.to)).sum();
    }
}
