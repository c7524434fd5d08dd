package org.leanlintel.core.picture.cut;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.picture.cut.Cut.Slant;

/** Strips of one ply that run on a slope, those that go on in line as one. */
final class Slants {

    private static final double LEVEL = 0.02, PARALLEL = 1e-4, SAME_MM = 0.5;

    private final List<Strip> strips = new ArrayList<>();

    /** @param fromMm where it begins; @param baseMm of its lower edge at 0; @param deepMm upright */
    private record Strip(double fromMm, double toMm, double rate, double baseMm, double deepMm) {

        boolean goesOn(Strip next) {
            return Math.abs(rate - next.rate) < PARALLEL
                    && Math.abs(baseMm - next.baseMm) < SAME_MM
                    && Math.abs(deepMm - next.deepMm) < SAME_MM
                    && next.fromMm < toMm + SAME_MM
                    && fromMm < next.toMm + SAME_MM;
        }

        Strip with(Strip next) {
            return new Strip(Math.min(fromMm, next.fromMm), Math.max(toMm, next.toMm), rate, baseMm, deepMm);
        }

        /** Shortened so that it stays within its plumb ends. */
        Slant slant() {
            double cos = 1 / Math.hypot(1, rate), sin = rate * cos, deep = deepMm * cos;
            double from = fromMm + Math.max(0, deep * sin), to = toMm + Math.min(0, deep * sin);
            return new Slant(
                    new Vec(from, baseMm + from * rate),
                    new Vec(to, baseMm + to * rate),
                    new Vec(-sin * deep, cos * deep));
        }

        boolean isLong() {
            double cos = 1 / Math.hypot(1, rate);
            return (toMm - fromMm) > deepMm * cos * Math.abs(rate) * cos + deepMm * cos;
        }
    }

    /** @param ring as a body is cut: its lower edge from left to right, then back along its upper one */
    void add(List<Vec> ring) {
        Vec a = ring.get(0), b = ring.get(1), c = ring.get(2), d = ring.get(3);
        double wide = b.x() - a.x();
        if (wide < SAME_MM) return;
        double low = (b.y() - a.y()) / wide, high = (c.y() - d.y()) / wide;
        if (Math.abs(low) < LEVEL || Math.abs(low - high) > PARALLEL) return;
        Strip strip = new Strip(a.x(), b.x(), low, a.y() - low * a.x(), d.y() - a.y());
        for (int i = 0; i < strips.size(); i++)
            if (strips.get(i).goesOn(strip)) {
                strips.set(i, strips.get(i).with(strip));
                return;
            }
        strips.add(strip);
    }

    List<Slant> all() {
        return strips.stream().filter(Strip::isLong).map(Strip::slant).toList();
    }
}
