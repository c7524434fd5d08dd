package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.ElementId;

/**
 * The walls of a plan with the marks of their build-ups, each at the first of its places that is free of fittings, stairs,
 * doors, strings and other marks; at the best where none is. What did not change near a wall leaves its mark as it was.
 */
final class WallMarks {

    private record Marked(DrawnWall wall, TakenBoxes near, List<Group> groups, @Nullable Bounds box) {}

    private final Map<ElementId, Marked> marked = new TreeMap<>();

    private WallMarks() {}

    /** @param taken by what is drawn besides; the marks are added. @param earlier to take over from; null where there are none */
    static WallMarks of(
            Map<ElementId, DrawnWall> walls,
            Look look,
            Lettering lettering,
            TakenBoxes.Index taken,
            @Nullable WallMarks earlier) {
        WallMarks marks = new WallMarks();
        walls.forEach((id, wall) -> {
            Marked was = earlier == null ? null : earlier.marked.get(id);
            Marked now = marked(wall, look, lettering, taken, was);
            marks.marked.put(id, now);
            if (now.box() != null) taken.add(now.box());
        });
        return marks;
    }

    private static Marked marked(
            DrawnWall wall, Look look, Lettering lettering, TakenBoxes.Index taken, @Nullable Marked was) {
        if (wall.reach() == null)
            return was != null && was.wall == wall ? was : new Marked(wall, TakenBoxes.NONE, wall.groups(), null);
        TakenBoxes near = taken.within(wall.reach());
        if (was != null && was.wall == wall && was.near.equals(near)) return was;
        double scale = look.drawing().scale();
        List<WallMark.Place> places = wall.mark().places();
        WallMark.Place place = places.stream()
                .filter(p -> near.isFree(p.box(scale)))
                .findFirst()
                .orElse(places.getFirst());
        Pens pens = new Pens(look.lens());
        WallMark.paint(wall.mark().words(), place, scale, lettering, pens);
        List<Group> groups = new ArrayList<>(wall.groups());
        groups.set(0, groups.getFirst().with(pens.items()));
        return new Marked(wall, near, List.copyOf(groups), place.box(scale));
    }

    /** All that a wall shows; nothing where it is not in the plan. */
    List<Group> groups(ElementId wall) {
        return marked.get(wall) instanceof Marked m ? m.groups() : List.of();
    }

    List<Group> groups() {
        return marked.values().stream().flatMap(m -> m.groups().stream()).toList();
    }

    /** The walls that do not look as they did, gone ones too. */
    Set<ElementId> changedSince(WallMarks earlier) {
        Set<ElementId> changed = new TreeSet<>();
        marked.forEach((id, m) -> {
            if (earlier.marked.get(id) != m) changed.add(id);
        });
        for (ElementId id : earlier.marked.keySet()) if (!marked.containsKey(id)) changed.add(id);
        return changed;
    }
}
