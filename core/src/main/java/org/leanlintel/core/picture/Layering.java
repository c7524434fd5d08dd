package org.leanlintel.core.picture;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Pen;

/**
 * How a lens shows the layers.
 *
 * @param pens of layers that have one of their own
 * @param inks of layers that have one, where the lens is in colour
 */
public record Layering(
        Set<ElementId> hidden, Set<ElementId> faint, Map<ElementId, Pen> pens, Map<ElementId, String> inks) {

    static Layering of(Lens lens, double scale, Model model) {
        Set<ElementId> hidden = new HashSet<>(), faint = new HashSet<>();
        for (Lens.LayerShown l : lens.layers())
            switch (l.at(scale)) {
                case HIDDEN -> hidden.add(l.layer());
                case FAINT -> faint.add(l.layer());
                case FULL -> {}
            }
        Map<ElementId, Pen> pens = new HashMap<>();
        Map<ElementId, String> inks = new HashMap<>();
        for (Layer l : model.all(Layer.class)) {
            if (l.drawn() instanceof Layer.WithPen with) pens.put(l.id(), with.pen());
            if (lens.colours() != Lens.Colours.NOWHERE && !l.ink().isEmpty()) inks.put(l.id(), l.ink());
        }
        return new Layering(Set.copyOf(hidden), Set.copyOf(faint), Map.copyOf(pens), Map.copyOf(inks));
    }

    public boolean hides(ElementId layer) {
        return hidden.contains(layer);
    }

    /** The groups that show, as they show. */
    public List<Group> shown(List<Group> groups) {
        if (hidden.isEmpty()) return drawn(groups);
        return drawn(groups.stream().filter(g -> !hides(g.layer())).toList());
    }

    /** All groups, pale and in pens and inks as their layers are. */
    public List<Group> drawn(List<Group> groups) {
        if (faint.isEmpty() && pens.isEmpty() && inks.isEmpty()) return groups;
        return groups.stream().map(this::drawn).toList();
    }

    private Group drawn(Group group) {
        ElementId layer = group.layer();
        Pen pen = pens.get(layer);
        @Nullable String ink = inks.get(layer);
        boolean pale = faint.contains(layer);
        if (pen == null && ink == null && !pale) return group;
        return group.with(item -> {
            Item drawn = pen == null ? item : item.penned(pen);
            if (ink != null) drawn = drawn.inked(ink);
            return pale ? drawn.pale() : drawn;
        });
    }
}
