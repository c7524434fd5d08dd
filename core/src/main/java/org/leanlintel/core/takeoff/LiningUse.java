package org.leanlintel.core.takeoff;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedPiece;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Slab;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;

/**
 * How much of one make of lining walls have of their own.
 *
 * @param plies from the wall outwards
 * @param marks of the pieces, in their order
 * @param lengthMm along the walls, openings included
 * @param areaMm2 of what stands: openings and walls that interrupt it are taken out
 */
public record LiningUse(List<Ply> plies, List<String> marks, double lengthMm, double areaMm2) {

    /** Every make, in the order in which it is first met. */
    public static List<LiningUse> of(Building building) {
        Map<List<Ply>, LiningUse> uses = new LinkedHashMap<>();
        for (Wall wall : building.model().all(Wall.class)) {
            if (!(building.solid(wall.id()) instanceof WallSolid solid)) continue;
            for (PlacedPiece placed : solid.pieces()) {
                if (!placed.piece().stays() || !(placed.piece().make() instanceof WallPiece.Lined lined)) continue;
                LiningUse known = uses.getOrDefault(lined.plies(), new LiningUse(lined.plies(), List.of(), 0, 0));
                uses.put(lined.plies(), known.with(placed, solid));
            }
        }
        return List.copyOf(uses.values());
    }

    private LiningUse with(PlacedPiece placed, WallSolid solid) {
        List<String> all = new ArrayList<>(marks);
        all.add(placed.piece().mark());
        all.sort(Comparator.comparingInt(String::length).thenComparing(Comparator.naturalOrder()));
        double face = placed.isOnLeft() ? placed.lo() : placed.hi();
        double area = areaMm2;
        for (Slab slab : solid.slabs()) {
            boolean onTheWall = (placed.isOnLeft() ? slab.lo() : slab.hi()) == face;
            if (slab.element().equals(placed.piece().id()) && onTheWall)
                area += (slab.to() - slab.from()) * (slab.highMm() - slab.lowMm());
        }
        return new LiningUse(plies, List.copyOf(all), lengthMm + placed.to() - placed.from(), area);
    }
}
