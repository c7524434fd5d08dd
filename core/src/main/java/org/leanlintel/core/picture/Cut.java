package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;

/**
 * An upright cut through bodies: what it meets, and what lies beyond. In the picture, x runs along the cut from its start
 * as it is looked at from left to right, and y is the height above the project's zero.
 *
 * @param at where x is 0
 * @param right the direction of x in plan
 * @param lengthMm how far the cut goes
 * @param depthMm how far beyond it is looked
 */
record Cut(Vec at, Vec right, double lengthMm, double depthMm) {

    /** One ply or piece as it is cut. */
    record Met(ElementId element, int ply, Material material, Does does, Area area) {}

    /** What of one element is seen beyond the cut. @param nearestMm how far beyond it begins */
    record Beyond(ElementId element, Area shape, List<List<Vec>> edges, double nearestMm) {}

    private record Key(ElementId element, int ply, Material material) {}

    /** Left of the line of the cut, as it runs from left to right, lies what is looked at. */
    private Vec away() {
        return right.left();
    }

    /** What the cut meets, ply by ply: the bands of one ply are one area. */
    List<Met> met(List<Body> bodies) {
        Map<Key, List<Area>> areas = new LinkedHashMap<>();
        Map<Key, Body> first = new LinkedHashMap<>();
        for (Body b : bodies) {
            Key key = new Key(b.element(), b.ply(), b.material());
            for (List<Vec> ring : rings(b)) {
                areas.computeIfAbsent(key, k -> new ArrayList<>()).add(Area.of(ring));
                first.putIfAbsent(key, b);
            }
        }
        List<Met> met = new ArrayList<>();
        areas.forEach((key, parts) -> {
            Body b = first.get(key);
            met.add(new Met(key.element(), key.ply(), b.material(), b.does(), Area.union(parts)));
        });
        return met;
    }

    /** The areas in which the cut goes through one body. */
    private List<List<Vec>> rings(Body b) {
        List<double[]> crossings = new ArrayList<>();
        List<Vec> ring = b.outline();
        Vec across = away();
        for (int i = 0; i < ring.size(); i++) {
            Vec p = ring.get(i).minus(at), q = ring.get((i + 1) % ring.size()).minus(at);
            double dp = p.dot(across), dq = q.dot(across);
            if (dp >= 0 == dq >= 0) continue;
            crossings.add(new double[] {p.along(q.minus(p), dp / (dp - dq)).dot(right)});
        }
        crossings.sort((one, two) -> Double.compare(one[0], two[0]));
        List<List<Vec>> rings = new ArrayList<>();
        for (int i = 1; i < crossings.size(); i += 2) {
            double from = Math.max(0, crossings.get(i - 1)[0]),
                    to = Math.min(lengthMm, crossings.get(i)[0]);
            if (to - from < 0.01) continue;
            Vec one = at.along(right, from), two = at.along(right, to);
            rings.add(List.of(
                    new Vec(from, b.low().at(one)),
                    new Vec(to, b.low().at(two)),
                    new Vec(to, b.high().at(two)),
                    new Vec(from, b.high().at(one))));
        }
        return rings;
    }

    /** What lies beyond the cut, element by element. */
    List<Beyond> beyond(List<Body> bodies) {
        Map<ElementId, List<Body>> byElement = new LinkedHashMap<>();
        for (Body b : bodies)
            byElement.computeIfAbsent(b.element(), e -> new ArrayList<>()).add(b);
        List<Beyond> beyond = new ArrayList<>();
        byElement.forEach((element, of) -> {
            if (beyond(element, of) instanceof Beyond seen) beyond.add(seen);
        });
        beyond.sort((one, two) -> Double.compare(one.nearestMm, two.nearestMm));
        return beyond;
    }

    private @Nullable Beyond beyond(ElementId element, List<Body> bodies) {
        List<Area> faces = new ArrayList<>();
        List<List<Vec>> edges = new ArrayList<>();
        double nearest = Double.POSITIVE_INFINITY;
        for (Body b : bodies) {
            List<Vec> ring = within(b);
            if (ring.isEmpty()) continue;
            for (Vec p : ring) nearest = Math.min(nearest, p.minus(at).dot(away()));
            Area shape = shape(ring, b);
            if (shape.isEmpty()) continue;
            faces.add(shape);
        }
        if (faces.isEmpty()) return null;
        Area shape = Area.union(faces);
        edges.addAll(shape.rings());
        return new Beyond(element, shape, edges, Math.max(0, nearest));
    }

    /** What of a body's outline lies beyond the cut and not further than it looks. */
    private List<Vec> within(Body b) {
        Vec far = at.along(away(), depthMm), end = at.along(right, lengthMm);
        boolean some = false, all = true;
        for (Vec p : b.outline()) {
            boolean in = isWithin(p);
            some |= in;
            all &= in;
        }
        if (all) return b.outline();
        if (!some && !crosses(b)) return List.of();
        Area seen = Area.of(List.of(at, end, end.along(away(), depthMm), far)).and(Area.of(b.outline()));
        return seen.isEmpty() ? List.of() : seen.rings().getFirst();
    }

    private boolean isWithin(Vec p) {
        double x = p.minus(at).dot(right), deep = p.minus(at).dot(away());
        return x >= 0 && x <= lengthMm && deep >= 0 && deep <= depthMm;
    }

    private boolean crosses(Body b) {
        double low = Double.POSITIVE_INFINITY, high = Double.NEGATIVE_INFINITY;
        for (Vec p : b.outline()) {
            double deep = p.minus(at).dot(away());
            low = Math.min(low, deep);
            high = Math.max(high, deep);
        }
        return high > 0 && low < depthMm;
    }

    /** A body as it is seen: all its sides together. */
    private Area shape(List<Vec> ring, Body b) {
        List<Area> sides = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Vec p = ring.get(i), q = ring.get((i + 1) % ring.size());
            double xp = p.minus(at).dot(right), xq = q.minus(at).dot(right);
            if (Math.abs(xp - xq) < 0.01) continue;
            sides.add(Area.of(List.of(
                    new Vec(xp, b.low().at(p)),
                    new Vec(xq, b.low().at(q)),
                    new Vec(xq, b.high().at(q)),
                    new Vec(xp, b.high().at(p)))));
        }
        return sides.isEmpty() ? Area.NONE : Area.union(sides);
    }
}
