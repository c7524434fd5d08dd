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
        if (!(mm >= least && mm <= most)) {
            throw new IllegalArgumentException(
                    "%s must be between %s and %s mm, not %s.".formatted(what, plain(least), plain(most), plain(mm)));
        }
        return mm + 0.0;
    }

    static Vec near(Vec at) {
        if (Math.abs(at.x()) > Tolerance.FURTHEST_MM || Math.abs(at.y()) > Tolerance.FURTHEST_MM) {
            throw new IllegalArgumentException("That is more than 1 km from the drawing's origin.");
        }
        return at;
    }

    private static String plain(double mm) {
        return mm == Math.rint(mm) && Math.abs(mm) < 1e12 ? Long.toString((long) mm) : Double.toString(mm);
    }
}
