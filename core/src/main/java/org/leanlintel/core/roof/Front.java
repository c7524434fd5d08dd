package org.leanlintel.core.roof;

import org.leanlintel.core.geometry.Vec;

/**
 * An edge as it moves inwards with the height.
 *
 * @param edge its place in the outline; {@link #BETWEEN} for an upright one between two in line
 * @param from a point of it at its foot
 * @param lifted how many bands were put under those it was given, as its foot lies over the lowest
 */
record Front(int edge, Vec from, Vec along, Profile profile, int lifted) {

    static final int BETWEEN = -1;

    /** Sine of the angle up to which two edges in line count so; between other pitches their corner would race off. */
    private static final double IN_LINE_SINE = 1.7e-3;

    /** Sine under which a crossing is worth nothing. */
    private static final double PARALLEL_SINE = 1e-9;

    static Front of(int edge, RoofEdge e, double lowestMm) {
        Profile profile = e.profile().from(lowestMm);
        int lifted = profile.bands().size() - e.profile().bands().size();
        return new Front(edge, e.from(), e.along(), profile, lifted);
    }

    /** What stands upright at a corner of two in line, the steeper behind it. */
    static Front between(Vec at, Front before, Front after, double z) {
        boolean beforeIsSteeper = before.speed(z) < after.speed(z);
        Vec inwards = beforeIsSteeper ? before.along.times(-1) : before.along;
        Vec along = inwards.left().times(-1);
        return new Front(BETWEEN, at, along, Profile.upright(before.profile.startMm()), 0);
    }

    Vec inwards() {
        return along.left();
    }

    double speed(double z) {
        return profile.bands().get(profile.bandAt(z)).speed();
    }

    /** How far inwards of the plan's origin it lies at a height. */
    private double distance(double z) {
        return inwards().dot(from) + profile.insetAt(z);
    }

    /** How far a point lies before it at a height. */
    double before(Vec p, double z) {
        return inwards().dot(p) - distance(z);
    }

    boolean isInLineWith(Front next) {
        return along.dot(next.along) > 0 && Math.abs(along.cross(next.along)) < IN_LINE_SINE;
    }

    private boolean crosses(Front next, double z) {
        double sine = Math.abs(along.cross(next.along));
        return sine >= IN_LINE_SINE || sine >= PARALLEL_SINE && speed(z) == next.speed(z);
    }

    /** Where its corner with the next one, now at p, lies at a greater height. */
    Vec corner(Front next, Vec p, double z, double then) {
        if (!crosses(next, z)) return p.along(inwards(), profile.insetAt(then) - profile.insetAt(z));
        return crossing(next, distance(then), next.distance(then));
    }

    /** How far their corner moves for each millimetre of height. */
    Vec velocity(Front next, double z) {
        return crosses(next, z)
                ? crossing(next, speed(z), next.speed(z))
                : inwards().times(speed(z));
    }

    private Vec crossing(Front next, double one, double other) {
        Vec n = inwards(), m = next.inwards();
        double cross = n.cross(m);
        return new Vec((one * m.y() - other * n.y()) / cross, (other * n.x() - one * m.x()) / cross);
    }
}
