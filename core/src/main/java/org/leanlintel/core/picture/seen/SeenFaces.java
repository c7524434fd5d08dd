package org.leanlintel.core.picture.seen;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Clip;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.SideBySide;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;

/** The faces of bodies that look towards an upright plane and lie beyond it, those of one element in one plane as one. */
final class SeenFaces {

    private static final double THIN_MM = 0.01;

    /** Rise per run under which a slope is seen edge on. */
    private static final double EDGE_ON = 1e-4;

    /** How finely planes are told apart: millimetres of depth, and of slope per metre. */
    private static final double SAME_DEPTH_MM = 0.5, SAME_SLOPE = 1e3;

    private final SectionFrame frame;
    private final Map<Flush, List<List<Vec>>> rings = new LinkedHashMap<>();
    private final Map<Flush, Flat> flats = new LinkedHashMap<>();

    private record Flush(ElementId element, Material material, long depth, long slopeX, long slopeY) {}

    private record Flat(Plane depth, SeenFace.Lies lies) {}

    /** Those of one element in a view. */
    record Of(Key<View> view, ElementId element) implements Key<List<SeenFace>> {
        @Override
        public List<SeenFace> from(Reads reads) {
            View.Part part = reads.get(new View.Part.Of(view, element));
            return of(part.bodies(), part.frame());
        }
    }

    private SeenFaces(SectionFrame frame) {
        this.frame = frame;
    }

    /** The nearest first. */
    static List<SeenFace> of(List<Body> bodies, SectionFrame frame) {
        SeenFaces seen = new SeenFaces(frame);
        bodies.forEach(seen::add);
        List<SeenFace> faces = new ArrayList<>();
        for (Shape s : SideBySide.map(seen.rings.keySet(), seen::shape)) {
            Flat flat = Objects.requireNonNull(seen.flats.get(s.key));
            if (!s.area.isEmpty()) faces.add(SeenFace.of(s.key.element, s.key.material, s.area, flat.depth, flat.lies));
        }
        faces.sort(Comparator.comparingDouble(SeenFace::near));
        return faces;
    }

    private record Shape(Flush key, Area area) {}

    private Shape shape(Flush key) {
        return new Shape(key, together(Objects.requireNonNull(rings.get(key))));
    }

    private void add(Body b) {
        List<Vec> ring = b.outline().stream().map(frame::seen).toList();
        for (int i = 0; i < ring.size(); i++) side(b, ring.get(i), ring.get((i + 1) % ring.size()));
        slope(b, ring, b.high(), 1);
        slope(b, ring, b.low(), -1);
    }

    /** A side that looks this way runs from left to right. */
    private void side(Body b, Vec from, Vec to) {
        Vec on = to.minus(from);
        if (on.x() < THIN_MM) return;
        double[] part = {0, 1};
        clip(part, from.x() - frame.startMm(), on.x(), frame.endMm() - frame.startMm());
        clip(part, from.y(), on.y(), frame.depthMm());
        if ((part[1] - part[0]) * on.x() < THIN_MM) return;
        Vec p = from.plus(on.times(part[0])), q = from.plus(on.times(part[1]));
        Vec planP = frame.plan(p), planQ = frame.plan(q);
        List<Vec> face = List.of(
                new Vec(p.x(), b.low().at(planP)),
                new Vec(q.x(), b.low().at(planQ)),
                new Vec(q.x(), b.high().at(planQ)),
                new Vec(p.x(), b.high().at(planP)));
        double rate = on.y() / on.x();
        Plane depth = new Plane(from.y() - from.x() * rate, new Vec(rate, 0));
        put(b, face, depth, new SeenFace.Upright(on.x() / on.length()));
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

    /** An upper face rises away from who looks at it, a lower one falls. @param upwards 1 for an upper one, else -1 */
    private void slope(Body b, List<Vec> ring, Plane plane, int upwards) {
        double along = plane.slope().dot(frame.right()), away = plane.slope().dot(frame.away());
        if (away * upwards < EDGE_ON) return;
        List<Vec> within = Clip.between(ring, Vec.ORIGIN, new Vec(0, 1), 0, frame.depthMm());
        if (within.isEmpty()) return;
        within = Clip.between(within, Vec.ORIGIN, new Vec(1, 0), frame.startMm(), frame.endMm());
        if (within.isEmpty()) return;
        double over = plane.at(frame.at());
        List<Vec> face = within.stream()
                .map(p -> new Vec(p.x(), over + along * p.x() + away * p.y()))
                .toList();
        Plane depth = new Plane(-over / away, new Vec(-along / away, 1 / away));
        put(b, face, depth, new SeenFace.Sloping(plane));
    }

    private void put(Body b, List<Vec> face, Plane depth, SeenFace.Lies lies) {
        Flush key = new Flush(
                b.element(),
                b.material(),
                Math.round(depth.at(face.getFirst().times(0)) / SAME_DEPTH_MM),
                Math.round(depth.slope().x() * SAME_SLOPE),
                Math.round(depth.slope().y() * SAME_SLOPE));
        rings.computeIfAbsent(key, k -> new ArrayList<>()).add(face);
        flats.putIfAbsent(key, new Flat(depth, lies));
    }

    /** Rectangles within others are left out beforehand, as joining is slow. */
    private static Area together(List<List<Vec>> faces) {
        List<Area> parts = new ArrayList<>();
        List<Bounds> rectangles = new ArrayList<>();
        for (List<Vec> face : faces) {
            boolean level = face.size() == 4
                    && face.get(0).y() == face.get(1).y()
                    && face.get(2).y() == face.get(3).y()
                    && face.get(1).x() == face.get(2).x();
            if (level) rectangles.add(Bounds.of(face));
            else {
                Area area = Area.of(face);
                if (!area.isEmpty() && area.isClean()) parts.add(area);
            }
        }
        rectangles.sort(
                Comparator.comparingDouble((Bounds b) -> b.width() * b.height()).reversed());
        List<Bounds> outer = new ArrayList<>();
        for (Bounds b : rectangles) if (b.height() > 0 && outer.stream().noneMatch(o -> o.covers(b))) outer.add(b);
        for (Bounds b : outer) parts.add(Area.rectangle(b.minX(), b.minY(), b.width(), b.height()));
        return parts.size() == 1 ? parts.getFirst() : Area.union(parts);
    }
}
