package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Clip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;

/** Cuts what is drawn off along a rectangle. Words show where they begin inside it. */
final class InFrame {

    /** Angles closer than that, in radians, are one. */
    private static final double SAME_ANGLE = 1e-9;

    private final Bounds frame;

    InFrame(Bounds frame) {
        this.frame = frame;
    }

    /** What of a group lies inside; null where nothing does. */
    @Nullable
    Group of(Group group) {
        List<Item> items = new ArrayList<>();
        for (Item item : group.items()) add(item, items);
        if (items.isEmpty()) return null;
        List<Catch> catches = group.catches().stream()
                .map(this::held)
                .filter(Objects::nonNull)
                .toList();
        List<List<Vec>> ground = group.ground().stream()
                .map(this::ring)
                .filter(r -> !r.isEmpty())
                .toList();
        return new Group(group.element(), group.layer(), items, catches, ground, group.drawing());
    }

    private @Nullable Catch held(Catch c) {
        List<Vec> left = segment(c.from(), c.to());
        if (left.isEmpty()) return null;
        return new Catch(c.words(), c.hold(), left.getFirst(), left.getLast());
    }

    private void add(Item item, List<Item> items) {
        switch (item) {
            case Item.Fill f -> {
                List<Vec> ring = ring(f.ring());
                if (!ring.isEmpty()) items.add(new Item.Fill(f.tint(), ring));
            }
            case Item.Hatch h -> {
                List<List<Vec>> rings = h.rings().stream()
                        .map(this::ring)
                        .filter(r -> !r.isEmpty())
                        .toList();
                if (!rings.isEmpty()) items.add(new Item.Hatch(h.pen(), rings, h.degrees(), h.origin(), h.pitch()));
            }
            case Item.Wave w -> {
                Bounds all = Bounds.of(List.of(w.from(), w.to(), w.from().plus(w.across()), w.to().plus(w.across())));
                if (frame.covers(all)) items.add(w);
                else if (frame.meets(all))
                    strokes(new Item.Strokes(PenRole.HATCH, w.pen(), List.of(HatchLines.of(w))), items);
            }
            case Item.Strokes s -> strokes(s, items);
            case Item.Arc a -> arc(a, items);
            case Item.Text t -> {
                if (frame.covers(t.at())) items.add(t);
            }
            case Item.Traced t -> items.add(t);
        }
    }

    private void strokes(Item.Strokes s, List<Item> items) {
        List<List<Vec>> lines = new ArrayList<>();
        for (List<Vec> line : s.lines()) {
            if (frame.covers(Bounds.of(line))) lines.add(line);
            else pieces(line, lines);
        }
        if (!lines.isEmpty()) items.add(new Item.Strokes(s.role(), s.pen(), lines));
    }

    private void pieces(List<Vec> line, List<List<Vec>> pieces) {
        List<Vec> piece = new ArrayList<>();
        for (int i = 1; i < line.size(); i++) {
            List<Vec> inside = segment(line.get(i - 1), line.get(i));
            boolean goesOn =
                    !inside.isEmpty() && !piece.isEmpty() && piece.getLast().equals(inside.getFirst());
            if (!goesOn && piece.size() > 1) pieces.add(List.copyOf(piece));
            if (!goesOn) piece.clear();
            if (inside.isEmpty()) continue;
            if (piece.isEmpty()) piece.add(inside.getFirst());
            piece.add(inside.getLast());
        }
        if (piece.size() > 1) pieces.add(List.copyOf(piece));
    }

    /** What of a segment lies inside: two points, or none. */
    private List<Vec> segment(Vec p, Vec q) {
        double from = 0, to = 1;
        double[] steps = {p.x() - q.x(), q.x() - p.x(), p.y() - q.y(), q.y() - p.y()};
        double[] rooms = {p.x() - frame.minX(), frame.maxX() - p.x(), p.y() - frame.minY(), frame.maxY() - p.y()};
        for (int i = 0; i < 4; i++) {
            if (steps[i] == 0 && rooms[i] < 0) return List.of();
            if (steps[i] < 0) from = Math.max(from, rooms[i] / steps[i]);
            if (steps[i] > 0) to = Math.min(to, rooms[i] / steps[i]);
        }
        if (from > to) return List.of();
        Vec along = q.minus(p);
        return List.of(from == 0 ? p : p.along(along, from), to == 1 ? q : p.along(along, to));
    }

    private List<Vec> ring(List<Vec> ring) {
        if (frame.covers(Bounds.of(ring))) return ring;
        Vec low = new Vec(frame.minX(), frame.minY());
        List<Vec> across = Clip.between(ring, low, new Vec(1, 0), 0, frame.width());
        return across.isEmpty() ? across : Clip.between(across, low, new Vec(0, 1), 0, frame.height());
    }

    /** The stretches of an arc between where it crosses the frame. */
    private void arc(Item.Arc a, List<Item> items) {
        List<Double> turns = new ArrayList<>(List.of(0.0, a.sweep()));
        for (double x : new double[] {frame.minX(), frame.maxX()})
            crossings(a, Math.acos((x - a.centre().x()) / a.radius()), turns);
        for (double y : new double[] {frame.minY(), frame.maxY()}) {
            double angle = Math.asin((y - a.centre().y()) / a.radius());
            crossing(a, angle, turns);
            crossing(a, Math.PI - angle, turns);
        }
        turns.sort(a.sweep() < 0 ? (one, two) -> Double.compare(two, one) : Double::compare);
        double from = Double.NaN;
        for (int i = 1; i < turns.size(); i++) {
            double start = turns.get(i - 1), end = turns.get(i);
            boolean inside = frame.covers(at(a, (start + end) / 2));
            if (inside && Double.isNaN(from)) from = start;
            if (!inside || i == turns.size() - 1) {
                double last = inside ? end : start;
                if (!Double.isNaN(from) && Math.abs(last - from) > SAME_ANGLE)
                    items.add(new Item.Arc(a.role(), a.pen(), a.centre(), a.radius(), a.from() + from, last - from));
                from = Double.NaN;
            }
        }
    }

    private static void crossings(Item.Arc a, double angle, List<Double> turns) {
        crossing(a, angle, turns);
        crossing(a, -angle, turns);
    }

    /** @param angle of a crossing about the centre; not a number where there is none */
    private static void crossing(Item.Arc a, double angle, List<Double> turns) {
        if (Double.isNaN(angle)) return;
        double turn = (angle - a.from()) % Math.TAU;
        if (a.sweep() >= 0 && turn < 0) turn += Math.TAU;
        if (a.sweep() < 0 && turn > 0) turn -= Math.TAU;
        if (Math.abs(turn) < Math.abs(a.sweep())) turns.add(turn);
    }

    private static Vec at(Item.Arc a, double turn) {
        return a.centre().along(Vec.ofAngle(a.from() + turn), a.radius());
    }
}
