package org.leanlintel.core.building;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.join.Edge;
import org.leanlintel.core.building.join.EndJoint;
import org.leanlintel.core.building.join.SideJoint;
import org.leanlintel.core.building.join.Span;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.End;
import org.leanlintel.core.model.Placing;
import org.leanlintel.core.model.Stop;

/** Where things of a width come to lie along one wall by the rules they were placed by. */
final class Placings {

    /** Where other openings lie. */
    interface Others {

        /** The stretch of an opening of this wall; null where it is not here or not placed yet. */
        @Nullable
        Span here(ElementId opening);

        /** The middle of an opening of any wall; null where there is none. */
        @Nullable
        Vec middle(ElementId opening);
    }

    private final Strip strip;
    private final EndJoint start;
    private final EndJoint end;
    private final double visibleStart;
    private final double visibleEnd;
    private final List<SideJoint> standing;

    Placings(
            Strip strip,
            EndJoint start,
            EndJoint end,
            double visibleStart,
            double visibleEnd,
            List<SideJoint> standing) {
        this.strip = strip;
        this.start = start;
        this.end = end;
        this.visibleStart = visibleStart;
        this.visibleEnd = visibleEnd;
        this.standing = standing;
    }

    /** Null where what it is placed from is not here. */
    @Nullable
    Span span(Placing placing, double widthMm, Others others) {
        return switch (placing) {
            case Placing.Off off -> off(off, widthMm, others);
            case Placing.Between between -> between(between, widthMm, others);
            case Placing.InLine line ->
                others.middle(line.opening()) instanceof Vec middle
                        ? from(strip.axis().s(middle) - widthMm / 2, widthMm)
                        : null;
        };
    }

    /** Of the wall as it is seen. */
    double middle() {
        return (visibleStart + visibleEnd) / 2;
    }

    /** The furthest that any ply goes at an end. */
    double furthest(End which) {
        double furthest = which == End.START ? Double.POSITIVE_INFINITY : Double.NEGATIVE_INFINITY;
        for (EndJoint.PlyEnd ply : (which == End.START ? start : end).plies()) {
            double lo = ply.edge().atLo(), hi = ply.edge().atHi();
            furthest = which == End.START ? Math.min(furthest, Math.min(lo, hi)) : Math.max(furthest, Math.max(lo, hi));
        }
        return furthest;
    }

    private static Span from(double from, double widthMm) {
        return new Span(from, from + widthMm, null);
    }

    private @Nullable Span off(Placing.Off off, double widthMm, Others others) {
        Double stop = at(off.stop(), others);
        if (stop == null) return null;
        double past =
                switch (off.to()) {
                    case NEAR -> 0;
                    case CENTRE -> widthMm / 2;
                    case FAR -> widthMm;
                };
        double near = off.distanceMm() - past;
        return from(off.stop().towards() == End.END ? stop + near : stop - near - widthMm, widthMm);
    }

    private @Nullable Span between(Placing.Between between, double widthMm, Others others) {
        Double one = at(between.one(), others), two = at(between.two(), others);
        if (one == null || two == null) return null;
        double low = Math.min(one, two), room = Math.abs(two - one);
        double gap = (room - between.of() * widthMm) / (between.of() + 1);
        return from(low + between.place() * gap + (between.place() - 1) * widthMm, widthMm);
    }

    /** Along the wall, millimetres; null where the stop is not at this wall. */
    @Nullable
    Double at(Stop stop, Others others) {
        return switch (stop) {
            case Stop.WallsEnd e -> lineEnd(e.line(), e.end());
            case Stop.AtWall w -> face(w);
            case Stop.AtOpening o ->
                others.here(o.opening()) instanceof Span span
                        ? (Double) (o.towards() == End.END ? span.to() : span.from())
                        : null;
        };
    }

    private double lineEnd(Stop.Line line, End which) {
        boolean first = which == End.START;
        return switch (line) {
            case SET_OUT -> first ? visibleStart : visibleEnd;
            case LEFT_FINISH -> edge(which, strip.plies().size() - 1).atHi();
            case RIGHT_FINISH -> edge(which, 0).atLo();
            case LEFT_STRUCTURE -> edge(which, structure(true)).atHi();
            case RIGHT_STRUCTURE -> edge(which, structure(false)).atLo();
        };
    }

    private Edge edge(End which, int ply) {
        return (which == End.START ? start : end).plies().get(ply).edge();
    }

    /** The outermost ply of the structure on a side, counted from the right; that of the wall where nothing carries. */
    private int structure(boolean onLeft) {
        int plies = strip.plies().size();
        for (int i = 0; i < plies; i++) {
            int ply = onLeft ? plies - 1 - i : i;
            if (strip.plies().get(ply).does() == Does.CARRIES) return ply;
        }
        return onLeft ? plies - 1 : 0;
    }

    private @Nullable Double face(Stop.AtWall stop) {
        for (SideJoint joint : standing)
            if (joint.standingWall().id().equals(stop.wall())) return face(joint, stop.towards(), stop.of());
        return null;
    }

    /** A face of a wall that stands here. @param towards the end of this wall it looks to */
    static double face(SideJoint joint, End towards, Stop.Of of) {
        boolean carries = joint.touches().stream().anyMatch(Placings::carries);
        double low = Double.POSITIVE_INFINITY, high = Double.NEGATIVE_INFINITY;
        for (Span touch : joint.touches()) {
            if (of == Stop.Of.STRUCTURE && carries && !carries(touch)) continue;
            low = Math.min(low, touch.from());
            high = Math.max(high, touch.to());
        }
        return towards == End.END ? high : low;
    }

    private static boolean carries(Span touch) {
        return touch.content() != null && touch.content().does() == Does.CARRIES;
    }
}
