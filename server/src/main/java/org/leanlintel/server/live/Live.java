package org.leanlintel.server.live;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.picture.Plan;
import org.leanlintel.formats.pdf.DrawingLettering;

/** One revision of a project with what was derived from it so far. */
public final class Live {

    private final Building building;
    private final Map<ElementId, Plan> plans = new ConcurrentHashMap<>();

    private Live(Building building) {
        this.building = building;
    }

    public static Live of(Model model) {
        return new Live(Building.of(model));
    }

    /** The next revision; its plans are drawn from this one's. */
    Live after(Building next) {
        Live live = new Live(next);
        plans.forEach((drawing, plan) -> {
            if (next.model().find(drawing, Drawing.class) != null)
                live.plans.put(drawing, plan.after(next, DrawingLettering.get()));
        });
        return live;
    }

    public Building building() {
        return building;
    }

    public Model model() {
        return building.model();
    }

    public Plan plan(ElementId drawing) {
        return plans.computeIfAbsent(drawing, d -> Plan.of(building, d, DrawingLettering.get()));
    }
}
