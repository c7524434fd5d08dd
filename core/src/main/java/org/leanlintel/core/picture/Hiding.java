package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Clip;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;

/**
 * What of faces is seen past those before them. Each hides of another just what it lies before, place by place, so that faces may
 * lie on slopes and reach behind one another.
 */
final class Hiding {

    /** How far before another a face lies at least to hide it: less are faces that share an edge. */
    private static final double BEFORE_MM = 1;

    /** Depth per millimetre under which two faces are parallel. */
    private static final double PARALLEL = 1e-6;

    private final List<Area> first = new ArrayList<>();

    /** What is seen of one face. @param lines of its outline; @param area that is seen */
    record Seen(SeenFace face, List<List<Vec>> lines, Area area) {}

    /** Something in the picture's own plane: it hides everything. */
    void add(Area shape) {
        if (!shape.isEmpty()) first.add(shape);
    }

    /** @param faces the nearest first */
    List<Seen> of(List<SeenFace> faces) {
        List<SeenFace> live = new ArrayList<>();
        for (SeenFace f : faces) if (!isCovered(f, live)) live.add(f);
        List<Seen> seen = new ArrayList<>();
        for (SeenFace f : live) {
            List<Area> over = before(f, live);
            Area hidden = over.size() == 1 ? over.getFirst() : Area.union(over);
            Area left = hidden.isEmpty() ? f.shape() : f.shape().minus(hidden);
            if (!left.isEmpty()) seen.add(new Seen(f, hidden.outside(f.shape().rings()), left));
        }
        return seen;
    }

    /** Whether one alone of what lies wholly before it covers it; most of what lies inside a wall is left out so. */
    private boolean isCovered(SeenFace face, List<SeenFace> live) {
        Bounds bounds = face.shape().bounds();
        for (Area a : first) if (a.bounds().covers(bounds) && a.covers(face.shape())) return true;
        for (SeenFace f : live)
            if (f.far() < face.near() - BEFORE_MM
                    && f.shape().bounds().covers(bounds)
                    && f.shape().covers(face.shape())) return true;
        return false;
    }

    private List<Area> before(SeenFace face, List<SeenFace> live) {
        Bounds bounds = face.shape().bounds();
        List<Area> before = new ArrayList<>();
        for (Area a : first) if (a.bounds().meets(bounds)) before.add(a);
        for (SeenFace f : live) {
            if (f.near() > face.far()) break;
            if (f == face || !f.shape().bounds().meets(bounds)) continue;
            if (f.far() < face.near() - BEFORE_MM) before.add(f.shape());
            else before.addAll(partBefore(f, face));
        }
        return before;
    }

    /** What of one face lies before the plane of another. */
    private static List<Area> partBefore(SeenFace one, SeenFace other) {
        Plane room = other.depth().minus(one.depth()).raised(-BEFORE_MM);
        if (room.slope().length() < PARALLEL)
            return room.at(one.shape().bounds().centre()) > 0 ? List.of(one.shape()) : List.of();
        List<Area> parts = new ArrayList<>();
        for (List<Vec> closed : one.shape().ringsWithoutHoles()) {
            List<Vec> part = Clip.over(closed.subList(0, closed.size() - 1), room);
            if (part.size() < 3) continue;
            Area area = Area.of(part);
            if (!area.isEmpty() && area.isClean()) parts.add(area);
        }
        return parts;
    }
}
