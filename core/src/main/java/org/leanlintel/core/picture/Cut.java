package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.SectionFrame;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;

/** An upright cut through bodies: what it meets, and what lies beyond. */
record Cut(SectionFrame frame) {

    private static final double THIN_MM = 0.01;

    /** One ply or piece as it is cut. */
    record Met(ElementId element, int ply, Material material, Does does, Area area) {}

    /** What of one element is seen beyond the cut. @param nearestMm how far beyond it begins */
    record Beyond(ElementId element, Area shape, double nearestMm) {}

    private record Key(ElementId element, int ply, Material material) {}

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
            Body b = Objects.requireNonNull(first.get(key));
            met.add(new Met(key.element(), key.ply(), b.material(), b.does(), Area.union(parts)));
        });
        return met;
    }

    /** The areas in which the cut goes through one body. */
    private List<List<Vec>> rings(Body b) {
        return inside(b, 0).stream().map(side -> upright(side, b)).toList();
    }

    /** From left to right, what of a line so far beyond the cut is inside a body's outline. */
    private List<Side> inside(Body b, double deepMm) {
        List<Double> crossings = new ArrayList<>();
        for (Side side : sides(b)) {
            double p = side.from.y() - deepMm, q = side.to.y() - deepMm;
            if (p >= 0 != q >= 0) crossings.add(side.at(p / (p - q)).x());
        }
        crossings.sort(null);
        List<Side> inside = new ArrayList<>();
        for (int i = 1; i < crossings.size(); i += 2) {
            double from = Math.max(0, crossings.get(i - 1)), to = Math.min(frame.lengthMm(), crossings.get(i));
            if (to - from > THIN_MM) inside.add(new Side(new Vec(from, deepMm), new Vec(to, deepMm)));
        }
        return inside;
    }

    /** A body's outline as the cut sees it: x along it, y away from it. */
    private List<Side> sides(Body b) {
        List<Vec> ring = b.outline().stream().map(frame::seen).toList();
        List<Side> sides = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) sides.add(new Side(ring.get(i), ring.get((i + 1) % ring.size())));
        return sides;
    }

    /** What stands over a side of a body. */
    private List<Vec> upright(Side side, Body b) {
        Vec p = frame.plan(side.from), q = frame.plan(side.to);
        return List.of(
                new Vec(side.from.x(), b.low().at(p)),
                new Vec(side.to.x(), b.low().at(q)),
                new Vec(side.to.x(), b.high().at(q)),
                new Vec(side.from.x(), b.high().at(p)));
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
        List<List<Vec>> faces = new ArrayList<>();
        double nearest = Double.POSITIVE_INFINITY;
        for (Body b : bodies)
            for (Side side : seen(b)) {
                nearest = Math.min(nearest, Math.min(side.from.y(), side.to.y()));
                faces.add(upright(side, b));
            }
        Area shape = together(faces);
        return shape.isEmpty() ? null : new Beyond(element, shape, nearest);
    }

    /** Most plies of a wall look alike from the side: upright rectangles within others are left out beforehand, as joining is slow. */
    private static Area together(List<List<Vec>> faces) {
        List<Area> parts = new ArrayList<>();
        List<Bounds> rectangles = new ArrayList<>();
        for (List<Vec> face : faces) {
            boolean level = face.get(0).y() == face.get(1).y()
                    && face.get(2).y() == face.get(3).y();
            if (level) rectangles.add(Bounds.of(face));
            else parts.add(Area.of(face));
        }
        rectangles.sort(
                Comparator.comparingDouble((Bounds b) -> b.width() * b.height()).reversed());
        List<Bounds> outer = new ArrayList<>();
        for (Bounds b : rectangles) if (outer.stream().noneMatch(o -> o.covers(b))) outer.add(b);
        for (Bounds b : outer) parts.add(Area.rectangle(b.minX(), b.minY(), b.width(), b.height()));
        return Area.union(parts);
    }

    /** The sides of a body between the cut and as far as it looks, those at either end of that with them. */
    private List<Side> seen(Body b) {
        List<Side> seen = new ArrayList<>(inside(b, 0));
        seen.addAll(inside(b, frame.depthMm()));
        for (Side side : sides(b))
            if (side.within(frame.lengthMm(), frame.depthMm()) instanceof Side part) seen.add(part);
        return seen;
    }

    /** One side of an outline, x along the cut and y away from it. */
    private record Side(Vec from, Vec to) {

        Vec at(double share) {
            return from.plus(to.minus(from).times(share));
        }

        /** What of it is in a rectangle from the origin, if more than its edge on. */
        @Nullable
        Side within(double lengthMm, double depthMm) {
            Vec on = to.minus(from);
            if (Math.abs(on.x()) < THIN_MM) return null;
            double[] in = {0, 1};
            clip(in, from.x(), on.x(), lengthMm);
            clip(in, from.y(), on.y(), depthMm);
            return (in[1] - in[0]) * Math.abs(on.x()) < THIN_MM ? null : new Side(at(in[0]), at(in[1]));
        }

        private static void clip(double[] in, double start, double by, double most) {
            if (by == 0) {
                if (start < 0 || start > most) in[1] = in[0];
                return;
            }
            double one = -start / by, two = (most - start) / by;
            in[0] = Math.max(in[0], Math.min(one, two));
            in[1] = Math.min(in[1], Math.max(one, two));
        }
    }
}
