package org.leanlintel.core.model;

import java.util.List;
import org.leanlintel.core.geometry.Vec;

/**
 * A line of arcs round what changed in a drawing since it was issued last, with the issue it changes in.
 *
 * @param ring its outline, counter-clockwise, not repeating the first point
 * @param issue the number in its triangle; empty for none
 */
public record Cloud(ElementId id, ElementId layer, ElementId drawing, List<Vec> ring, String issue)
        implements Annotation {

    public Cloud {
        ring = Checks.cleanRing("A revision cloud", ring);
        issue = Checks.text("The issue of a revision cloud", issue.strip(), 12);
    }

    /** The same round another outline. */
    public Cloud within(List<Vec> other) {
        return new Cloud(id, layer, drawing, other, issue);
    }

    @Override
    public boolean throughLens() {
        return false;
    }

    @Override
    public Cloud onLayer(ElementId other) {
        return new Cloud(id, other, drawing, ring, issue);
    }
}
