package org.leanlintel.core.dimension;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.DimensionString;

/**
 * A string as what it tells.
 *
 * @param lines of what is told in its direction, in their order along it; null for a point that tells of none
 * @param acrossMm where its line lies, across its direction
 * @param string that says so; null for one that is proposed
 */
record Chain(List<@Nullable Integer> lines, double acrossMm, @Nullable DimensionString string) {

    /** The places it tells of, in their order. */
    Set<Integer> places(Told told) {
        Set<Integer> places = new LinkedHashSet<>();
        for (Integer line : lines) if (line != null) places.add(told.placeOf(line));
        return places;
    }

    /** Whether two places are next to each other in it. */
    boolean hasPart(int one, int two, Told told) {
        for (int i = 1; i < lines.size(); i++) {
            Integer a = lines.get(i - 1), b = lines.get(i);
            if (a == null || b == null) continue;
            int from = told.placeOf(a), to = told.placeOf(b);
            if (from == one && to == two || from == two && to == one) return true;
        }
        return false;
    }
}
