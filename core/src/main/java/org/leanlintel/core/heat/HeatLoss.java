package org.leanlintel.core.heat;

import java.util.List;

/** The U-value of a build-up, or why there is none. */
public sealed interface HeatLoss {

    /**
     * By the combined method of ISO 6946, 6.7.2, before corrections for fixings and air gaps (its annex F).
     *
     * @param uValue W/m2K, of the total resistance as worked out, unrounded
     * @param total (upper + lower) / 2, m2K/W
     * @param upper heat flowing straight through, each path by itself
     * @param lower each layer evened out before the next
     * @param error the most that the method may be wrong, as a part of the total: (upper - lower) / 2 total
     * @param rows surfaces and plies from outside to inside, those left out by a ventilated cavity not among them
     */
    record Worked(double uValue, double total, double upper, double lower, double error, List<Row> rows)
            implements HeatLoss {
        public Worked {
            rows = List.copyOf(rows);
        }
    }

    /** @param reason a sentence for the drafter */
    record Unknown(String reason) implements HeatLoss {}

    /**
     * One line of the sum.
     *
     * @param thicknessMm 0 for a surface
     * @param resistance of the ply between its framing, m2K/W
     * @param framingPart of its face that is framing; 0 where it has none
     * @param framingResistance of the framing; 0 where it has none
     * @param combined of the layer as the lower limit takes it
     */
    record Row(
            String what,
            double thicknessMm,
            double resistance,
            double framingPart,
            double framingResistance,
            double combined) {

        static Row plain(String what, double thicknessMm, double resistance) {
            return new Row(what, thicknessMm, resistance, 0, 0, resistance);
        }
    }
}
