package org.leanlintel.core.model;

import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;

/** Guards of element values: each throws {@link IllegalArgumentException} with a sentence a drafter understands. */
final class Checks {

    private Checks() {}

    static String text(String what, String value, int longest) {
        if (value.length() > longest) {
            throw new IllegalArgumentException(
                    "%s may have %d characters at most, not %d.".formatted(what, longest, value.length()));
        }
        return value;
    }

    static String name(String what, String value) {
        if (value.isBlank()) throw new IllegalArgumentException(what + " must not be empty.");
        return text(what, value.strip(), 120);
    }

    static double between(String what, double mm, double least, double most) {
        return number(what, mm, least, most, "mm");
    }

    static Vec near(Vec at) {
        if (Math.abs(at.x()) > Tolerance.FURTHEST_MM || Math.abs(at.y()) > Tolerance.FURTHEST_MM) {
            throw new IllegalArgumentException("That is more than 1 km from the drawing's origin.");
        }
        return at;
    }

    static double number(String what, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException("%s must be between %s and %s %s, not %s."
                    .formatted(what, plain(least), plain(most), unit, plain(value)));
        }
        return value + 0.0;
    }

    static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e12
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
