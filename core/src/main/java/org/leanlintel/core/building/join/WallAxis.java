package org.leanlintel.core.building.join;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Circle;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Track;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/**
 * Where a wall's set-out line runs: from {@code start} to {@code end}, each at a corner or on the set-out line of the
 * wall it stands on. The line or arc itself is fixed by the two stored points, so walls standing on each other make no
 * circle.
 *
 * @param track begins at {@code start}
 * @param length along the track, millimetres
 */
public record WallAxis(Vec start, Vec end, Track track, double length) {

    static WallAxis straight(Vec start, Vec end) {
        return new WallAxis(start, end, Line.between(start, end), start.distanceTo(end));
    }

    /**
     * @return null where the wall has no length left, or runs along the wall it stands on; edits refuse to make these
     */
    public static @Nullable WallAxis of(Model model, Wall wall) {
        Track stored = storedTrack(model, wall);
        if (stored == null) return null;
        Vec start = derived(model, wall, End.START, stored);
        Vec end = derived(model, wall, End.END, stored);
        if (start == null || end == null) return null;
        return switch (stored) {
            case Line line ->
                end.minus(start).dot(line.direction()) >= Tolerance.SHORTEST_WALL_MM ? straight(start, end) : null;
            case Circle circle -> curved(wall, start, end, circle);
        };
    }

    /** The part of a circle from {@code start} on to {@code end}, unless an end has gone past the other. */
    private static @Nullable WallAxis curved(Wall wall, Vec start, Vec end, Circle stored) {
        Circle circle = new Circle(
                stored.centre(), stored.radius(), start.minus(stored.centre()).angle(), stored.turn());
        double turn = Math.TAU * circle.radius();
        double length = (circle.along(end) + turn) % turn;
        double storedLength = 4 * Math.atan(Math.abs(wall.bulge())) * circle.radius();
        boolean wrapped = Math.abs(length - storedLength) > turn / 3;
        return length < Tolerance.SHORTEST_WALL_MM || wrapped ? null : new WallAxis(start, end, circle, length);
    }

    /** The point stored for an end: its corner, or the point that fixes its line. */
    public static Vec storedPoint(Model model, WallEnd end) {
        return switch (end) {
            case WallEnd.AtCorner c -> model.get(c.corner(), Corner.class).at();
            case WallEnd.OnSide s -> s.at();
        };
    }

    private static @Nullable Track storedTrack(Model model, Wall wall) {
        Vec from = storedPoint(model, wall.start());
        Vec to = storedPoint(model, wall.end());
        if (Tolerance.same(from, to)) return null;
        return wall.isStraight() ? Line.between(from, to) : Circle.through(from, to, wall.bulge());
    }

    private static @Nullable Vec derived(Model model, Wall wall, End which, Track track) {
        if (!(wall.at(which) instanceof WallEnd.OnSide side)) return storedPoint(model, wall.at(which));
        Track host = storedTrack(model, model.get(side.wall(), Wall.class));
        return host == null ? null : Track.meetingNearest(track, host, side.at());
    }

    /** From end to end; for a straight wall, the line it runs along. */
    public Line chord() {
        return Line.between(start, end);
    }

    public boolean isStraight() {
        return track instanceof Line;
    }

    public Vec directionAt(double s) {
        return track.directionAt(s);
    }

    /** How far along the axis a point lies, millimetres from its start; before the start it is negative. */
    public double s(Vec point) {
        if (!(track instanceof Circle circle)) return track.along(point);
        double turn = Math.TAU * circle.radius();
        return length / 2 + Math.IEEEremainder(circle.along(point) - length / 2, turn);
    }

    public Vec at(End which) {
        return which == End.START ? start : end;
    }
}
