package org.leanlintel.core.dimension;

import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Hold;

/**
 * A straight line of a plan, or a point of it, that a builder may have to find.
 *
 * @param hold what a string holds to that tells of it
 * @param element the wall, opening, piece or post it belongs to
 * @param words what it is called: "face of W3"
 * @param to as {@code from} for a point
 * @param sought whether it has to be found; what need not be may help to find others
 * @param stands whether it is there before the work begins
 */
public record PlanLine(
        Hold hold, ElementId element, String words, Kind kind, Vec from, Vec to, boolean sought, boolean stands) {

    /** What a line is. */
    public enum Kind {
        /** A finished face of a wall. */
        FACE,
        /** A line inside a wall: a face of its structure, its set-out line, its middle. */
        INNER,
        /** An edge of an opening. */
        JAMB,
        /** The middle of an opening. */
        CENTRE,
        /** A side of a pier, a niche or a post; the end of a wall that stands free. */
        SIDE,
        /** The end of a wall that runs at an angle. */
        POINT,
        /** A grid line: what others are found from, and need not be found. */
        GRID
    }

    /** A part of it. */
    PlanLine between(Vec one, Vec two) {
        return new PlanLine(hold, element, words, kind, one, two, sought, stands);
    }

    /** The same, where it need not be found. */
    PlanLine known() {
        return new PlanLine(hold, element, words, kind, from, to, false, stands);
    }

    boolean isPoint() {
        return kind == Kind.POINT;
    }

    public Vec middle() {
        return from.plus(to).times(0.5);
    }

    public double lengthMm() {
        return from.distanceTo(to);
    }

    /** Whether it is found by measuring in a direction: it runs square to it, or is a point. */
    boolean isMeasuredAlong(Vec direction) {
        return isPoint()
                || Math.abs(to.minus(from).dot(direction)) <= Tolerance.PARALLEL_SINE * Math.max(1, lengthMm());
    }
}
