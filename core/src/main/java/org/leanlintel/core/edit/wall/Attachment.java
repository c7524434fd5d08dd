package org.leanlintel.core.edit.wall;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.WallEnd;

/**
 * What an end drawn to a bare point was meant to meet: a corner on its own line, or the side of a wall that it ends in,
 * or a hair short of, or a hair past ({@link Tolerance#MEANT_TO_MEET_MM}).
 */
public final class Attachment {

    private Attachment() {}

    /**
     * @param from where the wall comes from
     * @param end where it was drawn to
     * @param except walls that do not count
     */
    public static @Nullable WallEnd meant(
            Building building, ElementId storey, Vec from, Vec end, WallEnd.Reach reach, Set<ElementId> except) {
        Line leg = Line.between(from, end);
        double length = from.distanceTo(end);
        WallEnd.@Nullable OnSide side = null;
        double nearest = Double.POSITIVE_INFINITY;
        for (Strip strip : building.near(end, storey)) {
            if (except.contains(strip.wall().id()) || !strip.wall().stays()) continue;
            for (End which : End.values()) {
                if (strip.wall().at(which) instanceof WallEnd.AtCorner c && isOn(building, c, leg, length)) return c;
            }
            Double off = pastFace(building, strip, leg, end);
            if (off == null || off >= nearest) continue;
            nearest = off;
            side = new WallEnd.OnSide(strip.wall().id(), end, reach);
        }
        return side;
    }

    /** Whether a wall that ends at a point of a host runs along it, so that it cannot stand on its side. */
    static boolean runsAlong(Building building, ElementId host, Vec from, Vec end) {
        Strip strip = building.strip(host);
        if (strip == null || !strip.axis().isStraight()) return false;
        Vec direction = strip.axis().chord().direction();
        return Math.abs(direction.cross(Line.between(from, end).direction())) < Tolerance.BEND_SINE;
    }

    private static boolean isOn(Building building, WallEnd.AtCorner end, Line leg, double length) {
        Vec at = building.model().get(end.corner(), Corner.class).at();
        double along = leg.along(at);
        return Math.abs(along - length) <= Tolerance.MEANT_TO_MEET_MM && Tolerance.same(leg.at(along), at);
    }

    /** How far from a strip the end lies, 0 within it; null where it was not meant to meet it. */
    private static @Nullable Double pastFace(Building building, Strip strip, Line leg, Vec end) {
        if (!strip.axis().isStraight()) return null;
        Line axis = strip.axis().chord();
        Double place = axis.meets(leg);
        boolean crosses = Math.abs(axis.direction().cross(leg.direction())) > Tolerance.BEND_SINE;
        if (place == null || !crosses || !(building.solid(strip.wall().id()) instanceof WallSolid solid)) return null;
        Span reaches = solid.reaches();
        if (place < reaches.from() - Tolerance.SAME_MM || place > reaches.to() + Tolerance.SAME_MM) return null;
        double t = end.minus(axis.through()).dot(axis.direction().left());
        double off = Math.max(0, Math.max(strip.lo() - t, t - strip.hi()));
        return off <= Tolerance.MEANT_TO_MEET_MM ? off : null;
    }
}
