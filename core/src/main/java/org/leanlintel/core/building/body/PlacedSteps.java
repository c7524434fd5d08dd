package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.OutsideSteps;
import org.leanlintel.core.model.Side;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.StairRules.What;
import org.leanlintel.core.model.Wall;

/**
 * Steps or a ramp before a door: the landing lies level with the sill, and the rest leads straight out to the ground.
 *
 * @param at the middle of the landing's edge at the wall
 * @param out away from the wall
 * @param topMm of the landing, above the project's zero
 * @param groundMm likewise, of the ground before the landing
 * @param risers how many there are; of a ramp, none
 */
public record PlacedSteps(OutsideSteps steps, Vec at, Vec out, double topMm, double groundMm, int risers) {

    /** The usual limit where the rules have none (trade). */
    private static final double USUAL_RISE_MM = 190;

    /** Null where its door is gone, or the ground does not lie below it. */
    public static @Nullable PlacedSteps of(OutsideSteps steps, Building building) {
        if (!(building.model().find(steps.opening(), Opening.class) instanceof Opening o)
                || !(building.solid(o.wall()) instanceof WallSolid solid)
                || !(solid.opening(o.id()) instanceof PlacedOpening placed)) return null;
        Strip strip = solid.strip();
        boolean left = strip.wall().outside() == Side.LEFT;
        double middle = (placed.from() + placed.to()) / 2;
        Vec out = strip.axis().directionAt(middle).left().times(left ? 1 : -1);
        Vec at = strip.at(middle, left ? strip.hi() : strip.lo());
        double top = solid.levelMm() + o.sillMm(),
                ground = Ground.finished(building).at(at.along(out, steps.landingMm()));
        if (!(top - ground > 1)) return null;
        return new PlacedSteps(
                steps, at, out, top, ground, risers(steps, top - ground, BuiltStair.rules(building.model())));
    }

    /** Steps and ramps before the outside doors of a storey. */
    public static List<PlacedSteps> on(ElementId storey, Building building) {
        List<PlacedSteps> found = new ArrayList<>();
        for (OutsideSteps s : building.model().all(OutsideSteps.class)) {
            boolean here = building.model().find(s.opening(), Opening.class) instanceof Opening o
                    && building.model().find(o.wall(), Wall.class) instanceof Wall w
                    && w.storey().equals(storey);
            if (here && of(s, building) instanceof PlacedSteps placed) found.add(placed);
        }
        return found;
    }

    private static int risers(OutsideSteps steps, double rise, StairRules rules) {
        if (steps.way() instanceof OutsideSteps.Ramp) return 0;
        return Math.max(1, (int) Math.ceil(rise / rules.value(What.RISE_MOST, USUAL_RISE_MM) - 1e-9));
    }

    public double riseMm() {
        return topMm - groundMm;
    }

    public double riserMm() {
        return risers == 0 ? 0 : riseMm() / risers;
    }

    /** How far it comes out from the wall, landing and all. */
    public double reachMm() {
        return steps.landingMm()
                + switch (steps.way()) {
                    case OutsideSteps.Steps s -> (risers - 1) * s.goingMm();
                    case OutsideSteps.Ramp r -> riseMm() / r.slope();
                };
    }

    /** Across it, between two distances from the wall, counter-clockwise. */
    public List<Vec> ring(double from, double to) {
        Vec right = out.left().times(-1);
        double half = steps.widthMm() / 2;
        return List.of(
                at.along(out, from).along(right, -half),
                at.along(out, from).along(right, half),
                at.along(out, to).along(right, half),
                at.along(out, to).along(right, -half));
    }

    /** The distances from the wall at which its risers stand, from the landing out. */
    public List<Double> fronts() {
        List<Double> fronts = new ArrayList<>();
        double going = steps.way() instanceof OutsideSteps.Steps s ? s.goingMm() : 0;
        for (int i = 0; i < risers; i++) fronts.add(steps.landingMm() + i * going);
        return fronts;
    }

    public List<Body> bodies(Building building) {
        Material material = building.model().get(steps.material(), Material.class);
        List<Body> bodies = new ArrayList<>();
        add(bodies, material, 0, steps.landingMm(), Plane.level(topMm));
        switch (steps.way()) {
            case OutsideSteps.Steps s -> {
                for (int i = 1; i < risers; i++) {
                    double from = steps.landingMm() + (i - 1) * s.goingMm();
                    add(bodies, material, from, from + s.goingMm(), Plane.level(topMm - i * riserMm()));
                }
            }
            case OutsideSteps.Ramp r ->
                add(
                        bodies,
                        material,
                        steps.landingMm(),
                        reachMm(),
                        Plane.rising(at.along(out, steps.landingMm()), topMm, out, -r.slope()));
        }
        return bodies;
    }

    private void add(List<Body> bodies, Material material, double from, double to, Plane top) {
        bodies.add(new Body(
                steps.id(), Content.NO_PLY, material, Does.CARRIES, ring(from, to), Plane.level(groundMm), top));
    }
}
