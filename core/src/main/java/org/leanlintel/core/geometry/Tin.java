package org.leanlintel.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.triangulate.DelaunayTriangulationBuilder;

/**
 * A surface through points in space, flat in each triangle between them (a triangulated irregular network); beyond the outermost
 * it is as high as at their nearest edge.
 */
public final class Tin {

    private static final GeometryFactory JTS = new GeometryFactory();
    /** Beyond the outermost points a way is looked at so often. */
    private static final double STEP_MM = 250;
    /** A point of a way that lies so near to the straight line past it is none. */
    private static final double FLAT_MM = 0.5;

    /** A point of it. @param z its height, millimetres */
    public record Point(Vec at, double z) {}

    private record Edge(Point from, Point to) {

        /** From 0 at its start to 1 at its end: what of it lies nearest to a point. */
        double nearest(Vec p) {
            Vec along = to.at.minus(from.at);
            double length = along.dot(along);
            return length == 0 ? 0 : Math.clamp(p.minus(from.at).dot(along) / length, 0, 1);
        }

        Vec at(double part) {
            return from.at.plus(to.at.minus(from.at).times(part));
        }

        double z(double part) {
            return from.z + (to.z - from.z) * part;
        }
    }

    private record Triangle(Point a, Point b, Point c) {

        /** Null where it does not lie under the point. */
        @Nullable
        Double z(Vec p) {
            double whole = b.at.minus(a.at).cross(c.at.minus(a.at));
            double u = p.minus(a.at).cross(c.at.minus(a.at)) / whole;
            double v = b.at.minus(a.at).cross(p.minus(a.at)) / whole;
            if (u < -1e-9 || v < -1e-9 || u + v > 1 + 1e-9) return null;
            return a.z + u * (b.z - a.z) + v * (c.z - a.z);
        }
    }

    private final List<Triangle> triangles = new ArrayList<>();
    private final List<Edge> edges = new ArrayList<>();

    /** @param points one at least; of several at one place the first counts */
    public static Tin through(List<Point> points) {
        Tin tin = new Tin();
        List<Point> apart = new ArrayList<>();
        for (Point p : points)
            if (apart.stream().noneMatch(o -> o.at.distanceTo(p.at) < Tolerance.SAME_MM)) apart.add(p);
        if (apart.isEmpty()) throw new IllegalArgumentException("A surface goes through one point at least");
        tin.triangulate(apart);
        if (tin.triangles.isEmpty()) tin.string(apart);
        return tin;
    }

    private void triangulate(List<Point> points) {
        DelaunayTriangulationBuilder builder = new DelaunayTriangulationBuilder();
        builder.setSites(points.stream()
                .map(p -> new Coordinate(p.at.x(), p.at.y(), p.z))
                .toList());
        Geometry found = builder.getTriangles(JTS);
        for (int i = 0; i < found.getNumGeometries(); i++) {
            Coordinate[] c = found.getGeometryN(i).getCoordinates();
            Point a = point(c[0]), b = point(c[1]), d = point(c[2]);
            if (Math.abs(b.at.minus(a.at).cross(d.at.minus(a.at))) < 1) continue;
            triangles.add(new Triangle(a, b, d));
            edges.addAll(List.of(new Edge(a, b), new Edge(b, d), new Edge(d, a)));
        }
    }

    private static Point point(Coordinate c) {
        return new Point(new Vec(c.getX(), c.getY()), c.getZ());
    }

    /** Points in one line, one after the other. */
    private void string(List<Point> points) {
        Vec from = points.getFirst().at;
        Vec far = points.stream()
                .map(Point::at)
                .max(Comparator.comparingDouble(from::distanceTo))
                .orElse(from);
        List<Point> sorted = points.stream()
                .sorted(Comparator.comparingDouble(p -> p.at.minus(from).dot(far.minus(from))))
                .toList();
        if (sorted.size() == 1) edges.add(new Edge(sorted.getFirst(), sorted.getFirst()));
        for (int i = 1; i < sorted.size(); i++) edges.add(new Edge(sorted.get(i - 1), sorted.get(i)));
    }

    /** How high it lies at a point. */
    public double at(Vec p) {
        for (Triangle t : triangles) {
            Double z = t.z(p);
            if (z != null) return z;
        }
        Edge nearest = edges.getFirst();
        double least = Double.POSITIVE_INFINITY;
        for (Edge e : edges) {
            double away = e.at(e.nearest(p)).distanceTo(p);
            if (away < least) {
                least = away;
                nearest = e;
            }
        }
        return nearest.z(nearest.nearest(p));
    }

    /** Its line over a straight way: x from the start of the way, y how high. */
    public List<Vec> along(Vec from, Vec to) {
        double length = from.distanceTo(to);
        Vec way = to.minus(from).unit();
        TreeSet<Double> at = new TreeSet<>(List.of(0.0, length));
        for (double s = STEP_MM; s < length; s += STEP_MM) at.add(s);
        for (Edge e : edges) {
            for (Point p : List.of(e.from, e.to)) {
                double beside = p.at.minus(from).dot(way);
                if (beside > 0 && beside < length) at.add(beside);
            }
            double off = way.cross(e.from.at.minus(from)), then = way.cross(e.to.at.minus(from));
            if (off < 0 == then < 0) continue;
            double s = e.at(off / (off - then)).minus(from).dot(way);
            if (s > 0 && s < length) at.add(s);
        }
        List<Vec> line = new ArrayList<>();
        for (double s : at) line.add(new Vec(s, at(from.along(way, s))));
        return straightened(line);
    }

    private static List<Vec> straightened(List<Vec> line) {
        List<Vec> kept = new ArrayList<>(List.of(line.getFirst()));
        for (int i = 1, since = 0; i < line.size() - 1; i++)
            if (bends(line, since, i + 1)) {
                kept.add(line.get(i));
                since = i;
            }
        kept.add(line.getLast());
        return kept;
    }

    /** Whether a point between two lies off the straight line between them. */
    private static boolean bends(List<Vec> line, int first, int last) {
        Vec a = line.get(first), b = line.get(last);
        for (int i = first + 1; i < last; i++) {
            Vec p = line.get(i);
            double straight = a.y() + (b.y() - a.y()) * (p.x() - a.x()) / (b.x() - a.x());
            if (Math.abs(p.y() - straight) > FLAT_MM) return true;
        }
        return false;
    }
}
