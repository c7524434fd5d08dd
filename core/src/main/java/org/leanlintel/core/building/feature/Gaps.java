package org.leanlintel.core.building.feature;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedPiece;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Line;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Gap;
import org.leanlintel.core.model.Gap.Faces;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallEnd;
import org.leanlintel.core.model.WallPiece;

/**
 * The clear distances round a straight wall: on each side to every parallel wall that it sees, and from each free end to
 * the wall straight ahead. A wall hides what lies behind it, and what lies further off than {@link #FURTHEST_MM} is not
 * measured.
 */
public final class Gaps {

    /** Millimetres along the wall. A neighbour seen over less than this is not worth a figure. */
    private static final double LEAST_SEEN_MM = 100;

    /** Millimetres. No room of a house is wider. */
    private static final double FURTHEST_MM = 20_000;

    /** @param from on the wall, to on the other: where the distance is measured */
    public record Measured(Gap gap, double clearMm, Vec from, Vec to) {}

    private final Building building;
    private final WallSolid solid;
    private final Strip strip;
    private final Line axis;
    private final Faces faces;

    private Gaps(Building building, WallSolid solid, Faces faces) {
        this.building = building;
        this.solid = solid;
        this.strip = solid.strip();
        this.axis = strip.axis().chord();
        this.faces = faces;
    }

    /** All gaps of a wall, sides first, nearest first; none for a curved wall. */
    public static List<Measured> of(Building building, ElementId wall, Faces faces) {
        WallSolid solid = building.solid(wall);
        if (solid == null || !solid.strip().axis().isStraight()) return List.of();
        Gaps gaps = new Gaps(building, solid, faces);
        List<Measured> found = new ArrayList<>();
        for (Side side : Side.values()) gaps.addSeen(side, found);
        for (End end : End.values()) if (gaps.ahead(end) instanceof Measured m) found.add(m);
        return found;
    }

    /** One gap as it is now; null where the walls no longer lie so. */
    public static @Nullable Measured of(Building building, Gap gap, Faces faces) {
        WallSolid solid = building.solid(gap.wall()), other = building.solid(gap.other());
        if (solid == null || other == null || !solid.strip().axis().isStraight()) return null;
        Gaps gaps = new Gaps(building, solid, faces);
        return switch (gap) {
            case Gap.Beside b -> gaps.beside(b.side(), other);
            case Gap.Ahead a -> gaps.aheadTo(a.end(), other);
        };
    }

    /** Walls near enough to be measured to. */
    private List<WallSolid> around() {
        Bounds reach = Bounds.of(strip.outline()).grown(FURTHEST_MM);
        List<WallSolid> found = new ArrayList<>();
        for (Strip s : building.near(reach, strip.wall().storey()))
            if (building.solid(s.wall().id()) instanceof WallSolid other) found.add(other);
        return found;
    }

    private void addSeen(Side side, List<Measured> found) {
        List<Measured> candidates = new ArrayList<>();
        for (WallSolid other : around())
            if (other != solid
                    && other.strip().wall().stays()
                    && liesOn(side, other)
                    && beside(side, other) instanceof Measured m)
                if (m.clearMm() >= -Tolerance.SAME_MM) candidates.add(m);
        candidates.sort(Comparator.comparingDouble(Measured::clearMm));
        List<Span> hidden = new ArrayList<>();
        for (Measured m : candidates) {
            WallSolid other = building.solid(m.gap().other());
            Span overlap = other == null ? null : overlap(other);
            if (other == null || overlap == null) continue;
            Span seen = longest(overlap, hidden);
            hidden.add(overlap);
            if (seen.to() - seen.from() >= LEAST_SEEN_MM) found.add(at(side, other, seen));
        }
    }

    private @Nullable Measured beside(Side side, WallSolid other) {
        Span overlap = overlap(other);
        return overlap == null ? null : at(side, other, overlap);
    }

    /** Measured at the middle of a stretch; negative where the other lies on the other side. */
    private Measured at(Side side, WallSolid other, Span stretch) {
        Strip there = other.strip();
        double s = (stretch.from() + stretch.to()) / 2;
        boolean sameWay = there.axis().chord().direction().dot(axis.direction()) > 0;
        Side towards = sameWay == (side == Side.LEFT) ? Side.RIGHT : Side.LEFT;
        Vec from = strip.at(s, face(solid, side, s));
        double sThere = there.axis().s(from);
        Vec to = there.at(sThere, face(other, towards, sThere));
        double clear = to.minus(from).dot(axis.direction().left()) * side.sign();
        Gap gap = new Gap.Beside(strip.wall().id(), side, there.wall().id());
        return new Measured(gap, clear, from, from.along(axis.direction().left(), clear * side.sign()));
    }

