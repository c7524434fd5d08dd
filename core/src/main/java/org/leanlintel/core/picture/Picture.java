package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.leanlintel.core.model.ElementId;

/**
 * Everything one drawing or sheet shows.
 *
 * @param scale picture millimetres to one millimetre of paper: 50 for a plan at 1:50, 1 for a sheet
 */
public record Picture(double scale, List<Group> groups) {

    public Picture {
        groups = List.copyOf(groups);
    }

    /** What differs from {@code earlier}, by element. */
    public Difference since(Picture earlier) {
        Map<ElementId, Group> known = HashMap.newHashMap(earlier.groups.size());
        for (Group g : earlier.groups) known.put(g.element(), g);
        List<Group> changed = new ArrayList<>();
        Set<ElementId> left = new HashSet<>(known.keySet());
        for (Group g : groups) {
            left.remove(g.element());
            Group was = known.get(g.element());
            if (was != g && !g.equals(was)) changed.add(g);
        }
        return new Difference(scale, changed, List.copyOf(left));
    }

    /** Groups to replace or add, and elements that no longer show. */
    public record Difference(double scale, List<Group> changed, List<ElementId> gone) {}
}
