package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.picture.Hiding.Seen;

/** The lines round faces that are seen: none between faces of one material in one plane. */
final class SeenLines {

    /** Closer than that, faces of one material touch; how far apart in depth they are in one plane. */
    private static final double JOINS_MM = 0.2, ONE_PLANE_MM = 1;

    private final List<Seen> seen;

    /** A line, and what it belongs to. */
    record Edge(ElementId element, List<Vec> line) {}

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
                if (o != s && o.face().shape().bounds().meets(near) && inOnePlane(s.face(), o.face()))
                    same.add(o.area());
            List<List<Vec>> lines = s.lines();
            if (!same.isEmpty()) lines = Area.union(same).grown(JOINS_MM).outside(lines);
            for (List<Vec> line : lines) edges.add(new Edge(s.face().element(), line));
        }
        return edges;
    }

    private static boolean inOnePlane(SeenFace one, SeenFace other) {
        Vec middle = other.shape().bounds().centre();
        boolean parallel = one.depth().slope().minus(other.depth().slope()).length() < 1e-4;
        return parallel && Math.abs(one.depth().at(middle) - other.depth().at(middle)) < ONE_PLANE_MM;
    }
}
