package org.leanlintel.core.issue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Cloud;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Sheet;
import org.leanlintel.core.picture.Picture;
import org.leanlintel.core.sheet.SheetOrder;

/** A revision cloud round something that a drawing shows otherwise than it was issued. @param ring counter-clockwise */
public record ProposedCloud(ElementId drawing, List<Vec> ring) {

    /** On paper, millimetres: how far round what is different. */
    private static final double ROUND_MM = 4;

    public ProposedCloud {
        ring = List.copyOf(ring);
    }

    /**
     * Those for all drawings on the sheets that the earlier state holds, in their order. Tables have none, nor has a drawing whose scale is another: of
     * it all is different. Clouds that are there are not looked at.
     */
    public static List<ProposedCloud> of(State before, State after) {
        Set<ElementId> clouds = new HashSet<>();
        for (State s : List.of(before, after)) s.model().all(Cloud.class).forEach(c -> clouds.add(c.id()));
        List<ProposedCloud> proposed = new ArrayList<>();
        for (ElementId id : drawings(before, after)) {
            Picture was = before.drawings().apply(id), is = after.drawings().apply(id);
            if (was.scale() != is.scale()) continue;
            double round = ROUND_MM * is.scale();
            for (Bounds b : ChangedPlaces.of(was, is, clouds))
                proposed.add(new ProposedCloud(id, b.grown(round).corners()));
        }
        return proposed;
    }

    private static Set<ElementId> drawings(State before, State after) {
        Set<ElementId> drawings = new LinkedHashSet<>();
        for (Sheet s : SheetOrder.of(after.model()))
            if (before.holds(s))
                for (Sheet.Placed p : s.drawings())
                    if (before.model().find(p.drawing()) instanceof Drawing d
                            && !d.kind().isSchedule()) drawings.add(p.drawing());
        return drawings;
    }
}
