package org.leanlintel.core.picture.seen;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;

/** The lines round faces that are seen: none between faces of one material in one plane, nor along what is round. */
public final class SeenLines {

    /** Closer than that, faces of one material touch; how far apart in depth they are in one plane. */
    private static final double JOINS_MM = 0.2, ONE_PLANE_MM = 1;

    /** Radians between chords of a round face at most. */
    private static final double ROUND = Math.toRadians(20);

    private SeenLines() {}

    /** A line. @param depthMm how far behind the picture the nearest of its face lies */
    public record Edge(List<Vec> line, double depthMm) {}

    /** Those of one element. */
    public record Of(Sight sight, ElementId element) implements Key<List<Edge>> {
        @Override
        public List<Edge> from(Reads reads) {
            List<Edge> edges = new ArrayList<>();
            for (Joined j : reads.get(new JoinedOf(sight, element)))
                for (List<Vec> line : j.lines())
                    edges.add(new Edge(line, j.seen().face().near()));
            return edges;
        }
    }

    /** What is seen of a face, and where others go on with it. */
    private record Joined(Seen seen, List<Area> others) {

        List<List<Vec>> lines() {
            return others.isEmpty()
                    ? seen.lines()
                    : Area.union(others).grown(JOINS_MM).outside(seen.lines());
        }
    }

    private record JoinedOf(Sight sight, ElementId element) implements Key<List<Joined>> {
        @Override
        public List<Joined> from(Reads reads) {
            Map<String, List<Seen>> byMaterial = reads.get(new ByMaterial(sight));
            return reads.get(new Seen.Of(sight, element)).stream()
                    .map(s -> joined(
                            s, byMaterial.getOrDefault(s.face().material().joinsAs(), List.of())))
                    .toList();
        }
    }

    private record ByMaterial(Sight sight) implements Key<Map<String, List<Seen>>> {
        @Override
        public Map<String, List<Seen>> from(Reads reads) {
            return reads.get(new Seen.All(sight)).stream()
                    .collect(Collectors.groupingBy(s -> s.face().material().joinsAs()));
        }
    }

    private static Joined joined(Seen seen, List<Seen> sameMaterial) {
        Bounds near = seen.face().shape().bounds().grown(JOINS_MM);
        List<Area> others = new ArrayList<>();
        for (Seen o : sameMaterial)
            if (o != seen
                    && o.face().shape().bounds().meets(near)
                    && (inOnePlane(seen.face(), o.face()) || isRound(seen.face(), o.face()))) others.add(o.area());
        return new Joined(seen, others);
    }

    /** Whether two upright faces are chords of one round face: they meet at an edge and hardly turn there. */
    private static boolean isRound(SeenFace one, SeenFace other) {
        if (!one.element().equals(other.element())
                || !(one.lies() instanceof SeenFace.Upright)
                || !(other.lies() instanceof SeenFace.Upright)) return false;
        double turn = Math.atan(one.depth().slope().x())
                - Math.atan(other.depth().slope().x());
        if (Math.abs(turn) > ROUND) return false;
        Bounds a = one.shape().bounds(), b = other.shape().bounds();
        double x = a.minX() < b.minX() ? a.maxX() : a.minX(), met = a.minX() < b.minX() ? b.minX() : b.maxX();
        Vec at = new Vec(x, 0);
        return Math.abs(x - met) < JOINS_MM
                && Math.abs(one.depth().at(at) - other.depth().at(at)) < ONE_PLANE_MM;
    }

    private static boolean inOnePlane(SeenFace one, SeenFace other) {
        Vec middle = other.shape().bounds().centre();
        boolean parallel = one.depth().slope().minus(other.depth().slope()).length() < 1e-4;
        return parallel && Math.abs(one.depth().at(middle) - other.depth().at(middle)) < ONE_PLANE_MM;
    }
}
