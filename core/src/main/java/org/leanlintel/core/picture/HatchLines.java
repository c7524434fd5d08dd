package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import org.leanlintel.core.geometry.GivenUp;
import org.leanlintel.core.geometry.Vec;

/** The lines that hatches stand for, which every writer draws. The board works them out alike: see {@code hatches.tsv} of the tests. */
public final class HatchLines {

    /** Shorter than that, in picture millimetres, nothing is drawn. */
    private static final double LEAST_MM = 1e-6;

    private HatchLines() {}

    /** The straight lines of a hatch, each of two points. */
    public static List<List<Vec>> of(Item.Hatch hatch) {
        List<List<Vec>> lines = new ArrayList<>();
        for (double degrees : hatch.degrees()) {
            GivenUp.orGoOn();
            family(hatch, Math.toRadians(degrees), lines);
        }
        return lines;
    }

    /** Where lines of one angle cross the rings they go in and out by turns. */
    private static void family(Item.Hatch hatch, double angle, List<List<Vec>> lines) {
        Vec along = Vec.ofAngle(angle), across = along.left();
        double base = hatch.origin().dot(across), pitch = hatch.pitch();
        SortedMap<Long, List<Double>> crossings = new TreeMap<>();
        for (List<Vec> ring : hatch.rings())
            for (int i = 0; i < ring.size(); i++) {
                Vec p = ring.get(i), q = ring.get((i + 1) % ring.size());
                double dp = (p.dot(across) - base) / pitch, dq = (q.dot(across) - base) / pitch;
                double sp = p.dot(along), sq = q.dot(along);
                for (long k = (long) Math.ceil(Math.min(dp, dq)); k < Math.max(dp, dq); k++)
                    crossings.computeIfAbsent(k, level -> new ArrayList<>()).add(sp + (sq - sp) * (k - dp) / (dq - dp));
            }
        crossings.forEach((k, places) -> {
            places.sort(null);
            Vec foot = across.times(base + k * pitch);
            for (int i = 1; i < places.size(); i += 2)
                if (places.get(i) - places.get(i - 1) > LEAST_MM)
                    lines.add(List.of(foot.along(along, places.get(i - 1)), foot.along(along, places.get(i))));
        });
    }

    /** The bent line of a wave. */
    public static List<Vec> of(Item.Wave wave) {
        int steps = wave.halves() * wave.steps();
        Vec along = wave.to().minus(wave.from());
        List<Vec> points = new ArrayList<>(steps + 1);
        for (int i = 0; i <= steps; i++) {
            double part = (double) i / steps;
            points.add(wave.from().along(along, part).along(wave.across(), risen(part, wave.halves())));
        }
        return points;
    }

    /** How far from face to face a wave of some half waves is at a part of its way, from 0 to 1. */
    static double risen(double part, int halves) {
        return 0.5 - 0.5 * Math.cos(Math.PI * halves * part);
    }
}
