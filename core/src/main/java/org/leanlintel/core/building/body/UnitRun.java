package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Fills a length with units of standard widths: the least filler first, then the fewest units. */
public final class UnitRun {

    /** Millimetres that lengths are counted in: a tenth holds inches exactly enough. */
    private static final double STEP_MM = 0.1;

    private static final int NONE = -1;

    private UnitRun() {}

    /**
     * The widths from left to right, the widest first, without the filler.
     *
     * @param widths standard ones, each above 0
     */
    public static List<Double> fill(double lengthMm, List<Double> widths) {
        int length = (int) Math.floor(lengthMm / STEP_MM + 1e-6);
        int[] steps =
                widths.stream().mapToInt(w -> (int) Math.round(w / STEP_MM)).toArray();
        int[] fewest = new int[length + 1], last = new int[length + 1];
        Arrays.fill(fewest, Integer.MAX_VALUE);
        Arrays.fill(last, NONE);
        fewest[0] = 0;
        int best = 0;
        for (int l = 1; l <= length; l++) {
            for (int i = 0; i < steps.length; i++) {
                int before = l - steps[i];
                if (before < 0 || fewest[before] == Integer.MAX_VALUE || fewest[before] + 1 >= fewest[l]) continue;
                fewest[l] = fewest[before] + 1;
                last[l] = i;
            }
            if (fewest[l] != Integer.MAX_VALUE) best = l;
        }
        List<Double> units = new ArrayList<>();
        for (int l = best; l > 0; l -= steps[last[l]]) units.add(widths.get(last[l]));
        units.sort(Comparator.reverseOrder());
        return units;
    }
}
