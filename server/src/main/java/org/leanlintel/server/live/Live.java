package org.leanlintel.server.live;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.picture.drawing.DrawingPicture;
import org.leanlintel.formats.pdf.DrawingLettering;

/** One revision of a project with what was derived from it so far. */
public final class Live {

    private final Building building;
    private final Map<ElementId, DrawingPicture> drawings = new ConcurrentHashMap<>();

    private Live(Building building) {
        this.building = building;
    }

    public static Live of(Model model) {
        return new Live(Building.of(model));
    }

    /** The next revision. */
    Live after(Building next) {
        return new Live(next);
    }

    public Building building() {
        return building;
    }

    public Model model() {
        return building.model();
    }

    public DrawingPicture drawing(ElementId id) {
        return drawings.computeIfAbsent(id, d -> DrawingPicture.of(building, d, DrawingLettering.get()));
    }
}
