package org.leanlintel.core.building;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Arm;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;

/**
 * Where linings of walls' own end in inside corners: a lining stops at the one that the wall met there has, if they share
 * a height and that wall was drawn first, and a leaning wall pushes it back.
 */
final class LiningEnds {

    private final Building building;
    private final Junctions junctions;

    LiningEnds(Building building, Junctions junctions) {
        this.building = building;
        this.junctions = junctions;
    }

    /** How much of the face's end at s = {@code faceEnd} is not a lining's own, millimetres. */
    double givesWay(Strip strip, End end, WallPiece lining, double faceEnd) {
        Arm arm = new Arm(strip, end);
        Arm met = metOn(arm, lining.side());
        if (met == null) return 0;
        boolean corner = strip.wall().at(end) instanceof WallEnd.AtCorner;
        Vec metDirection = corner ? met.direction() : tangent(met.strip(), arm.point());
        double sine = Math.abs(arm.direction().cross(metDirection));
        if (sine < Tolerance.BEND_SINE) return 0;
        double cosine = corner ? arm.direction().dot(met.direction()) : 0;
        double depth = lining.make().depthMm();
        Vec corners = strip.at(faceEnd, lining.side() == Side.LEFT ? strip.hi() : strip.lo());
        return Math.max(0, depth * cosine / sine) + met(lining, arm, met.strip(), corners) / sine;
    }

    /** The wall that a face runs into at an end: the other at a corner if it lies on that side, or the one stood on. */
    private @Nullable Arm metOn(Arm arm, Side side) {
        return switch (arm.strip().wall().at(arm.end())) {
            case WallEnd.OnSide s -> building.strip(s.wall()) instanceof Strip host ? new Arm(host, End.START) : null;
            case WallEnd.AtCorner c -> {
                for (Arm other : junctions.armsAt(c.corner())) {
                    boolean onLeft = arm.direction().cross(other.direction()) > 0 == (arm.end() == End.START);
                    if (!other.equals(arm) && onLeft == (side == Side.LEFT)) yield other;
                }
                yield null;
            }
        };
    }

    /** The depth of the lining that the wall met has in this corner, if that comes first. */
    private double met(WallPiece lining, Arm arm, Strip met, Vec corner) {
        boolean stands = arm.strip().wall().at(arm.end()) instanceof WallEnd.OnSide;
        if (!stands && met.wall().id().compareTo(arm.strip().wall().id()) > 0) return 0;
        Side towards = tangent(met, arm.point()).cross(arm.direction()) > 0 ? Side.LEFT : Side.RIGHT;
        double deepest = 0;
        for (WallPiece other : building.model().relations().piecesOn(met.wall().id())) {
            boolean comesThere = other.side() == towards
                    && other.make() instanceof WallPiece.Lined
                    && other.lowMm() < lining.headMm() - Tolerance.SAME_MM
                    && other.headMm() > lining.lowMm() + Tolerance.SAME_MM
                    && reaches(other, met, met.axis().s(corner), lining.make().depthMm());
            if (comesThere) deepest = Math.max(deepest, other.make().depthMm());
        }
        return deepest;
    }

    /** Whether a lining on the wall met lies where one of a depth that comes to s = {@code at} would. */
    private boolean reaches(WallPiece other, Strip met, double at, double depth) {
        if (!(other.stretch() instanceof WallPiece.Part part)) return true;
        Span stretch =
                PlacedPiece.stretch(part, junctions.visibleEnd(met, End.START), junctions.visibleEnd(met, End.END));
        return stretch.from() < at + depth && stretch.to() > at - depth;
    }

    /** The way a wall runs by a point. */
    private static Vec tangent(Strip strip, Vec point) {
        return strip.axis().directionAt(strip.axis().s(point));
    }
}
