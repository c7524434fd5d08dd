package org.leanlintel.core.picture.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.picture.seen.View;

/** What an upright cut meets of bodies. */
public record Cut(SectionFrame frame) {

    private static final double THIN_MM = 0.01;

    /** One ply or piece as it is cut. @param slants what of it runs on a slope */
    public record Met(ElementId element, int ply, Material material, Does does, Area area, List<Slant> slants) {}

    /** A strip on a slope. @param from and {@code to}: along its lower edge; @param across from there square to its upper edge */
    public record Slant(Vec from, Vec to, Vec across) {}

    private record Ply(ElementId element, int ply, Material material) {}

    /** A piece of the cut's line, by x. */
    private record Stretch(double from, double to) {}

    /** What is cut of one element of a view, in the view's own plane. */
    public record Of(Key<View> view, ElementId element) implements Key<List<Met>> {
        @Override
        public List<Met> from(Reads reads) {
            View.Part part = reads.get(new View.Part.Of(view, element));
            return new Cut(part.frame()).met(part.bodies());
        }
    }

    /** All that is cut of a view. */
    public record All(Key<View> view) implements Key<List<Met>> {
        @Override
        public List<Met> from(Reads reads) {
            List<ElementId> elements = reads.get(view).elements();
            List<Met> all = new ArrayList<>();
            reads.all(elements.stream().map(e -> new Of(view, e)).toList()).forEach(all::addAll);
            return all;
        }
    }

    /** The same as shapes, which hide all beyond the cut. */
    public record Areas(Key<View> view) implements Key<List<Area>> {
        @Override
        public List<Area> from(Reads reads) {
            return reads.get(new All(view)).stream().map(Met::area).toList();
        }
    }

    /** What the cut meets, ply by ply: the bands of one ply are one area. */
    public List<Met> met(List<Body> bodies) {
        Map<Ply, List<Area>> areas = new LinkedHashMap<>();
        Map<Ply, Body> first = new LinkedHashMap<>();
        Map<Ply, Slants> slants = new LinkedHashMap<>();
        for (Body b : bodies) {
            Ply key = new Ply(b.element(), b.ply(), b.material());
            for (Stretch s : inside(b)) {
                List<Vec> ring = upright(s, b);
                areas.computeIfAbsent(key, k -> new ArrayList<>()).add(Area.of(ring));
                slants.computeIfAbsent(key, k -> new Slants()).add(ring);
                first.putIfAbsent(key, b);
            }
        }
        List<Met> met = new ArrayList<>();
        areas.forEach((key, parts) -> {
            Body b = Objects.requireNonNull(first.get(key));
            Area all = Area.union(parts);
            if (!all.isEmpty())
                met.add(new Met(
                        key.element(),
                        key.ply(),
                        b.material(),
                        b.does(),
                        all,
                        Objects.requireNonNull(slants.get(key)).all()));
        });
        return met;
    }

    /** From left to right, what of the cut's line is inside a body's outline. */
    private List<Stretch> inside(Body b) {
        List<Vec> ring = b.outline().stream().map(frame::seen).toList();
        List<Double> crossings = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Vec from = ring.get(i), to = ring.get((i + 1) % ring.size());
            double p = from.y(), q = to.y();
            if (p >= 0 != q >= 0) crossings.add(from.x() + (to.x() - from.x()) * p / (p - q));
        }
        crossings.sort(null);
        List<Stretch> inside = new ArrayList<>();
        for (int i = 1; i < crossings.size(); i += 2) {
            double from = Math.max(frame.startMm(), crossings.get(i - 1));
            double to = Math.min(frame.endMm(), crossings.get(i));
            if (to - from > THIN_MM) inside.add(new Stretch(from, to));
        }
        return inside;
    }

    private List<Vec> upright(Stretch s, Body b) {
        Vec p = frame.plan(new Vec(s.from, 0)), q = frame.plan(new Vec(s.to, 0));
        return List.of(
                new Vec(s.from, b.low().at(p)),
                new Vec(s.to, b.low().at(q)),
                new Vec(s.to, b.high().at(q)),
                new Vec(s.from, b.high().at(p)));
    }
}
