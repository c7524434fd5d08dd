package org.leanlintel.core.building.join;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Strip.StripPly;
import org.leanlintel.core.geometry.Track;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.End;

/**
 * A strip seen from one of its ends, looking away along the wall: {@code d} is the distance from the end's point along
 * the wall, {@code a} the offset to the left of that view.
 */
public record Arm(Strip strip, End end) {

    /** A ply in this view, from a0 to a1 to the left. */
    public record ArmPly(int stripIndex, double a0, double a1, Content content) {

        Does does() {
            return content.does();
        }
    }

    public Vec point() {
        return strip.axis().at(end);
    }

    /** Away from the end. */
    public Vec direction() {
        return strip.away(end);
    }

    /** Where the face at offset {@code a} to the left runs; null where an arc has no radius left. */
    @Nullable
    Track face(double a) {
        return strip.face(end == End.START ? a : -a);
    }

    /** How far from the end, along the wall, a point lies. */
    double distance(Vec point) {
        double s = strip.axis().s(point);
        return end == End.START ? s : strip.length() - s;
    }

    /** How far from the end the face at offset {@code a} meets a track, nearest to the end; null where it does not. */
    @Nullable
    Double distanceTo(double a, @Nullable Track other) {
        Track face = face(a);
        Vec at = face == null || other == null ? null : Track.meetingNearest(face, other, point());
        return at == null ? null : distance(at);
    }

    /** From the right of the view to the left. */
    public List<ArmPly> pliesToLeft() {
        List<StripPly> plies = strip.plies();
        ArmPly[] seen = new ArmPly[plies.size()];
        for (int i = 0; i < seen.length; i++) {
            StripPly p = plies.get(i);
            if (end == End.START) seen[i] = new ArmPly(i, p.lo(), p.hi(), strip.content(i));
            else seen[seen.length - 1 - i] = new ArmPly(i, -p.hi(), -p.lo(), strip.content(i));
        }
        return List.of(seen);
    }

    /** From the left of the view to the right, offsets measured to the right. */
    List<ArmPly> pliesToRight() {
        return pliesToLeft().reversed().stream()
                .map(p -> new ArmPly(p.stripIndex, -p.a1, -p.a0, p.content))
                .toList();
    }

    /** From this view back to the wall's own s. */
    public double s(double distance) {
        return end == End.START ? distance : strip.length() - distance;
    }

    /** A point of the plan as (distance, offset to the left) in this view, as if the wall were straight. */
    public Vec seen(Vec at) {
        Vec from = at.minus(point());
        return new Vec(from.dot(direction()), from.dot(direction().left()));
    }

    /** A point given as (distance, offset to the left) in this view, as the wall's own (s, t). */
    Vec inStrip(Vec seen) {
        return new Vec(s(seen.x()), end == End.START ? seen.y() : -seen.y());
    }

    /** An edge given at the ply's right and left face in this view, as an edge of the wall. */
    Edge edge(double distanceAtRight, double distanceAtLeft) {
        return end == End.START
                ? new Edge(distanceAtRight, distanceAtLeft)
                : new Edge(s(distanceAtLeft), s(distanceAtRight));
    }
}
