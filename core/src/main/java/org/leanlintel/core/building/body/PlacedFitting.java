package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Slab;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Cell;
import org.leanlintel.core.derive.Member;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.derive.Spread;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.Hold.AtFittingCorner.Corner;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.Symbol;

/**
 * A fitting where it stands.
 *
 * @param origin the left end of its back, seen from before it
 * @param along its back to the right, one long
 * @param out to its front, one long
 */
public record PlacedFitting(Fitting fitting, Symbol symbol, Vec origin, Vec along, Vec out) {

    /** That of a model's fitting; null where it is not there, or cannot be placed. */
    public record Of(ElementId fitting) implements Member<@Nullable PlacedFitting>, Comparable<Of> {

        @Override
        public @Nullable PlacedFitting from(Reads reads) {
            return reads.model().find(fitting) instanceof Fitting f ? of(f, Building.in(reads)) : null;
        }

        @Override
        public Spread<?> spread() {
            return Everywhere.ALL;
        }

        @Override
        public Collection<Cell> cells(@Nullable PlacedFitting placed) {
            return placed == null ? List.of() : Cell.of(Bounds.of(placed.outline()));
        }

        @Override
        public int compareTo(Of other) {
            return fitting.compareTo(other.fitting);
        }
    }

    /** The fittings of all storeys by where they stand. */
    private enum Everywhere implements Spread<Of> {
        ALL;

        @Override
        public Collection<Of> members(Element element) {
            return element instanceof Fitting f ? List.of(new Of(f.id())) : List.of();
        }
    }

    /** Those of a storey the boxes of which meet some bounds, in the order of ids. */
    public static List<PlacedFitting> near(Building building, ElementId storey, Bounds bounds) {
        List<PlacedFitting> near = new ArrayList<>();
        for (Of of : building.lying(Everywhere.ALL, bounds))
            if (building.get(of) instanceof PlacedFitting p
                    && p.fitting().storey().equals(storey)
                    && p.fitting().stays()
                    && Bounds.of(p.outline()).meets(bounds)) near.add(p);
        return near;
    }

    /** Null where the wall it stands on is not there, or what it is placed from. */
    public static @Nullable PlacedFitting of(Fitting fitting, Building building) {
        Symbol symbol = building.model().get(fitting.symbol(), Symbol.class);
        return switch (fitting.seat()) {
            case Fitting.Free free -> free(fitting, symbol, free);
            case Fitting.OnWall seat -> onWall(fitting, symbol, seat, building.solid(seat.wall()));
        };
    }

    private static PlacedFitting free(Fitting fitting, Symbol symbol, Fitting.Free free) {
        Vec along = Vec.ofAngle(free.angle()), out = along.left().times(-1);
        Vec origin = free.at().along(along, -fitting.widthMm() / 2).along(out, -fitting.depthMm() / 2);
        return new PlacedFitting(fitting, symbol, origin, along, out);
    }

    private static @Nullable PlacedFitting onWall(
            Fitting fitting, Symbol symbol, Fitting.OnWall seat, @Nullable WallSolid solid) {
        if (solid == null) return null;
        Span span = solid.place(seat.placing(), fitting.widthMm());
        if (span == null) return null;
        Strip strip = solid.strip();
        double middle = (span.from() + span.to()) / 2;
        Vec run = strip.axis().directionAt(middle);
        Vec out = run.left().times(seat.side().sign()), along = out.left();
        double face = finishedFace(solid, seat.side(), span, symbol);
        Vec back = strip.at(middle, face);
        return new PlacedFitting(fitting, symbol, back.along(along, -fitting.widthMm() / 2), along, out);
    }

    /** The wall's face on a side, or that of the furthest lining, pier or boxing there at the fitting's height. */
    private static double finishedFace(WallSolid solid, Side side, Span span, Symbol symbol) {
        boolean left = side == Side.LEFT;
        double face = left ? solid.strip().hi() : solid.strip().lo();
        double low = solid.levelMm() + symbol.lowMm(), high = low + Math.max(symbol.heightMm(), 1);
        for (Slab slab : solid.lastingSlabs()) {
            boolean beside = slab.from() < span.to() - Tolerance.SAME_MM && slab.to() > span.from() + Tolerance.SAME_MM;
            boolean level = slab.lowMm() < high && slab.highMm() > low;
            boolean here = left
                    ? slab.lo() >= solid.strip().hi()
                    : slab.hi() <= solid.strip().lo();
            if (beside && level && here) face = left ? Math.max(face, slab.hi()) : Math.min(face, slab.lo());
        }
        return face;
    }

    /** Its box, counter-clockwise. */
    public List<Vec> outline() {
        double w = fitting.widthMm(), d = fitting.depthMm();
        return List.of(box(0, 0), box(0, d), box(w, d), box(w, 0));
    }

    /** A point of its box, not mirrored: x along its back, y to its front. */
    public Vec box(double x, double y) {
        return origin.along(along, x).along(out, y);
    }

    /** A point of its drawing: mirrored where the fitting is. */
    public Vec drawn(double x, double y) {
        return box(fitting.mirrored() ? fitting.widthMm() - x : x, y);
    }

    /** The two ends of a line of its box. */
    public List<Vec> line(Hold.OnFitting.Edge edge) {
        double w = fitting.widthMm(), d = fitting.depthMm();
        return switch (edge) {
            case BACK -> List.of(corner(Corner.BACK_LEFT), corner(Corner.BACK_RIGHT));
            case FRONT -> List.of(corner(Corner.FRONT_LEFT), corner(Corner.FRONT_RIGHT));
            case LEFT -> List.of(corner(Corner.BACK_LEFT), corner(Corner.FRONT_LEFT));
            case RIGHT -> List.of(corner(Corner.BACK_RIGHT), corner(Corner.FRONT_RIGHT));
            case MIDDLE -> List.of(drawn(w / 2, 0), drawn(w / 2, d));
        };
    }

    public Vec corner(Corner corner) {
        double w = fitting.widthMm(), d = fitting.depthMm();
        return switch (corner) {
            case BACK_LEFT -> drawn(0, 0);
            case BACK_RIGHT -> drawn(w, 0);
            case FRONT_RIGHT -> drawn(w, d);
            case FRONT_LEFT -> drawn(0, d);
        };
    }

    public Vec middle() {
        return box(fitting.widthMm() / 2, fitting.depthMm() / 2);
    }

    /** A point off its middle. @param off along its back, and out to its front */
    public Vec beside(Vec off) {
        return middle().along(along, off.x()).along(out, off.y());
    }

    /** How far a point lies off its middle, as {@link #beside} takes it. */
    public Vec off(Vec at) {
        Vec off = at.minus(middle());
        return new Vec(off.dot(along), off.dot(out));
    }

    /** Whether some height lies in both. */
    public boolean sharesHeight(PlacedFitting other) {
        return symbol.lowMm() < other.symbol.lowMm() + other.symbol.heightMm()
                && other.symbol.lowMm() < symbol.lowMm() + symbol.heightMm();
    }

    /** The same, standing free where it is. */
    public Fitting freed() {
        return fitting.seated(new Fitting.Free(middle(), along.angle()));
    }
}
