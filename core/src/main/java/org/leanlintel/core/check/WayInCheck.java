package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.stair.StairPlan.Riser;

/** Rooms that nothing leads into: no door or open way, no stair, and no room limit that parts them from another. */
final class WayInCheck {

    /** How far past an opening or a riser a point is taken to lie in the room there, millimetres. */
    private static final double INTO_MM = 60;

    private final Building building;
    private final Storey storey;
    private final List<Vec> stairEnds = new ArrayList<>();

    WayInCheck(Building building, Storey storey) {
        this.building = building;
        this.storey = storey;
        for (Stair stair : building.model().all(Stair.class))
            if (stair.stays() && building.get(new BuiltStair.Of(stair.id())) instanceof BuiltStair built)
                addEnds(built);
    }

    private void addEnds(BuiltStair built) {
        List<Riser> risers = built.plan().risers();
        if (built.stair().storey().equals(storey.id())) stairEnds.add(past(risers.getFirst(), -INTO_MM));
        if (built.storeyAbove().id().equals(storey.id())) stairEnds.add(past(risers.getLast(), INTO_MM));
    }

    /** Up is to the left of the way from a riser's right end to its left one, turned back. */
    private static Vec past(Riser riser, double onwards) {
        Vec up = riser.right().minus(riser.left()).unit().left();
        return riser.middle().along(up, onwards);
    }

    List<Finding> findings(Room room, RoomSpace space) {
        if (space.bordersLimit() || stairEnds.stream().anyMatch(space::covers) || hasWayThroughAWall(space))
            return List.of();
        return List.of(new Finding(
                Finding.Kind.ROOMS,
                "%s has no way in: no door, open way or stair leads into it.".formatted(room.name()),
                "Place a door or an open way in one of its walls.",
                List.of(room.id()),
                storey.id(),
                space.net().middle(),
                ""));
    }

    private boolean hasWayThroughAWall(RoomSpace space) {
        for (WallSolid solid : space.walls(building).all())
            for (PlacedOpening o : solid.openings())
                if (!(o.opening().kind() instanceof Opening.Window) && isBeside(solid.strip(), o, space)) return true;
        return false;
    }

    private static boolean isBeside(Strip strip, PlacedOpening o, RoomSpace space) {
        double middle = (o.from() + o.to()) / 2;
        return space.covers(strip.at(middle, strip.hi() + INTO_MM))
                || space.covers(strip.at(middle, strip.lo() - INTO_MM));
    }
}
