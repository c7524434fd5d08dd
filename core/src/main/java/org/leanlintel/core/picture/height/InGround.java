package org.leanlintel.core.picture.height;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Footing;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Pens;

/** What stands in the ground before which the house is seen. */
final class InGround {

    private InGround() {}

    /** Of foundations what lies there, dashed. @param below all that lies under the ground */
    static void draw(SectionFrame frame, List<Body> bodies, Area below, Model model, Pens pens) {
        List<Area> sides = new ArrayList<>();
        for (Body b : bodies) {
            if (!(model.find(b.element()) instanceof Footing)) continue;
            Bounds ring = Bounds.of(b.outline().stream().map(frame::seen).toList());
            sides.add(Area.rectangle(ring.minX(), b.lowMm(), ring.width(), b.highMm() - b.lowMm()));
        }
        if (sides.isEmpty()) return;
        for (List<Vec> l : below.inside(Area.union(sides).rings())) pens.line(PenRole.OVERHEAD, l);
    }
}
