package org.leanlintel.core.building.join;

import org.leanlintel.core.geometry.Tolerance;

/** A straight cut across a ply: where it meets the ply's lower (right) and upper (left) face, as s in millimetres. */
public record Edge(double atLo, double atHi) {

    public static Edge square(double s) {
        return new Edge(s, s);
    }

    public double middle() {
        return (atLo + atHi) / 2;
    }

    /** Whether this lies before {@code other} by more than rounding, on either face. */
    public boolean before(Edge other) {
        return other.atLo - atLo > Tolerance.SAME_MM || other.atHi - atHi > Tolerance.SAME_MM;
    }

    public Edge orLater(Edge other) {
        return new Edge(Math.max(atLo, other.atLo), Math.max(atHi, other.atHi));
    }

    public Edge orEarlier(Edge other) {
        return new Edge(Math.min(atLo, other.atLo), Math.min(atHi, other.atHi));
    }
}
