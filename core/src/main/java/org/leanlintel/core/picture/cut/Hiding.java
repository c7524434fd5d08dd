package org.leanlintel.core.picture.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.SideBySide;
import org.leanlintel.core.geometry.Vec;

/**
 * What of faces is seen past those before them. Each hides of another just what it lies before, place by place, so that faces may
 * lie on slopes and reach behind one another.
 */
public final class Hiding {

    /** How far before another a face lies at least to hide it: less are faces that share an edge. */
    private static final double BEFORE_MM = 1;

    /** Depth per millimetre under which two faces are parallel. */
    private static final double PARALLEL = 1e-6;

    /** Less of a face than that is not seen: what rounding leaves along a joint. */
    private static final double SLIVER_MM2 = 1;

    private final List<Area> first = new ArrayList<>();

    /** What is seen of one face. @param lines of its outline; @param area that is seen */
    public record Seen(SeenFace face, List<List<Vec>> lines, Area area) {}

    /** What is seen of one of many; null where nothing is. */
    private record Left(@Nullable Seen seen) {}

    /** Something in the picture's own plane: it hides everything. */
    public void add(Area shape) {
        if (!shape.isEmpty()) first.add(shape);
    }

    /** @param faces the nearest first */
    public List<Seen> of(List<SeenFace> faces) {
        List<SeenFace> live = new ArrayList<>();
        for (SeenFace f : faces) if (!isCovered(f, live)) live.add(f);
        List<Seen> seen = new ArrayList<>();
        for (Left left : SideBySide.mapFew(live, f -> new Left(past(f, before(f, live)))))
            if (left.seen() instanceof Seen s) seen.add(s);
        return seen;
    }

    /** What of a face is left past others, the largest first, as most faces are soon hidden; null where nothing is. */
    private static @Nullable Seen past(SeenFace face, List<Area> before) {
        Bounds bounds = face.shape().bounds();
        before.sort(Comparator.comparingDouble((Area a) -> shared(a.bounds(), bounds))
                .reversed());
        List<Area> over = new ArrayList<>();
        Area left = face.shape();
        for (Area a : before) {
            if (a.covers(left.bounds())) return null;
            if (isBeside(a, left) || isBeside(left, a)) continue;
            Area less = left.minus(a);
            if (less.mm2() < SLIVER_MM2) return null;
            if (less.mm2() < left.mm2()) over.add(a);
            left = less;
        }
        return new Seen(face, Area.past(face.shape().rings(), over), left);
    }

    /** Whether one lies beside the box round another: quicker to tell than to subtract it. */
    private static boolean isBeside(Area one, Area other) {
        return !one.reachesInto(other.bounds());
    }

    private static double shared(Bounds a, Bounds b) {
        double wide = Math.min(a.maxX(), b.maxX()) - Math.max(a.minX(), b.minX());
        double high = Math.min(a.maxY(), b.maxY()) - Math.max(a.minY(), b.minY());
        return Math.max(wide, 0) * Math.max(high, 0);
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
            else before.add(partBefore(f, face));
        }
        before.removeIf(Area::isEmpty);
        return before;
    }

    /** What of one face lies before the plane of another. */
    private static Area partBefore(SeenFace one, SeenFace other) {
        Plane room = other.depth().minus(one.depth()).raised(-BEFORE_MM);
        if (room.slope().length() < PARALLEL)
            return room.at(one.shape().bounds().centre()) > 0 ? one.shape() : Area.NONE;
        return one.shape().over(room);
    }
}
