package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.building.join.Slab;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Symbol;

/** What may stand in the way on a storey: walls with what stands before them, and fittings. */
record Obstacles(Building building, ElementId storey) {

    /** Something in the way. @param words what it is called in a sentence */
    record Obstacle(String words, ElementId element, Area area) {}

    /** Walls with what stands before them from the floor, within some bounds. */
    List<Obstacle> walls(Bounds bounds) {
        List<Obstacle> walls = new ArrayList<>();
        for (Strip strip : building.near(bounds, storey)) {
            WallSolid solid = building.solid(strip.wall().id());
            if (solid == null || !strip.wall().stays()) continue;
            if (building.space(storey).footMm(strip.wall().rise()) > 0) continue;
            walls.add(new Obstacle(strip.wall().mark(), strip.wall().id(), solid.footprint()));
            for (Slab slab : solid.lastingSlabs())
                if (slab.lowMm() <= solid.levelMm())
                    walls.add(new Obstacle(strip.wall().mark(), strip.wall().id(), Area.of(solid.outline(slab))));
        }
        return walls;
    }

    /** Other fittings within some bounds that stand or hang at the height of one. */
    List<Obstacle> others(PlacedFitting of, Bounds bounds) {
        List<Obstacle> others = new ArrayList<>();
        for (PlacedFitting p : PlacedFitting.near(building, storey, bounds))
            if (p != of && p.sharesHeight(of) && !inOneRun(p.symbol(), of.symbol()))
                others.add(new Obstacle(name(p), p.fitting().id(), Area.of(p.outline())));
        return others;
    }

    /** Whether one is built into the other. */
    static boolean inOneRun(Symbol one, Symbol two) {
        return one.kind() == Symbol.Kind.BASE_UNITS && two.kind().isBuiltIn()
                || two.kind() == Symbol.Kind.BASE_UNITS && one.kind().isBuiltIn()
                || one.kind().isBuiltIn() && two.kind().isBuiltIn() && one.kind() != two.kind();
    }

    /** What a fitting is called in a sentence: its symbol's name and its mark. */
    static String name(PlacedFitting p) {
        return p.symbol().name() + " " + p.fitting().mark();
    }
}
