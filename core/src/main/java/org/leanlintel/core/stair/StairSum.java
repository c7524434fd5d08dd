package org.leanlintel.core.stair;

import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.StairRules.What;

/**
 * How many risers a stair has, how high each is and how long each going. All risers are equal: the rise from finished
 * floor to finished floor, divided.
 *
 * @param riseMm from floor to floor
 * @param goingMm from nosing to nosing; of a spiral, on the line it is walked on
 */
public record StairSum(double riseMm, int risers, double goingMm) {

    /** Twice the rise and the going, where a stair is easiest to walk (trade). */
    static final double COMFORT_MM = 620;

    /** More is a ladder to heaven: the search for a number of risers ends there. */
    private static final int MOST_RISERS = 60;

    private static final double HAIR = 1e-9;

    /** @param stepMm goings that are not given are whole multiples of it */
    public static StairSum of(Stair stair, double riseMm, StairRules rules, double stepMm) {
        boolean spiral = stair.shape() instanceof Stair.Spiral;
        int risers = stair.risers() instanceof Stair.FixedRisers f ? f.count() : leastRisers(riseMm, rules, spiral);
        double riser = riseMm / risers;
        double going = stair.shape() instanceof Stair.Spiral s
                ? walkedGoing(s, stair.widthMm(), risers, rules)
                : stair.going() instanceof Stair.FixedGoing f ? f.mm() : going(riser, rules, stepMm);
        return new StairSum(riseMm, risers, going);
    }

    /** Of a spiral, the chord between two nosings on the line it is walked on; its sweep decides it. */
    private static double walkedGoing(Stair.Spiral spiral, double widthMm, int risers, StairRules rules) {
        double inside = Math.min(rules.value(What.WALKLINE_FROM_INSIDE, widthMm / 2), widthMm);
        double each = spiral.sweep() / Math.max(1, risers - 1);
        return 2 * (spiral.poleMm() / 2 + inside) * Math.sin(each / 2);
    }

    /** The least number whose riser is within the limit and for which a going fits that the rules allow. */
    static int leastRisers(double riseMm, StairRules rules, boolean spiral) {
        double most = rules.value(What.RISE_MOST, 220);
        if (spiral) most = rules.value(What.SPIRAL_RISE_MOST, most);
        int first = Math.max(2, (int) Math.ceil(riseMm / most - HAIR));
        for (int n = first; n <= MOST_RISERS; n++)
            if (leastGoing(riseMm / n, rules) <= mostGoing(riseMm / n, rules) + HAIR) return n;
        return Math.min(first, MOST_RISERS);
    }

    /** The shortest going that the rules allow with a riser. */
    static double leastGoing(double riser, StairRules rules) {
        double least = rules.value(What.GOING_LEAST, 0);
        if (rules.limit(What.PITCH_MOST) instanceof StairRules.Limit pitch)
            least = Math.max(least, riser / Math.tan(Math.toRadians(pitch.value())));
        return Math.max(least, rules.value(What.SUM_LEAST, 0) - 2 * riser);
    }

    /** The longest going that the rules allow with a riser. */
    static double mostGoing(double riser, StairRules rules) {
        double most = rules.value(What.GOING_MOST, Double.POSITIVE_INFINITY);
        return Math.min(most, rules.value(What.SUM_MOST, Double.POSITIVE_INFINITY) - 2 * riser);
    }

    /** As near to what is comfortable as the rules allow. */
    private static double going(double riser, StairRules rules, double stepMm) {
        double least = leastGoing(riser, rules), most = mostGoing(riser, rules);
        double up = Math.ceil(least / stepMm - HAIR) * stepMm;
        double comfortable = Math.rint((COMFORT_MM - 2 * riser) / stepMm) * stepMm;
        return Math.max(up <= most + HAIR ? up : least, Math.min(most, comfortable));
    }

    public double riserMm() {
        return riseMm / risers;
    }

    /** Radians. */
    public double pitch() {
        return Math.atan2(riserMm(), goingMm);
    }

    /** Twice the rise and the going. */
    public double sumMm() {
        return 2 * riserMm() + goingMm;
    }

    /** Of the line along the nosings, for one riser. */
    double slopeMm() {
        return Math.hypot(riserMm(), goingMm);
    }
}
