package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.stair.StairPlan;
import org.leanlintel.core.stair.StairPlan.Flight;
import org.leanlintel.core.stair.StairPlan.Of;
import org.leanlintel.core.stair.StairPlan.Tread;

/**
 * A flight, a landing or a tread on its own, as what goes up it and what lies under it see it. Heights are above the
 * project's zero.
 *
 * @param way along its nosings, or on its top
 * @param under its underside
 */
public record StairPart(Area area, Plane way, Plane under) {

    /** From the foot up: flights, landings and winders; of a spiral, every tread. */
    public static List<StairPart> of(BuiltStair stair) {
        List<StairPart> parts = new ArrayList<>();
        for (Flight f : stair.plan().flights()) if (f.lengthMm() >= 1) parts.add(flight(f, stair));
        boolean spiral = stair.plan().flights().isEmpty();
        for (Tread t : stair.plan().treads()) if (spiral || t.of() != Of.FLIGHT) parts.add(tread(t, spiral, stair));
        return parts;
    }

    private static StairPart flight(Flight f, BuiltStair stair) {
        StairPlan plan = stair.plan();
        double w = plan.stair().widthMm();
        double slope = plan.sum().riserMm() / plan.sum().goingMm();
        Plane way = Plane.rising(f.left(), stair.levelMm(f.first()), f.direction(), slope);
        return new StairPart(
                Area.of(List.of(f.at(0, w), f.at(f.lengthMm(), w), f.at(f.lengthMm(), 0), f.at(0, 0))),
                way,
                way.raised(-StairBodies.underMm(stair)));
    }

    private static StairPart tread(Tread t, boolean spiral, BuiltStair stair) {
        Plane top = Plane.level(stair.levelMm(t.number()));
        return new StairPart(
                Area.of(t.ring()),
                top,
                top.raised(spiral ? -stair.stair().make().treadMm() : -StairBodies.LANDING_MM));
    }
}
