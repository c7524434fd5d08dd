package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.Ground;
import org.leanlintel.core.building.feature.HeldPoints;
import org.leanlintel.core.building.feature.InPlan;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Circle;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Dimension;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Hold;

/** What a dimension measures as things lie now. */
public sealed interface Measured {

    /**
     * The angle from one line to another.
     *
     * @param vertex where they meet
     * @param from radians, the way of the first of its two sides
     * @param sweep radians to the other, counter-clockwise, more than 0 and less than half a turn
     * @param one how far from the vertex the first side's line reaches, nearest and furthest; negative on the far side of it
     */
    record Sector(Vec vertex, double from, double sweep, Reach one, Reach other) implements Measured {}

    /** From the vertex along a side, where its line begins and ends. */
    record Reach(double nearMm, double farMm) {}

    /** A face that is an arc. @param sweep radians, counter-clockwise where positive */
    record Arc(Vec centre, double radiusMm, double from, double sweep) implements Measured {

        public double lengthMm() {
            return radiusMm * Math.abs(sweep);
        }
    }

    /**
     * How steeply it falls.
     *
     * @param from the higher of the two points, as they are drawn
     * @param tan fall over run, not less than 0; infinite where it is upright
     */
    record Fall(Vec from, Vec to, double tan) implements Measured {}

    /** What lies within corners. @param ring not repeating the first */
    record Patch(List<Vec> ring, Area area) implements Measured {}

    /** Null where what it holds to has gone, is straight where an arc is asked for, or lies side by side. */
    static @Nullable Measured of(Dimension dimension, Building building) {
        return switch (dimension.of()) {
            case Dimension.Angle a -> sector(a, dimension, building);
            case Dimension.Radius r -> arc(r.face(), building);
            case Dimension.ArcLength l -> arc(l.face(), building);
            case Dimension.Slope s -> fall(s, dimension, building);
            case Dimension.Surface s -> patch(s, dimension, building);
        };
    }

    private static @Nullable Sector sector(Dimension.Angle angle, Dimension dimension, Building building) {
        List<Vec> one = HeldPoints.line(angle.one(), dimension.drawing(), building);
        List<Vec> other = HeldPoints.line(angle.other(), dimension.drawing(), building);
        if (one.isEmpty() || other.isEmpty()) return null;
        Line first = Line.between(one.getFirst(), one.getLast());
        Line second = Line.between(other.getFirst(), other.getLast());
        Double met = first.meets(second);
        if (met == null) return null;
        Vec vertex = first.at(met), out = dimension.at().minus(vertex);
        double across = first.direction().cross(second.direction());
        if (Tolerance.same(out, Vec.ORIGIN)) return null;
        Vec a = first.direction().times(Math.signum(out.cross(second.direction()) * across));
        Vec b = second.direction().times(Math.signum(first.direction().cross(out) * across));
        if (a.equals(Vec.ORIGIN) || b.equals(Vec.ORIGIN)) return null;
        double turn = Math.atan2(a.cross(b), a.dot(b));
        return turn > 0
                ? new Sector(vertex, a.angle(), turn, reach(vertex, a, one), reach(vertex, b, other))
                : new Sector(vertex, b.angle(), -turn, reach(vertex, b, other), reach(vertex, a, one));
    }

    private static Reach reach(Vec vertex, Vec way, List<Vec> line) {
        double one = line.getFirst().minus(vertex).dot(way),
                two = line.getLast().minus(vertex).dot(way);
        return new Reach(Math.min(one, two), Math.max(one, two));
    }

    private static @Nullable Vec point(Dimension.Place place, Dimension of, Building building) {
        return HeldPoints.nearest(place.hold(), place.near(), of.drawing(), building);
    }

    private static @Nullable Fall fall(Dimension.Slope slope, Dimension of, Building building) {
        Vec one = point(slope.one(), of, building), other = point(slope.other(), of, building);
        if (one == null || other == null || Tolerance.same(one, other)) return null;
        boolean plan = building.model().get(of.drawing(), Drawing.class).kind() == Drawing.Kind.PLAN;
        Ground ground = Ground.finished(building);
        double high = plan ? ground.at(one) : one.y(), low = plan ? ground.at(other) : other.y();
        double run = plan ? one.distanceTo(other) : Math.abs(one.x() - other.x());
        double tan = run < Tolerance.SAME_MM ? Double.POSITIVE_INFINITY : Math.abs(high - low) / run;
        return high >= low ? new Fall(one, other, tan) : new Fall(other, one, tan);
    }

    private static @Nullable Patch patch(Dimension.Surface surface, Dimension of, Building building) {
        List<Vec> ring = ring(surface.round(), of, building);
        if (ring.size() < 3) return null;
        Area area = Area.of(ring);
        return area.isEmpty() || !area.isClean() ? null : new Patch(ring, area);
    }

    /** Its corners; none where points and lines are mixed, something has gone, or two lines that follow each other do not meet. */
    private static List<Vec> ring(List<Hold> round, Dimension of, Building building) {
        List<Vec> points = new ArrayList<>();
        List<Line> lines = new ArrayList<>();
        for (Hold hold : round) {
            List<Vec> line = HeldPoints.line(hold, of.drawing(), building);
            if (!line.isEmpty()) lines.add(Line.between(line.getFirst(), line.getLast()));
            else if (InPlan.isPoint(hold)
                    && HeldPoints.nearest(hold, of.at(), of.drawing(), building) instanceof Vec at) points.add(at);
        }
        if (points.size() == round.size()) return points;
        if (lines.size() < round.size()) return List.of();
        List<Vec> corners = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line one = lines.get(i);
            Double met = one.meets(lines.get((i + 1) % lines.size()));
            if (met == null) return List.of();
            corners.add(one.at(met));
        }
        return corners;
    }

    private static @Nullable Arc arc(Hold.OnFace face, Building building) {
        Strip strip = building.strip(face.wall());
        if (strip == null || !(strip.axis().track() instanceof Circle axis)) return null;
        double t = strip.offsetOfFace(face.face());
        Circle circle = axis.shiftedLeft(t);
        if (circle == null) return null;
        double from = strip.at(0, t).minus(circle.centre()).angle();
        double sweep = circle.turn() * strip.length() / axis.radius();
        return new Arc(circle.centre(), circle.radius(), from, sweep);
    }
}
