package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.stair.StairPlan.Flight;
import org.leanlintel.core.stair.StairPlan.Of;
import org.leanlintel.core.stair.StairPlan.Tread;

/** What the underside of a stair leaves above the set-out line of a wall. */
public final class UnderStair {

    /** Less of a wall under a stair is not worth a step. */
    private static final double LEAST_MM = 20;

    /** A stretch of a wall under a stair, and the heights there above the storey's level. */
    public record Stretch(double from, double to, double headFrom, double headTo) {}

    private final BuiltStair stair;
    private final Strip strip;
    private final List<Stretch> stretches = new ArrayList<>();

    private UnderStair(BuiltStair stair, Strip strip) {
        this.stair = stair;
        this.strip = strip;
    }

    /** In the order of its flights, landings and winders. */
    public static List<Stretch> over(BuiltStair stair, Strip strip) {
        UnderStair under = new UnderStair(stair, strip);
        double rise = stair.plan().sum().riserMm(),
                slope = rise / stair.plan().sum().goingMm();
        double depth = StairBodies.underMm(stair);
        double w = stair.stair().widthMm();
        for (Flight f : stair.plan().flights()) {
            if (f.lengthMm() < 1) continue;
            Area area = Area.of(List.of(f.at(0, w), f.at(f.lengthMm(), w), f.at(f.lengthMm(), 0), f.at(0, 0)));
            under.add(area, p -> f.first() * rise + p.minus(f.left()).dot(f.direction()) * slope - depth);
        }
        for (Tread t : stair.plan().treads())
            if (t.of() != Of.FLIGHT) under.add(Area.of(t.ring()), p -> t.number() * rise - StairBodies.LANDING_MM);
        return under.stretches;
    }

    private void add(Area area, ToDoubleFunction<Vec> head) {
        List<Vec> line = List.of(strip.at(0, 0), strip.at(strip.length(), 0));
        for (List<Vec> part : area.inside(List.of(line))) {
            double one = strip.axis().s(part.getFirst()), two = strip.axis().s(part.getLast());
            double from = Math.min(one, two), to = Math.max(one, two);
            if (to - from < LEAST_MM) continue;
            stretches.add(
                    new Stretch(from, to, head.applyAsDouble(strip.at(from, 0)), head.applyAsDouble(strip.at(to, 0))));
        }
    }
}
