package org.leanlintel.core.building.roof;

import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;

/** What a room's ceiling is made of: its own, that on a roof's plates, the roof itself, or the floor over it. */
public final class CeilingBuildUp {

    private CeilingBuildUp() {}

    /** Over the middle of a room; null where nothing says so. */
    public static @Nullable BuildUp of(Room room, RoomSpace space, Building building) {
        ElementId id = id(room, space.middle(), building);
        return id == null ? null : building.model().get(id, BuildUp.class);
    }

    private static @Nullable ElementId id(Room room, Vec middle, Building building) {
        if (room.ceilingBuildUp() instanceof ElementId own) return own;
        Model model = building.model();
        for (Roof roof : model.all(Roof.class)) {
            boolean over = roof.stays()
                    && roof.storey().equals(room.storey())
                    && building.get(new JoinedRoof.Of(roof.id())) instanceof JoinedRoof joined
                    && joined.faces().stream().anyMatch(f -> f.plan().covers(middle));
            if (over) return roof.under() instanceof Roof.LevelCeiling level ? level.buildUp() : roof.buildUp();
        }
        Storey above = StoreySpace.above(model, model.get(room.storey(), Storey.class));
        if (above == null) return null;
        for (Floor f : model.all(Floor.class))
            if (f.stays()
                    && f.storey().equals(above.id())
                    && FloorAreas.of(f, building).covers(middle)) return f.buildUp();
        return above.floor() instanceof Storey.Built built ? built.buildUp() : null;
    }
}
