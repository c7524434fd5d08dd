package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Ply;

/**
 * Where floors meet the walls in the ground that rise from foundations: a floor bears on these with all plies down to its first
 * that carries, as joists or a slab do; what lies under that ends at them.
 */
final class OnStems {

    /** Less of a wall in the ground beside or under a floor is not built. */
    private static final double LEAST_MM2 = 1;

    /** A floor whose structure lies higher than that over the foot of what stands on a wall in the ground is none that bears on it. */
    private static final double OVER_MM = 1;

    private OnStems() {}

    /** What a floor amounts to beside walls in the ground. */
    static List<Body> floor(Floor floor, Building building) {
        List<Body> all = FloorAreas.bodies(floor, building);
        List<Integer> under = under(floor, building);
        if (under.isEmpty() || all.isEmpty()) return all;
        List<BuiltFooting.Stem> stems = new ArrayList<>();
        for (Footing f : building.model().all(Footing.class))
            if (f.stays()
                    && f.storey().equals(floor.storey())
                    && building.get(new BuiltFooting.Of(f.id())) instanceof BuiltFooting built)
                stems.addAll(built.stems());
        if (stems.isEmpty()) return all;
        Area walls = Area.union(stems.stream().map(BuiltFooting.Stem::area).toList());
        double foot = stems.stream().mapToDouble(BuiltFooting.Stem::topMm).max().orElse(0);
        List<Body> left = new ArrayList<>();
        for (Body b : all)
            if (under.contains(b.ply()) && b.lowMm() < foot) addWithout(walls, b, left);
            else left.add(b);
        return left;
    }

    private static void addWithout(Area walls, Body body, List<Body> left) {
        Area area = Area.of(body.outline());
        for (List<Vec> ring : area.minus(walls).ringsWithoutHoles())
            left.add(new Body(body.element(), body.ply(), body.material(), body.does(), ring, body.low(), body.high()));
    }

    /** A part of a wall in the ground. @param top where it ends */
    record Rising(Area area, Plane top) {}

    /**
     * A wall in the ground up to the floors that bear on it, and beside them up to the foot of what stands there.
     *
     * @param from where it begins
     */
    static List<Rising> stem(BuiltFooting.Stem stem, double from, Footing of, Building building) {
        List<Rising> parts = new ArrayList<>();
        Area left = stem.area();
        for (Floor f : building.model().all(Floor.class)) {
            if (!f.stays() || !f.storey().equals(of.storey())) continue;
            int bearing = bearing(f, building);
            for (Body b : FloorAreas.bodies(f, building)) {
                if (b.ply() != bearing || b.lowMm() >= stem.topMm() || b.highMm() > stem.topMm() + OVER_MM) continue;
                Area under = left.and(Area.of(b.outline()));
                if (under.mm2() < LEAST_MM2) continue;
                if (b.lowMm() > from) parts.add(new Rising(under, b.low()));
                left = left.minus(under);
            }
        }
        if (left.mm2() >= LEAST_MM2) parts.add(new Rising(left, Plane.level(stem.topMm())));
        return parts;
    }

    /** The first ply from above that carries; -1 where none does. */
    private static int bearing(Floor floor, Building building) {
        BuildUp buildUp = building.model().get(floor.buildUp(), BuildUp.class);
        for (Ply p : buildUp.downwards())
            if (p.does() == Does.CARRIES) return buildUp.plies().indexOf(p);
        return -1;
    }

    /** The plies under that. */
    private static List<Integer> under(Floor floor, Building building) {
        BuildUp buildUp = building.model().get(floor.buildUp(), BuildUp.class);
        List<Integer> under = new ArrayList<>();
        boolean carried = false;
        for (Ply p : buildUp.downwards()) {
            if (carried) under.add(buildUp.plies().indexOf(p));
            carried |= p.does() == Does.CARRIES;
        }
        return under;
    }
}
