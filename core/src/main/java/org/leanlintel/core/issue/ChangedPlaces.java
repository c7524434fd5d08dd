package org.leanlintel.core.issue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.picture.TakenBoxes;

/** Where a drawing shows something else than it did: boxes round the lines and words that went or came, those close by as one. */
final class ChangedPlaces {

    /** On paper, millimetres: places closer than that are one. */
    private static final double NEAR_MM = 8;

    /** As many places at most as anybody would look at one by one; where there are more, those further apart are one. */
    private static final int MOST = 12;

    /** Further apart two lines are not one. */
    private static final double SAME_MM = 0.5;

    /** How finely arcs are gone round. */
    private static final int POINTS = 8;

    private final double scale;
    private final List<Bounds> boxes = new ArrayList<>();

    private ChangedPlaces(double scale) {
        this.scale = scale;
    }

    /** @param apart elements that are not looked at */
    static List<Bounds> of(Picture was, Picture is, Set<ElementId> apart) {
        ChangedPlaces changed = new ChangedPlaces(is.scale());
        Map<ElementId, List<Item>> before = byElement(was, apart), after = byElement(is, apart);
        Set<ElementId> all = new HashSet<>(before.keySet());
        all.addAll(after.keySet());
        for (ElementId id : all) {
            List<Item> one = before.getOrDefault(id, List.of()), other = after.getOrDefault(id, List.of());
            if (one.equals(other)) continue;
            changed.past(one, other);
            changed.past(other, one);
        }
        return together(changed.boxes, NEAR_MM * is.scale());
    }

    private static Map<ElementId, List<Item>> byElement(Picture picture, Set<ElementId> apart) {
        Map<ElementId, List<Item>> items = new LinkedHashMap<>();
        for (Group g : picture.groups())
            if (!apart.contains(g.element()))
                items.computeIfAbsent(g.element(), id -> new ArrayList<>()).addAll(g.items());
        return items;
    }

    /** Boxes round what of some items is not among others. Tints and hatches lie within lines that tell of them. */
    private void past(List<Item> items, List<Item> others) {
        Set<Item> known = new HashSet<>(others);
        List<Stretch> lines = stretches(others);
        Set<Stretch> same = new HashSet<>(lines);
        for (Stretch s : stretches(items)) if (!same.contains(s)) s.past(lines, boxes);
        for (Item i : items) {
            if (known.contains(i)) continue;
            if (i instanceof Item.Text t) boxes.add(TakenBoxes.text(t, scale));
            if (i instanceof Item.Arc a) boxes.add(round(a));
        }
    }

    private static Bounds round(Item.Arc arc) {
        List<Vec> points = new ArrayList<>();
        for (int i = 0; i <= POINTS; i++)
            points.add(arc.centre().along(Vec.ofAngle(arc.from() + arc.sweep() * i / POINTS), arc.radius()));
        return Bounds.of(points);
    }

    private static List<Stretch> stretches(List<Item> items) {
        List<Stretch> all = new ArrayList<>();
        for (Item i : items) {
            if (!(i instanceof Item.Strokes strokes) || !strokes.prints()) continue;
            for (List<Vec> line : strokes.lines())
                for (int k = 1; k < line.size(); k++) all.add(new Stretch(line.get(k - 1), line.get(k)));
        }
        return all;
    }

    /** A straight piece of a line. */
    private record Stretch(Vec from, Vec to) {

        /** Boxes round what of it runs along none of others. */
        void past(List<Stretch> others, List<Bounds> boxes) {
            double length = from.distanceTo(to);
            if (length < SAME_MM) return;
            Vec along = to.minus(from).times(1 / length);
            List<double[]> covered = new ArrayList<>();
            for (Stretch o : others)
                if (isOn(o.from, along) && isOn(o.to, along)) {
                    double a = o.from.minus(from).dot(along),
                            b = o.to.minus(from).dot(along);
                    covered.add(new double[] {Math.min(a, b), Math.max(a, b)});
                }
            covered.sort((one, other) -> Double.compare(one[0], other[0]));
            double at = 0;
            for (double[] c : covered) {
                if (c[0] > at + SAME_MM) boxes.add(box(along, at, Math.min(c[0], length)));
                at = Math.max(at, c[1]);
                if (at >= length) break;
            }
            if (at < length - SAME_MM) boxes.add(box(along, at, length));
        }

        private boolean isOn(Vec point, Vec along) {
            return Math.abs(along.cross(point.minus(from))) < SAME_MM;
        }

        private Bounds box(Vec along, double start, double end) {
            return Bounds.of(List.of(from.along(along, start), from.along(along, end)));
        }
    }

    private static List<Bounds> together(List<Bounds> boxes, double near) {
        List<Bounds> apart = new ArrayList<>();
        for (Bounds b : boxes) {
            Bounds all = b;
            for (int i = 0; i < apart.size(); i++)
                if (apart.get(i).grown(near).meets(all)) {
                    all = all.with(apart.remove(i));
                    i = -1;
                }
            apart.add(all);
        }
        return apart.size() > MOST ? together(apart, 2 * near) : apart;
    }
}
