package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.PenRole;

/** Cuts what is drawn off along the edges of a region. Words show where they begin inside it. */
public final class InFrame {

    /** Angles closer than that, in radians, are one. */
    private static final double SAME_ANGLE = 1e-9;

    private final Region region;

    public InFrame(Region region) {
        this.region = region;
    }

    /** What of a group lies inside; null where nothing does. */
    @Nullable
    public Group of(Group group) {
        List<Item> items = new ArrayList<>();
        for (Item item : group.items()) add(item, items);
        if (items.isEmpty()) return null;
        List<Catch> catches = group.catches().stream()
                .map(this::held)
                .filter(Objects::nonNull)
                .toList();
        List<List<Vec>> ground =
                group.ground().stream().flatMap(r -> ring(r).stream()).toList();
        return new Group(group.element(), group.layer(), items, catches, ground, group.drawing());
    }

    private @Nullable Catch held(Catch c) {
        if (c.from().equals(c.to())) return region.keeps(c.from()) ? c : null;
        List<List<Vec>> left = along(List.of(c.from(), c.to()));
        if (left.isEmpty()) return null;
        return new Catch(
                c.words(), c.hold(), left.getFirst().getFirst(), left.getFirst().getLast());
    }

    private void add(Item item, List<Item> items) {
        switch (item) {
            case Item.Fill f -> {
                for (List<Vec> ring : ring(f.ring())) items.add(new Item.Fill(f.tint(), ring, f.over()));
            }
            case Item.Hatch h -> {
                List<List<Vec>> rings = rings(h.rings());
                if (!rings.isEmpty()) items.add(new Item.Hatch(h.pen(), rings, h.degrees(), h.origin(), h.pitch()));
            }
            case Item.Wave w -> {
                Bounds all = Bounds.of(List.of(w.from(), w.to(), w.from().plus(w.across()), w.to().plus(w.across())));
                if (region.keepsAll(all)) items.add(w);
                else if (!region.misses(all))
                    strokes(new Item.Strokes(PenRole.HATCH, w.pen(), List.of(HatchLines.of(w))), items);
            }
            case Item.Strokes s -> strokes(s, items);
            case Item.Arc a -> arc(a, items);
            case Item.Text t -> {
                if (region.keeps(t.at())) items.add(t);
            }
            case Item.Image i -> items.add(i);
            case Item.Traced t -> items.add(t);
        }
    }

    private void strokes(Item.Strokes s, List<Item> items) {
        List<List<Vec>> lines = new ArrayList<>();
        for (List<Vec> line : s.lines()) lines.addAll(along(line));
        if (!lines.isEmpty()) items.add(new Item.Strokes(s.role(), s.pen(), lines));
    }

    private List<List<Vec>> along(List<Vec> line) {
        Bounds bounds = Bounds.of(line);
        if (region.keepsAll(bounds)) return List.of(line);
        return region.misses(bounds) ? List.of() : region.along(line);
    }

    private List<List<Vec>> ring(List<Vec> ring) {
        Bounds bounds = Bounds.of(ring);
        if (region.keepsAll(bounds)) return List.of(ring);
        return region.misses(bounds) ? List.of() : region.inside(ring);
    }

    private List<List<Vec>> rings(List<List<Vec>> rings) {
        Bounds bounds = Bounds.of(rings.stream().flatMap(List::stream).toList());
        if (region.keepsAll(bounds)) return rings;
        return region.misses(bounds) ? List.of() : region.inside(rings.getFirst(), rings.subList(1, rings.size()));
    }

    /** The stretches of an arc between where it crosses the region's edges. */
    private void arc(Item.Arc a, List<Item> items) {
        List<Double> turns = new ArrayList<>(List.of(0.0, a.sweep()));
        List<Vec> ring = region.ring();
        for (int i = 0; i < ring.size(); i++) crossings(a, ring.get(i), ring.get((i + 1) % ring.size()), turns);
        turns.sort(a.sweep() < 0 ? (one, two) -> Double.compare(two, one) : Double::compare);
        double from = Double.NaN;
        for (int i = 1; i < turns.size(); i++) {
            double start = turns.get(i - 1), end = turns.get(i);
            boolean inside = region.keeps(at(a, (start + end) / 2));
            if (inside && Double.isNaN(from)) from = start;
            if (!inside || i == turns.size() - 1) {
                double last = inside ? end : start;
                if (!Double.isNaN(from) && Math.abs(last - from) > SAME_ANGLE)
                    items.add(new Item.Arc(a.role(), a.pen(), a.centre(), a.radius(), a.from() + from, last - from));
                from = Double.NaN;
            }
        }
    }

    /** Where an arc's circle crosses the line through an edge: more places than need be do no harm. */
    private static void crossings(Item.Arc a, Vec p, Vec q, List<Double> turns) {
        Vec along = q.minus(p).unit();
        Vec foot = p.along(along, a.centre().minus(p).dot(along));
        double off = foot.distanceTo(a.centre());
        if (off >= a.radius()) return;
        double half = Math.sqrt(a.radius() * a.radius() - off * off);
        for (double side : new double[] {-half, half}) {
            double angle = foot.along(along, side).minus(a.centre()).angle();
            double turn = (angle - a.from()) % Math.TAU;
            if (a.sweep() >= 0 && turn < 0) turn += Math.TAU;
            if (a.sweep() < 0 && turn > 0) turn -= Math.TAU;
            if (Math.abs(turn) < Math.abs(a.sweep())) turns.add(turn);
        }
    }

    private static Vec at(Item.Arc a, double turn) {
        return a.centre().along(Vec.ofAngle(a.from() + turn), a.radius());
    }
}
