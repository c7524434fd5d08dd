package org.leanlintel.core.roof;

import java.util.ArrayList;
import java.util.List;

/**
 * How the roof rises over one edge: bands that follow each other upwards, the last of which never ends.
 *
 * @param startMm the height of the first band's foot, which lies over the edge
 */
public record Profile(double startMm, List<Band> bands) {

    /** @param tan rise per run; infinite where it is upright; @param toMm the height it ends at, infinite for the last */
    public record Band(double tan, double toMm) {

        /** How far the edge moves inwards for each millimetre of height. */
        public double speed() {
            return isUpright() ? 0 : 1 / tan;
        }

        public boolean isUpright() {
            return Double.isInfinite(tan);
        }
    }

    public Profile {
        bands = List.copyOf(bands);
        if (bands.isEmpty() || !Double.isInfinite(bands.getLast().toMm()))
            throw new IllegalStateException("The last band of a roof's edge never ends: " + bands);
    }

    /** One slope. @param tan rise per run */
    public static Profile sloping(double startMm, double tan) {
        return new Profile(startMm, List.of(new Band(tan, Double.POSITIVE_INFINITY)));
    }

    /** A gable, or what lies against a wall. */
    public static Profile upright(double startMm) {
        return sloping(startMm, Double.POSITIVE_INFINITY);
    }

    /** Two bands, the first up to a height. */
    public static Profile broken(double startMm, double tan, double toMm, double upperTan) {
        return new Profile(startMm, List.of(new Band(tan, toMm), new Band(upperTan, Double.POSITIVE_INFINITY)));
    }

    /** As seen from a lower foot: upright up to its own. */
    Profile from(double lowestMm) {
        if (startMm <= lowestMm) return this;
        List<Band> all = new ArrayList<>();
        if (!bands.getFirst().isUpright()) all.add(new Band(Double.POSITIVE_INFINITY, startMm));
        all.addAll(bands);
        return new Profile(lowestMm, all);
    }

    /** The band at a height; at the end of one, the next. */
    int bandAt(double z) {
        int i = 0;
        while (z >= bands.get(i).toMm()) i++;
        return i;
    }

    /** How far inwards it has come at a height. */
    double insetAt(double z) {
        double inset = 0, from = startMm;
        for (Band band : bands) {
            double to = Math.min(z, band.toMm());
            if (to > from) inset += (to - from) * band.speed();
            from = band.toMm();
            if (from >= z) break;
        }
        return inset;
    }

    boolean isUpright() {
        return bands.stream().allMatch(Band::isUpright);
    }
}
