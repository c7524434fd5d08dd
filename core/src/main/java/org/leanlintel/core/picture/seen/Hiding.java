package org.leanlintel.core.picture.seen;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
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

    /** Less of a face than that is not seen: what rounding leaves along a joint. */
    private static final double SLIVER_MM2 = 1;

    private Hiding() {}

    /**
     * Those that neither one shape nor one face before them covers alone: most of what lies inside a wall is left out so.
     *
     * @param faces the nearest first
     * @param first shapes that lie before them all
     */
    static List<SeenFace> live(List<SeenFace> faces, List<Area> first) {
        List<SeenFace> live = new ArrayList<>();
        for (SeenFace f : faces) if (!isCovered(f, live, first)) live.add(f);
        return live;
    }

    private static boolean isCovered(SeenFace face, List<SeenFace> live, List<Area> first) {
        Bounds bounds = face.shape().bounds();
        for (Area a : first) if (a.bounds().covers(bounds) && a.covers(face.shape())) return true;
        for (SeenFace f : live)
            if (f.far() < face.near() - BEFORE_MM
                    && f.shape().bounds().covers(bounds)
                    && f.shape().covers(face.shape())) return true;
        return false;
    }

    /** A face with what may hide some of it. @param whole shapes that lie before it; @param crossing faces that do in part */
    record Before(SeenFace face, List<Area> whole, List<SeenFace> crossing) {

        /**
         * @param live the nearest first
         * @param first shapes that lie before them all
         */
        static Before of(SeenFace face, List<SeenFace> live, List<Area> first) {
            Bounds bounds = face.shape().bounds();
            List<Area> whole = new ArrayList<>();
            List<SeenFace> crossing = new ArrayList<>();
            for (Area a : first) if (a.bounds().meets(bounds)) whole.add(a);
            for (SeenFace f : live) {
                if (f.near() > face.far()) break;
                if (f == face || !f.shape().bounds().meets(bounds)) continue;
                if (f.far() < face.near() - BEFORE_MM) whole.add(f.shape());
                else
                    switch (lies(f, face)) {
                        case BEFORE -> whole.add(f.shape());
                        case CROSSING -> crossing.add(f);
                        case BEHIND -> {}
                    }
            }
            return new Before(face, whole, crossing);
        }

        /** What of the face is left, the largest taken off first, as most faces are soon hidden; null where nothing is. */
        @Nullable
        Seen seen() {
            Bounds bounds = face.shape().bounds();
            List<Area> before = new ArrayList<>(whole);
            for (SeenFace f : crossing) before.add(f.shape().over(room(f, face)));
            before.removeIf(Area::isEmpty);
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

    private enum Lies {
        BEFORE,
        CROSSING,
        BEHIND
    }

    /** How one face lies to the plane of another where their boxes meet in the picture. */
    private static Lies lies(SeenFace one, SeenFace other) {
        Plane room = room(one, other);
        Bounds a = one.shape().bounds(), b = other.shape().bounds();
        if (room.slope().length() < PARALLEL) return room.at(a.centre()) > 0 ? Lies.BEFORE : Lies.BEHIND;
        double minX = Math.max(a.minX(), b.minX()), maxX = Math.min(a.maxX(), b.maxX());
        double minY = Math.max(a.minY(), b.minY()), maxY = Math.min(a.maxY(), b.maxY());
        boolean before = false, behind = false;
        for (double x : new double[] {minX, maxX})
            for (double y : new double[] {minY, maxY})
                if (room.at(new Vec(x, y)) > 0) before = true;
                else behind = true;
        return before && behind ? Lies.CROSSING : before ? Lies.BEFORE : Lies.BEHIND;
    }

    /** How far before another a face lies, less what it has to be. */
    private static Plane room(SeenFace one, SeenFace other) {
        return other.depth().minus(one.depth()).raised(-BEFORE_MM);
    }
}
