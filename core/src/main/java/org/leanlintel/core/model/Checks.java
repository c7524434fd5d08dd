package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;

/** Guards of element values: each throws {@link Unusable} with a sentence a drafter understands. */
final class Checks {

    private static final Pattern INK = Pattern.compile("(#[0-9a-fA-F]{6})?");

    private Checks() {}

    static String text(String what, String value, int longest) {
        if (value.length() > longest) {
            throw new Unusable("%s may have %d characters at most, not %d.".formatted(what, longest, value.length()));
        }
        return value;
    }

    static String name(String what, String value) {
        if (value.isBlank()) throw new Unusable(what + " must not be empty.");
        return text(what, value.strip(), 120);
    }

    /** A colour as {@code #rrggbb}, or nothing. */
    static String ink(String what, String value) {
        if (!INK.matcher(value).matches())
            throw new Unusable("%s is written as #rrggbb, not \"%s\".".formatted(what, text(what, value, 40)));
        return value;
    }

    static double between(String what, double mm, double least, double most) {
        return number(what, mm, least, most, "mm");
    }

    static Vec near(Vec at) {
        if (Math.abs(at.x()) > Tolerance.FURTHEST_MM || Math.abs(at.y()) > Tolerance.FURTHEST_MM) {
            throw new Unusable("That is more than 1 km from the drawing's origin.");
        }
        return at;
    }

    static Vec of(String what, Vec at, double furthest) {
        between(what, at.x(), -furthest, furthest);
        between(what, at.y(), -furthest, furthest);
        return at;
    }

    /** @return the ring without a repeated last point */
    static List<Vec> ring(String what, List<Vec> ring) {
        List<Vec> open =
                ring.size() > 1 && ring.getFirst().equals(ring.getLast()) ? ring.subList(0, ring.size() - 1) : ring;
        if (open.size() < 3 || open.size() > 400) throw new Unusable(what + " has from 3 to 400 corners.");
        open.forEach(Checks::near);
        double twice = 0;
        for (int i = 0; i < open.size(); i++) twice += open.get(i).cross(open.get((i + 1) % open.size()));
        if (!(Math.abs(twice) > 2 * 10_000)) throw new Unusable(what + " has no area to speak of.");
        return List.copyOf(open);
    }

    /** A ring that neither crosses nor touches itself; of points at one place one after another only the first is taken. */
    static List<Vec> cleanRing(String what, List<Vec> ring) {
        List<Vec> open = new ArrayList<>();
        for (Vec p : ring) if (open.isEmpty() || !Tolerance.same(open.getLast(), p)) open.add(p);
        while (open.size() > 1 && Tolerance.same(open.getLast(), open.getFirst())) open.removeLast();
        List<Vec> checked = ring(what, open);
        if (!Area.of(checked).isClean()) throw new Unusable(what + " would have an outline that crosses itself.");
        return checked;
    }

    static double number(String what, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new Unusable("%s must be between %s and %s %s, not %s."
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
