package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.stair.StairPlan.Riser;

/** The balustrade on the floor above, round the void of a stair: along every edge without a wall, but where one arrives. */
public final class Balustrade {

    /** From the edge of the void to its near and its far face, about (trade). */
    private static final double NEAR_MM = 20, FAR_MM = 70;
    /** How far before and past the last riser the way is clear. */
    private static final double BEFORE_MM = 100, PAST_MM = 150;
    /** Less is a sliver beside a wall and no balustrade. */
    private static final double LEAST_MM2 = 50 * 100;

    private Balustrade() {}

    /** In plan; nothing where the stair has no handrails or its void is drawn by hand and found nowhere. */
    public static Area of(BuiltStair stair, Building building) {
        if (stair.open().isEmpty() || stair.stair().make().rails() == StairMake.Rails.NONE) return Area.NONE;
        Area open = openRound(stair, building);
        Area round = open.grown(FAR_MM).minus(open.grown(NEAR_MM)).minus(arrival(stair));
        List<Area> walls = walls(round.bounds(), stair, building);
        if (!walls.isEmpty()) round = round.minus(Area.union(walls));
        List<Area> parts =
                round.parts().stream().filter(p -> p.mm2() > LEAST_MM2).toList();
        return parts.isEmpty() ? Area.NONE : Area.union(parts);
    }

    /** The same as handrails, each along one of its straight stretches. */
    static List<Railing> railings(BuiltStair stair, Building building) {
        Area round = of(stair, building);
        if (round.isEmpty()) return List.of();
        Plane top =
                Plane.level(stair.storeyAbove().levelMm() + stair.stair().make().railMm());
        List<List<Vec>> lines =
                openRound(stair, building).grown((NEAR_MM + FAR_MM) / 2).rings();
        List<Railing> railings = new ArrayList<>();
        for (List<Vec> line : round.inside(lines))
            for (int i = 1; i < line.size(); i++)
                if (line.get(i).distanceTo(line.get(i - 1)) > FAR_MM)
                    railings.add(new Railing(line.get(i - 1), line.get(i), top, Railing.clearMm(stair)));
        return railings;
    }

    /** The void it comes up through, with voids drawn by hand that run into it. */
    private static Area openRound(BuiltStair stair, Building building) {
        List<Area> parts = new ArrayList<>(List.of(stair.open()));
        for (Area part : FloorAreas.openings(building, stair.storeyAbove().id()).parts())
            if (part.and(stair.open()).mm2() > 0) parts.add(part);
        return Area.union(parts);
    }

    private static Area arrival(BuiltStair stair) {
        Riser last = stair.plan().risers().getLast();
        Vec on = last.right().minus(last.left()).unit().left();
        return Area.of(List.of(
                last.left().along(on, -BEFORE_MM),
                last.right().along(on, -BEFORE_MM),
                last.right().along(on, PAST_MM),
                last.left().along(on, PAST_MM)));
    }

    private static List<Area> walls(Bounds near, BuiltStair stair, Building building) {
        List<Area> walls = new ArrayList<>();
        for (Strip strip : building.near(near, stair.storeyAbove().id()))
            if (strip.wall().stays() && building.solid(strip.wall().id()) instanceof WallSolid solid)
                walls.add(solid.footprint());
        return walls;
    }
}
