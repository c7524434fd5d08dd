package org.leanlintel.server.live;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.picture.DrawingPicture;
import org.leanlintel.formats.pdf.DrawingLettering;

/** One revision of a project with what was derived from it so far. */
public final class Live {

    private final Building building;
    private final Map<ElementId, DrawingPicture> drawings = new ConcurrentHashMap<>();
    /** What was drawn of the revision before, to draw from. */
    private final Map<ElementId, DrawingPicture> earlier;

    private Live(Building building, Map<ElementId, DrawingPicture> earlier) {
        this.building = building;
        this.earlier = earlier;
    }

    public static Live of(Model model) {
        return new Live(Building.of(model), Map.of());
    }

    /** The next revision; its drawings are drawn from this one's when they are asked for. */
    Live after(Building next) {
        return new Live(next, Map.copyOf(drawings));
    }

    public Building building() {
        return building;
    }

    public Model model() {
        return building.model();
    }

    public DrawingPicture drawing(ElementId id) {
        return drawings.computeIfAbsent(id, d -> {
            DrawingPicture was = earlier.get(d);
            boolean still = was != null && model().find(d, Drawing.class) != null;
            return still
                    ? was.after(building, DrawingLettering.get())
                    : DrawingPicture.of(building, d, DrawingLettering.get());
        });
    }
}