    /** Over which stretch of this wall a parallel wall lies beside it; null where it is not parallel or further on. */
    private @Nullable Span overlap(WallSolid other) {
        Strip there = other.strip();
        boolean parallel = there.axis().isStraight()
                && Math.abs(there.axis().chord().direction().cross(axis.direction())) < Tolerance.PARALLEL_SINE;
        if (!parallel) return null;
        double one = axis.along(there.at(other.visible(End.START), 0)),
                two = axis.along(there.at(other.visible(End.END), 0));
        double from = Math.max(solid.visible(End.START), Math.min(one, two));
        double to = Math.min(solid.visible(End.END), Math.max(one, two));
        return to - from < Tolerance.SHORTEST_WALL_MM ? null : new Span(from, to, null);
    }

    /** Whether the middle of another wall's structure lies on a side of that of this one. */
    private boolean liesOn(Side side, WallSolid other) {
        Vec there = other.strip().at(0, structureMiddle(other.strip()));
        double left = axis.direction().cross(there.minus(axis.through())) - structureMiddle(strip);
        return left * side.sign() > 0;
    }

    private static double structureMiddle(Strip strip) {
        return (structure(strip, Side.LEFT) + structure(strip, Side.RIGHT)) / 2;
    }

    private static double structure(Strip strip, Side side) {
        double outer = strip.offsetOfFace(strip.buildUp().structureFrom()),
                inner = strip.offsetOfFace(strip.buildUp().structureTo());
        return side == Side.LEFT ? Math.max(outer, inner) : Math.min(outer, inner);
    }

    private double face(WallSolid of, Side side, double s) {
        return face(of, side, s, faces);
    }

    /** How far left of its set-out line a wall is measured to on a side, by a place along it; millimetres. */
    public static double face(WallSolid of, Side side, double s, Faces faces) {
        Strip there = of.strip();
        return switch (faces) {
            case MIDDLE -> structureMiddle(there);
            case STRUCTURE -> structure(there, side);
            case FINISH -> (side == Side.LEFT ? there.hi() : there.lo()) + side.sign() * ownLining(of, side, s);
        };
    }

    private static double ownLining(WallSolid of, Side side, double s) {
        double deepest = 0;
        for (PlacedPiece p : of.pieces()) {
            boolean there = p.piece().side() == side && p.from() <= s && p.to() >= s;
            if (there && p.piece().make() instanceof WallPiece.Lined l) deepest = Math.max(deepest, l.depthMm());
        }
        return deepest;
    }

    /** The longest piece of a stretch that nothing nearer hides. */
    private static Span longest(Span stretch, List<Span> hidden) {
        List<Span> sorted = new ArrayList<>(hidden);
        sorted.sort(Comparator.comparingDouble(Span::from));
        Span best = new Span(stretch.from(), stretch.from(), null);
        double from = stretch.from();
        sorted.add(new Span(stretch.to(), stretch.to(), null));
        for (Span h : sorted) {
            double to = Math.min(h.from(), stretch.to());
            if (to - from > best.to() - best.from()) best = new Span(from, to, null);
            from = Math.max(from, h.to());
        }
        return best;
    }

    private @Nullable Measured ahead(End end) {
        if (!isFree(end)) return null;
        Measured nearest = null;
        for (WallSolid other : around()) {
            if (other == solid || !other.strip().wall().stays() || !(aheadTo(end, other) instanceof Measured m))
                continue;
            if (nearest == null || m.clearMm() < nearest.clearMm()) nearest = m;
        }
        return nearest;
    }

    private boolean isFree(End end) {
        Wall wall = strip.wall();
        return wall.at(end) instanceof WallEnd.AtCorner c
                && building.model().relations().endsAt(c.corner()).size() == 1;
    }

    /** Along the middle of the structure to the face of a wall that crosses it further on; null where it does not. */
    private @Nullable Measured aheadTo(End end, WallSolid other) {
        Strip there = other.strip();
        if (!there.axis().isStraight()) return null;
        Line ray = new Line(
                strip.at(end == End.START ? 0 : strip.length(), structureMiddle(strip)),
                strip.away(end).times(-1));
        Line line = there.axis().chord();
        Side towards = line.direction().cross(ray.through().minus(line.through())) > 0 ? Side.LEFT : Side.RIGHT;
        if (!(line.meets(ray) instanceof Double along)) return null;
        boolean within = along > other.visible(End.START) && along < other.visible(End.END);
        Line face = line.shiftedLeft(face(other, towards, along));
        if (!within || !(ray.meets(face) instanceof Double clear) || clear < -Tolerance.SAME_MM) return null;
        Gap gap = new Gap.Ahead(strip.wall().id(), end, there.wall().id());
        return new Measured(gap, clear, ray.through(), ray.at(clear));
    }
}
