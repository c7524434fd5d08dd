package org.leanlintel.core.geometry;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.Polygonal;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.overlayng.RingClipper;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/** A region of the plan, possibly of several pieces with holes, in square millimetres. It alone knows JTS. */
public final class Area {

    private static final GeometryFactory JTS = new GeometryFactory();
    private static final BufferParameters MITRED =
            new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 2);
    private static final PrecisionModel GRID = new PrecisionModel(1 / Tolerance.SAME_MM);
    public static final Area NONE = new Area(JTS.createPolygon());

    private final Geometry shape;

    private Area(Geometry shape) {
        this.shape = shape;
    }

    /** The area inside one ring of at least three points, given open or closed, in either direction. */
    public static Area of(List<Vec> ring) {
        if (ring.size() < 3) throw new IllegalArgumentException("A ring needs three points, not " + ring.size());
        Geometry polygon = JTS.createPolygon(ring(ring));
        return polygon.getArea() == 0 ? NONE : new Area(polygon);
    }

    /** The area inside one ring and outside of others, none of which crosses another. */
    public static Area of(List<Vec> ring, List<List<Vec>> holes) {
        LinearRing[] inner = holes.stream().map(Area::ring).toArray(LinearRing[]::new);
        Polygon polygon = JTS.createPolygon(ring(ring), inner);
        polygon.normalize();
        return polygon.getArea() == 0 ? NONE : new Area(polygon);
    }

    private static LinearRing ring(List<Vec> ring) {
        List<Coordinate> coordinates = new ArrayList<>(ring.size() + 1);
        for (Vec p : ring) coordinates.add(new Coordinate(p.x(), p.y()));
        if (!coordinates.getFirst().equals2D(coordinates.getLast()))
            coordinates.add(coordinates.getFirst().copy());
        return JTS.createLinearRing(coordinates.toArray(new Coordinate[0]));
    }

    /** Whether it is what a ring of its own kind should be: it neither crosses nor touches itself. */
    public boolean isClean() {
        return shape.isValid();
    }

    public static Area rectangle(double x, double y, double width, double height) {
        return of(
                List.of(new Vec(x, y), new Vec(x + width, y), new Vec(x + width, y + height), new Vec(x, y + height)));
    }

    /**
     * Everything that any of {@code areas} covers, on a grid of {@link Tolerance#SAME_MM}, so that neighbours leave no slivers; where
     * that fails, as it may where strips thinner than the grid cross themselves, without one.
     */
    public static Area union(Collection<Area> areas) {
        GivenUp.orGoOn();
        if (areas.isEmpty()) return NONE;
        List<Geometry> shapes = areas.stream().map(a -> a.shape).toList();
        try {
            return new Area(UnaryUnionNG.union(shapes, JTS, GRID));
        } catch (TopologyException offTheGrid) {
            return new Area(OverlayNGRobust.union(
                    shapes.stream().map(s -> s.isValid() ? s : s.buffer(0)).toList(), JTS));
        }
    }

    private static List<Area> areas(Polygonizer polygonizer) {
        List<Area> areas = new ArrayList<>();
        for (Object found : polygonizer.getPolygons()) {
            Polygon polygon = (Polygon) found;
            polygon.normalize();
            areas.add(new Area(polygon));
        }
        return areas;
    }

    private static LineString line(List<Vec> points) {
        return JTS.createLineString(
                points.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new));
    }

    /** What lines cut it into, each running from edge to edge or to another of them; itself alone where none does. */
    public List<Area> splitBy(Collection<List<Vec>> lines) {
        if (lines.isEmpty()) return List.of(this);
        List<Geometry> all = new ArrayList<>(List.of(shape.getBoundary()));
        for (List<Vec> l : lines) all.add(line(l));
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(UnaryUnionNG.union(all, JTS, GRID));
        List<Area> parts = areas(polygonizer);
        parts.removeIf(part -> !covers(part.middle()));
        return parts.size() < 2 ? List.of(this) : parts;
    }

    /** Its separate pieces, the largest first. */
    public List<Area> parts() {
        List<Area> parts = new ArrayList<>();
        for (int i = 0; i < pieces(); i++) parts.add(new Area(shape.getGeometryN(i)));
        parts.sort(Comparator.comparingDouble(Area::mm2).reversed());
        return parts;
    }

    /** A point well inside it. @throws IllegalStateException where it is empty */
    public Vec middle() {
        if (shape.isEmpty()) throw new IllegalStateException("An empty area has no middle");
        Coordinate c = shape.getCentroid().getCoordinate();
        Vec centre = new Vec(c.x, c.y);
        if (covers(centre)) return centre;
        Coordinate inside = shape.getInteriorPoint().getCoordinate();
        return new Vec(inside.x, inside.y);
    }

    /** Whether a point lies in it or on its edge. */
    public boolean covers(Vec point) {
        return SimplePointInAreaLocator.locate(new Coordinate(point.x(), point.y()), shape) != Location.EXTERIOR;
    }

    /** Whether all of another lies in it. The box round it, then its corners, are asked first, as they mostly tell. */
    public boolean covers(Area other) {
        if (isEmpty() || other.isEmpty()) return false;
        return covers(other.bounds()) || hasCornersOf(other) && shape.covers(other.shape);
    }

    private boolean hasCornersOf(Area other) {
        for (Coordinate c : other.shape.getCoordinates())
            if (SimplePointInAreaLocator.locate(c, shape) == Location.EXTERIOR) return false;
        return true;
    }

    /** Whether all of a box lies in it, edges included. */
    public boolean covers(Bounds box) {
        return covers(box.centre()) && !hasEdgeIn(within(box));
    }

    /** Whether more of it than an edge lies in a box, or may: it does not where this says no. */
    public boolean reachesInto(Bounds box) {
        return meets(within(box));
    }

    private static Bounds within(Bounds box) {
        return box.grown(-Math.min(Tolerance.SAME_MM, Math.min(box.width(), box.height()) / 2));
    }

    /** Whether an edge of it passes through a box. */
    private boolean hasEdgeIn(Bounds box) {
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            if (!(shape.getGeometryN(i) instanceof Polygon polygon)) continue;
            if (passes(polygon.getExteriorRing(), box)) return true;
            for (int h = 0; h < polygon.getNumInteriorRing(); h++)
                if (passes(polygon.getInteriorRingN(h), box)) return true;
        }
        return false;
    }

    private static boolean passes(LinearRing ring, Bounds box) {
        Coordinate[] points = ring.getCoordinates();
        for (int i = 1; i < points.length; i++)
            if (box.isCrossedBy(points[i - 1].x, points[i - 1].y, points[i].x, points[i].y)) return true;
        return false;
    }

    /** Where it would balance; of nothing the origin. */
    public Vec centroid() {
        if (isEmpty()) return Vec.ORIGIN;
        Coordinate c = shape.getCentroid().getCoordinate();
        return new Vec(c.x, c.y);
    }

    /** Round its outer edges, holes left out, millimetres. */
    public double perimeterMm() {
        double sum = 0;
        for (int i = 0; i < shape.getNumGeometries(); i++)
            if (shape.getGeometryN(i) instanceof Polygon polygon)
                sum += polygon.getExteriorRing().getLength();
        return sum;
    }

    /** It without its holes. */
    public Area filled() {
        List<Geometry> shells = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++)
            if (shape.getGeometryN(i) instanceof Polygon polygon)
                shells.add(JTS.createPolygon(polygon.getExteriorRing()));
        return new Area(UnaryUnionNG.union(shells, JTS, GRID));
    }

    public boolean isEmpty() {
        return shape.isEmpty();
    }

    /** @throws IllegalArgumentException where it is empty */
    public Bounds bounds() {
        Envelope e = shape.getEnvelopeInternal();
        return new Bounds(e.getMinX(), e.getMinY(), e.getMaxX(), e.getMaxY());
    }

    /** Whether it shares a point with some bounds. */
    public boolean meets(Bounds box) {
        return !isEmpty() && (hasEdgeIn(box) || covers(box.centre()));
    }

    /**
     * It as far as it lies in a box, quickly: along the sides of the box it may have edges that lie on each other. To be joined
     * and subtracted, within the box.
     */
    public Area cutTo(Bounds box) {
        Envelope to = new Envelope(box.minX(), box.maxX(), box.minY(), box.maxY());
        if (shape.isEmpty() || to.contains(shape.getEnvelopeInternal())) return this;
        RingClipper clipper = new RingClipper(to);
        List<Geometry> left = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            if (!(shape.getGeometryN(i) instanceof Polygon polygon)) continue;
            Polygon part = cut(polygon, clipper);
            if (part.getArea() > 0) left.add(part);
        }
        return left.isEmpty() ? NONE : new Area(JTS.buildGeometry(left));
    }

    private static Polygon cut(Polygon polygon, RingClipper clipper) {
        List<LinearRing> holes = new ArrayList<>();
        for (int h = 0; h < polygon.getNumInteriorRing(); h++) {
            Coordinate[] hole = clipper.clip(polygon.getInteriorRingN(h).getCoordinates());
            if (hole.length > 0) holes.add(JTS.createLinearRing(hole));
        }
        return JTS.createPolygon(
                JTS.createLinearRing(clipper.clip(polygon.getExteriorRing().getCoordinates())),
                holes.toArray(LinearRing[]::new));
    }

    /** Everything within {@code mm} of it, corners kept sharp. */
    public Area grown(double mm) {
        return new Area(BufferOp.bufferOp(shape, mm, MITRED));
    }

    public Area minus(Area other) {
        return overlay(other, OverlayNG.DIFFERENCE);
    }

    public Area and(Area other) {
        return overlay(other, OverlayNG.INTERSECTION);
    }

    /** Lines and points where the two only touch are no part of it. */
    private Area overlay(Area other, int operation) {
        GivenUp.orGoOn();
        Geometry all = OverlayNGRobust.overlay(shape, other.shape, operation);
        return new Area(all instanceof Polygonal ? all : JTS.buildGeometry(PolygonExtracter.getPolygons(all)));
    }

    /** What of it lies where a plane is not under nought. */
    public Area over(Plane plane) {
        if (isEmpty()) return this;
        if (shape instanceof Polygon p && p.getNumInteriorRing() == 0 && isConvex(p)) {
            List<Vec> ring = points(p.getExteriorRing());
            List<Vec> part = Clip.over(ring.subList(0, ring.size() - 1), plane);
            return part.isEmpty() ? NONE : of(part);
        }
        Bounds b = bounds().grown(1);
        List<Vec> half = Clip.over(
                List.of(
                        new Vec(b.minX(), b.minY()),
                        new Vec(b.maxX(), b.minY()),
                        new Vec(b.maxX(), b.maxY()),
                        new Vec(b.minX(), b.maxY())),
                plane);
        return half.isEmpty() ? NONE : and(of(half));
    }

    private static boolean isConvex(Polygon p) {
        Coordinate[] ring = p.getExteriorRing().getCoordinates();
        int n = ring.length - 1, turn = 0;
        for (int i = 0; i < n; i++) {
            int index = Orientation.index(ring[i], ring[i + 1], ring[(i + 2) % n]);
            if (index != 0 && turn != 0 && index != turn) return false;
            if (index != 0) turn = index;
        }
        return true;
    }

    /** Square millimetres. */
    public double mm2() {
        return shape.getArea();
    }

    /** Square millimetres of the holes in it. */
    public double holesMm2() {
        double holes = 0;
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            if (shape.getGeometryN(i) instanceof Polygon polygon && polygon.getNumInteriorRing() > 0)
                holes += JTS.createPolygon(polygon.getExteriorRing()).getArea() - polygon.getArea();
        }
        return holes;
    }

    /** How many separate pieces it has. */
    public int pieces() {
        return shape.isEmpty() ? 0 : shape.getNumGeometries();
    }

    /** Outer rings and holes, each closed by repeating its first point. */
    public List<List<Vec>> rings() {
        List<List<Vec>> rings = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            if (!(shape.getGeometryN(i) instanceof Polygon polygon) || polygon.isEmpty()) continue;
            rings.add(points(polygon.getExteriorRing()));
            for (int h = 0; h < polygon.getNumInteriorRing(); h++) rings.add(points(polygon.getInteriorRingN(h)));
        }
        return rings;
    }

    /** Rings without holes that cover it between them: pieces are cut through their holes. Counter-clockwise, closed. */
    public List<List<Vec>> ringsWithoutHoles() {
        List<List<Vec>> rings = new ArrayList<>();
        for (Area part : parts()) {
            if (!(part.shape.norm() instanceof Polygon p)) continue;
            if (p.getNumInteriorRing() == 0) {
                rings.add(points(p.getExteriorRing()).reversed());
                continue;
            }
            double x = p.getInteriorRingN(0).getEnvelopeInternal().centre().x;
            Bounds b = part.bounds();
            rings.addAll(part.and(rectangle(b.minX(), b.minY(), x - b.minX(), b.height()))
                    .ringsWithoutHoles());
            rings.addAll(
                    part.and(rectangle(x, b.minY(), b.maxX() - x, b.height())).ringsWithoutHoles());
        }
        return rings;
    }

    /** The parts of lines that lie outside it. */
    public List<List<Vec>> outside(Collection<List<Vec>> lines) {
        return shape.isEmpty() ? List.copyOf(lines) : parts(lines, OverlayNG.DIFFERENCE);
    }

    /**
     * The parts of straight lines that lie within it, without joining them first: for many lines of a pattern. Lines that run along
     * its edge may or may not be among them.
     */
    public List<List<Vec>> scanned(Collection<List<Vec>> lines) {
        List<List<Vec>> rings = rings(), found = new ArrayList<>();
        for (List<Vec> line : lines) {
            Vec from = line.getFirst(), along = line.getLast().minus(from);
            for (double[] part : crossed(rings, from, along))
                if ((part[1] - part[0]) * along.length() > Tolerance.SAME_MM)
                    found.add(List.of(from.along(along, part[0]), from.along(along, part[1])));
        }
        return found;
    }

    /**
     * The parts of lines that lie in none of several areas, without joining those first. What runs along an edge of one may or may
     * not be among them.
     */
    public static List<List<Vec>> past(Collection<List<Vec>> lines, Collection<Area> areas) {
        List<List<List<Vec>>> rings = areas.stream().map(Area::rings).toList();
        List<List<Vec>> found = new ArrayList<>();
        for (List<Vec> line : lines) {
            List<Vec> run = new ArrayList<>();
            for (int i = 1; i < line.size(); i++) {
                Vec from = line.get(i - 1), along = line.get(i).minus(from);
                List<double[]> hidden = new ArrayList<>();
                for (List<List<Vec>> of : rings) hidden.addAll(crossed(of, from, along));
                hidden.sort(Comparator.comparingDouble(h -> h[0]));
                double at = 0, least = Tolerance.SAME_MM / Math.max(along.length(), Tolerance.SAME_MM);
                for (double[] h : hidden) {
                    if (h[0] - at > least) run = onwards(run, from.along(along, at), from.along(along, h[0]), found);
                    at = Math.max(at, h[1]);
                }
                if (1 - at > least) run = onwards(run, from.along(along, at), line.get(i), found);
            }
            if (run.size() > 1) found.add(run);
        }
        return found;
    }

    /** A run of points with one more stretch: the same run where it begins at its end, else a new one. */
    private static List<Vec> onwards(List<Vec> run, Vec from, Vec to, List<List<Vec>> found) {
        boolean goesOn = !run.isEmpty() && Tolerance.same(run.getLast(), from);
        if (!goesOn && run.size() > 1) found.add(run);
        List<Vec> next = goesOn ? run : new ArrayList<>(List.of(from));
        next.add(to);
        return next;
    }

    /** Where a line from a point lies within rings, as parts of it from 0 to 1, in order. */
    private static List<double[]> crossed(List<List<Vec>> rings, Vec from, Vec along) {
        List<Double> crossings = new ArrayList<>();
        for (List<Vec> ring : rings)
            for (int i = 1; i < ring.size(); i++) crossing(from, along, ring.get(i - 1), ring.get(i), crossings);
        crossings.sort(null);
        List<double[]> parts = new ArrayList<>();
        for (int i = 1; i < crossings.size(); i += 2) {
            double start = Math.max(0, crossings.get(i - 1)), end = Math.min(1, crossings.get(i));
            if (end > start) parts.add(new double[] {start, end});
        }
        return parts;
    }

    private static void crossing(Vec from, Vec along, Vec a, Vec b, List<Double> crossings) {
        double p = along.cross(a.minus(from)), q = along.cross(b.minus(from));
        if (p >= 0 == q >= 0) return;
        Vec at = a.plus(b.minus(a).times(p / (p - q)));
        crossings.add(at.minus(from).dot(along) / along.dot(along));
    }

    /** The parts of lines that lie within it. */
    public List<List<Vec>> inside(Collection<List<Vec>> lines) {
        return shape.isEmpty() ? List.of() : parts(lines, OverlayNG.INTERSECTION);
    }

    private List<List<Vec>> parts(Collection<List<Vec>> lines, int operation) {
        if (lines.isEmpty()) return List.of();
        GivenUp.orGoOn();
        Geometry all =
                UnaryUnionNG.union(lines.stream().<Geometry>map(Area::line).toList(), JTS, GRID);
        Geometry left = OverlayNGRobust.overlay(all, shape, operation);
        List<List<Vec>> found = new ArrayList<>();
        for (int i = 0; i < left.getNumGeometries(); i++)
            if (left.getGeometryN(i) instanceof LineString l && !l.isEmpty()) found.add(points(l));
        return found;
    }

    private static List<Vec> points(Geometry ring) {
        List<Vec> points = new ArrayList<>();
        for (Coordinate c : ring.getCoordinates()) points.add(new Vec(c.x, c.y));
        return points;
    }

    /** Whether it has the same rings, point by point. */
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Area a && (a.shape == shape || a.shape.equalsExact(shape));
    }

    @Override
    public int hashCode() {
        return shape.getEnvelopeInternal().hashCode();
    }
}
