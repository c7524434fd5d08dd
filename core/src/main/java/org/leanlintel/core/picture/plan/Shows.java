package org.leanlintel.core.picture.plan;

import java.util.List;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.picture.Group;

/**
 * What is drawn at one stage of a plan.
 *
 * @param things boxes that labels keep clear of
 * @param texts boxes that no leader may cross either
 */
public record Shows(List<Group> groups, List<Bounds> things, List<Bounds> texts) {

    static final Shows NOTHING = new Shows(List.of(), List.of(), List.of());

    public Shows {
        groups = List.copyOf(groups);
        things = List.copyOf(things);
        texts = List.copyOf(texts);
    }
}
