package org.leanlintel.core.building;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;

/**
 * Where a wall's set-out line runs: from {@code start} to {@code end}, each at a corner or on the set-out line of the
 * wall it stands on. The line itself is fixed by the two stored points, so walls standing on each other make no circle.
 */
public record WallAxis(Vec start, Vec end) {

    /**
     * @return null where the wall has no length left, or runs along the wall it stands on; edits refuse to make these
     */
    public static @Nullable WallAxis of(Model model, Wall wall) {
        Line line = storedLine(model, wall);
        if (line == null) return null;
        Vec start = derived(model, wall, End.START, line);
        Vec end = derived(model, wall, End.END, line);
        if (start == null || end == null) return null;
        boolean forwards = end.minus(start).dot(line.direction()) >= Tolerance.SHORTEST_WALL_MM;
        return forwards ? new WallAxis(start, end) : null;
    }

    /** The point stored for an end: its corner, or the point that fixes its line. */
    public static Vec storedPoint(Model model, WallEnd end) {
        return switch (end) {
            case WallEnd.AtCorner c -> model.get(c.corner(), Corner.class).at();
            case WallEnd.OnSide s -> s.at();
        };
    }

    private static @Nullable Line storedLine(Model model, Wall wall) {
        Vec from = storedPoint(model, wall.start());
        Vec to = storedPoint(model, wall.end());
        return Tolerance.same(from, to) ? null : Line.between(from, to);
    }

    private static @Nullable Vec derived(Model model, Wall wall, End which, Line line) {
        if (!(wall.at(which) instanceof WallEnd.OnSide side)) return storedPoint(model, wall.at(which));
        Line host = storedLine(model, model.get(side.wall(), Wall.class));
        if (host == null) return null;
        Double along = line.meets(host);
        return along == null ? null : line.at(along);
    }

    public Line line() {
        return Line.between(start, end);
    }

    public double length() {
        return start.distanceTo(end);
    }

    public Vec at(End which) {
        return which == End.START ? start : end;
    }
}
