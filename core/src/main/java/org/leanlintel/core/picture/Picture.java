package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.leanlintel.core.geometry.Vec;
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

    /** An item, with what it is of and the layer of that. */
    public record Drawn(Item item, ElementId element, ElementId layer) {}

    /** All items as they are drawn, one over the other, with their layers. */
    public List<Drawn> drawn() {
        return groups.stream()
                .flatMap(g -> g.items().stream().map(i -> new Drawn(i, g.element(), g.layer())))
                .sorted(Comparator.comparing(d -> d.item().rank()))
                .toList();
    }

    /** All items as they are drawn. */
    public List<Item> inOrder() {
        return drawn().stream().map(Drawn::item).toList();
    }

    /** The same at {@code factor} times the size, then shifted by {@code by}. Paper sizes stay. */
    public Picture placed(double factor, Vec by) {
        return new Picture(
                scale * factor, groups.stream().map(g -> g.placed(factor, by)).toList());
    }

    /** What differs from {@code earlier}, by element. */
    public Difference since(Picture earlier) {
        if (earlier == this) return new Difference(scale, List.of(), List.of());
        List<Group> changed = new ArrayList<>();
        Set<ElementId> gone = new HashSet<>();
        compare(earlier.groups, groups, changed, gone);
        return new Difference(scale, changed, List.copyOf(gone));
    }

    /** Adds the groups of {@code after} that {@code before} lacks or has differently, and the elements that it lacks. */
    public static void compare(List<Group> before, List<Group> after, List<Group> changed, Set<ElementId> gone) {
        Map<ElementId, Group> known = HashMap.newHashMap(before.size());
        for (Group g : before) known.put(g.element(), g);
        for (Group g : after) {
            Group was = known.remove(g.element());
            if (was != g && !g.equals(was)) changed.add(g);
        }
        gone.addAll(known.keySet());
    }

    /** Groups to replace or add, and elements that no longer show. */
    public record Difference(double scale, List<Group> changed, List<ElementId> gone) {}
}
