package org.leanlintel.core.dimension;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.LengthPrinter;
import org.leanlintel.core.model.DimensionString;

/** Strings of one direction that say differently how far the same two places lie apart, as where they are rounded to other steps. */
final class ToldTwice {

    /** Two lengths as they are printed that are nearer to each other are one. */
    private static final double SAME_MM = 1e-3;

    /** A place a string tells of. @param saidMm from its first place, as printed; @param at on its line */
    private record Spot(int place, double saidMm, Vec at) {}

    /** What one string says. */
    private record Said(DimensionString string, List<Spot> spots, LengthPrinter lengths) {

        Map<Integer, Spot> byPlace() {
            Map<Integer, Spot> by = new HashMap<>();
            for (Spot s : spots) by.put(s.place, s);
            return by;
        }
    }

    private final List<Said> said = new ArrayList<>();
    private final List<SetOutReport.Twice> found = new ArrayList<>();

    List<SetOutReport.Twice> found() {
        return found;
    }

    /** @param places of each point of the string in their order; null for one that tells of none */
    void add(
            DimensionString string,
            List<@Nullable Integer> places,
            List<StringParts.Part> parts,
            LengthPrinter lengths) {
        List<Spot> spots = new ArrayList<>();
        double so = 0;
        for (int i = 0; i < places.size(); i++) {
            if (i > 0) so += parts.get(i - 1).saidMm();
            Integer place = places.get(i);
            if (place == null) continue;
            double along = (i > 0 ? parts.get(i - 1).to() : parts.getFirst().from()).position();
            spots.add(new Spot(
                    place,
                    so,
                    string.at().along(string.direction(), along - string.at().dot(string.direction()))));
        }
        if (spots.size() < 2) return;
        Said now = new Said(string, spots, lengths);
        for (Said before : said) if (before.lengths.units() == lengths.units()) compare(before, now);
        said.add(now);
    }

    /** The first stretch, from one place both tell of to the next, that they say differently. */
    private void compare(Said one, Said other) {
        Map<Integer, Spot> there = other.byPlace();
        Spot before = null;
        double saidBefore = 0;
        for (Spot here : one.spots) {
            Spot same = there.get(here.place);
            if (same == null) continue;
            if (before != null && before.place != here.place) {
                double a = here.saidMm - before.saidMm, b = Math.abs(same.saidMm - saidBefore);
                if (Math.abs(a - b) > SAME_MM) {
                    found.add(new SetOutReport.Twice(
                            one.string.id(),
                            other.string.id(),
                            one.lengths.print(a),
                            other.lengths.print(b),
                            before.at.plus(here.at).times(0.5)));
                    return;
                }
            }
            before = here;
            saidBefore = same.saidMm;
        }
    }
}
