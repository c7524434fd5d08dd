package org.leanlintel.core.stair;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.StairRules.Limit;
import org.leanlintel.core.stair.StairPlan.Flight;
import org.leanlintel.core.stair.StairPlan.Of;
import org.leanlintel.core.stair.StairPlan.Tread;

/** What has to be open above a stair, and how high one's head may be under what is not. */
public final class StairVoid {

    private static final double USUAL_MM = 2000;
    /** Between places along a flight whose headroom is looked at. */
    private static final double STEP_MM = 10, FINE_MM = 0.01;
    /** What ends at the edge of a void is open to there, however the stair is turned and its corners rounded. */
    private static final double HAIR_MM = 0.01;

    private final StairPlan plan;
    private final StairHeights heights;

    public StairVoid(StairPlan plan, StairHeights heights) {
        this.plan = plan;
        this.heights = heights;
    }

    /** The headroom that rules ask for; 2,000 mm where they ask for none. */
    public static double needed(StairRules rules, boolean spiral) {
        return rules.headroom(spiral) instanceof Limit limit ? limit.value() : USUAL_MM;
    }

    /**
     * All of the stair in plan above which the soffit is nearer to the line of the nosings than the headroom. Of a single
     * flight, that is (h + t) G / R long, from its top riser down, or all of it.
     */
    public Area area(double headroomMm) {
        double highest = heights.riseMm() - heights.floorMm() - headroomMm;
        List<Area> open = new ArrayList<>();
        for (Flight f : plan.flights()) {
            double from = Math.max(0, along(f, highest));
            if (f.lengthMm() - from < 1) continue;
            double w = plan.stair().widthMm();
            open.add(Area.of(List.of(f.at(from, w), f.at(f.lengthMm(), w), f.at(f.lengthMm(), 0), f.at(from, 0))));
        }
        for (Tread t : plan.treads()) if (t.of() != Of.FLIGHT && level(t) > highest) open.add(Area.of(t.ring()));
        return open.isEmpty() ? Area.NONE : Area.union(open);
    }

    /** How far up a flight the line of its nosings is so high. */
    private double along(Flight f, double aboveFloorMm) {
        double riser = plan.sum().riserMm();
        return (aboveFloorMm - f.first() * riser) * plan.sum().goingMm() / riser;
    }

    private double level(Tread t) {
        return t.number() * plan.sum().riserMm();
    }

    /** The least height between the line of the nosings and the soffit, where the floor above is not open; all of it where it is. */
    public double headroomMm(Area over) {
        Area open = over.grown(HAIR_MM);
        double highest = 0;
        for (Flight f : plan.flights()) {
            for (double across : new double[] {0, 0.5, 1}) {
                double y = covered(f, inside(across) * plan.stair().widthMm(), open);
                double slope = plan.sum().riserMm() / plan.sum().goingMm();
                if (y >= 0) highest = Math.max(highest, f.first() * plan.sum().riserMm() + y * slope);
            }
        }
        for (Tread t : plan.treads()) {
            boolean covered = t.of() == Of.FLIGHT || open.grown(1).covers(Area.of(t.ring()));
            if (!covered) highest = Math.max(highest, level(t));
        }
        return heights.riseMm() - heights.floorMm() - highest;
    }

    /** How far up a flight something is over it; -1 where nothing is. */
    private static double covered(Flight f, double across, Area open) {
        double y = f.lengthMm();
        while (y >= 0 && open.covers(f.at(y, across))) y -= STEP_MM;
        if (y < 0) return open.covers(f.at(0, across)) ? -1 : 0;
        double over = y, free = Math.min(f.lengthMm(), y + STEP_MM);
        while (free - over > FINE_MM) {
            double middle = (over + free) / 2;
            if (open.covers(f.at(middle, across))) free = middle;
            else over = middle;
        }
        return over;
    }

    /** A little inside the edges, so that a void as wide as the stair counts. */
    private static double inside(double across) {
        return 0.02 + across * 0.96;
    }
}
