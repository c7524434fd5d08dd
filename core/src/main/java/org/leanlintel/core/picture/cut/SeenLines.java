package org.leanlintel.core.picture.cut;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.picture.cut.Hiding.Seen;

/** The lines round faces that are seen: none between faces of one material in one plane, nor along what is round. */
final class SeenLines {

    /** Closer than that, faces of one material touch; how far apart in depth they are in one plane. */
    private static final double JOINS_MM = 0.2, ONE_PLANE_MM = 1;

    /** Radians between chords of a round face at most. */
    private static final double ROUND = Math.toRadians(20);

    private final List<Seen> seen;

    /** A line, and what it belongs to. @param depthMm how far behind the picture the nearest of its face lies */
    record Edge(ElementId element, List<Vec> line, double depthMm) {}

    SeenLines(List<Seen> seen) {
        this.seen = seen;
    }

    List<Edge> edges() {
        Map<String, List<Seen>> byMaterial = new HashMap<>();
        for (Seen s : seen)
            byMaterial
                    .computeIfAbsent(s.face().material().joinsAs(), m -> new ArrayList<>())
                    .add(s);
        List<Edge> edges = new ArrayList<>();
        for (Seen s : seen) {
            List<Area> same = new ArrayList<>();
            Bounds near = s.face().shape().bounds().grown(JOINS_MM);
            for (Seen o : byMaterial.getOrDefault(s.face().material().joinsAs(), List.of()))
                if (o != s
                        && o.face().shape().bounds().meets(near)
                        && (inOnePlane(s.face(), o.face()) || isRound(s.face(), o.face()))) same.add(o.area());
            List<List<Vec>> lines = s.lines();
            if (!same.isEmpty()) lines = Area.union(same).grown(JOINS_MM).outside(lines);
            for (List<Vec> line : lines)
                edges.add(new Edge(s.face().element(), line, s.face().near()));
        }
        return edges;
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
