package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.Plain;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.truss.Member;

/** The timbers of trusses: each in upright slices from corner to corner of its shape. Drawings that show heights know them, checks do not. */
public final class TrussBodies {

    private static final String WOOD = "#e9d9b8";
    private static final double THIN_MM = 0.05;

    /** One of its own for each kind, and a second for webs, so that lines are drawn where they meet. */
    private static final Map<Member.Kind, Material> MATERIALS = new EnumMap<>(Map.of(
            Member.Kind.TOP_CHORD,
            Plain.of("truss-top", WOOD),
            Member.Kind.BOTTOM_CHORD,
            Plain.of("truss-bottom", WOOD),
            Member.Kind.WEB,
            Plain.of("truss-web", WOOD)));

    private final BuiltTruss built;
    private final List<Body> bodies = new ArrayList<>();

    /** None where they cannot stand. */
    public record Of(ElementId truss) implements Key<List<Body>> {
        @Override
        public List<Body> from(Reads reads) {
            return Building.in(reads).get(new BuiltTruss.Of(truss)) instanceof BuiltTruss built
                    ? new TrussBodies(built).all()
                    : List.of();
        }
    }

    private TrussBodies(BuiltTruss built) {
        this.built = built;
    }

    private List<Body> all() {
        for (Member m : built.shape().members())
            for (List<Vec> ring : m.shape().ringsWithoutHoles()) slices(ring, m.kind());
        return List.copyOf(bodies);
    }

    private void slices(List<Vec> ring, Member.Kind kind) {
        double[] corners = ring.stream().mapToDouble(Vec::x).distinct().sorted().toArray();
        for (int i = 1; i < corners.length; i++)
            if (corners[i] - corners[i - 1] > THIN_MM) slice(ring, corners[i - 1], corners[i], kind);
    }

    /** An edge of the shape over a slice. */
    private record Edge(double from, double to) {}

    private void slice(List<Vec> ring, double from, double to, Member.Kind kind) {
        double middle = (from + to) / 2;
        List<Edge> edges = new ArrayList<>();
        for (int i = 1; i < ring.size(); i++) {
            Vec p = ring.get(i - 1), q = ring.get(i);
            if (Math.min(p.x(), q.x()) < middle && Math.max(p.x(), q.x()) > middle)
                edges.add(new Edge(at(p, q, from), at(p, q, to)));
        }
        edges.sort(Comparator.comparingDouble(e -> e.from + e.to));
        for (int i = 1; i < edges.size(); i += 2) each(from, to, edges.get(i - 1), edges.get(i), kind);
    }

    private static double at(Vec p, Vec q, double x) {
        return p.y() + (q.y() - p.y()) * (x - p.x()) / (q.x() - p.x());
    }

    private void each(double from, double to, Edge low, Edge high, Member.Kind kind) {
        double half = built.truss().wholeThickMm() / 2;
        for (double s : built.at()) {
            List<Vec> ring = List.of(
                    built.plan(from, s - half),
                    built.plan(to, s - half),
                    built.plan(to, s + half),
                    built.plan(from, s + half));
            Vec one = ring.get(1).minus(ring.get(0)), two = ring.get(2).minus(ring.get(1));
            bodies.add(new Body(
                    built.truss().id(),
                    Content.NO_PLY,
                    Objects.requireNonNull(MATERIALS.get(kind)),
                    Does.CARRIES,
                    one.cross(two) > 0 ? ring : ring.reversed(),
                    plane(low, from, to),
                    plane(high, from, to)));
        }
    }

    private Plane plane(Edge edge, double from, double to) {
        double rate = (edge.to - edge.from) / (to - from);
        return Plane.rising(built.plan(from, 0), built.plateMm() + edge.from, built.across(), rate);
    }
}
