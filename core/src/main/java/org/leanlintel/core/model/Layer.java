package org.leanlintel.core.model;

import java.util.List;

/**
 * A named group of elements that a lens shows or hides together.
 *
 * @param takes the kinds of elements that are drawn on it unless another is chosen, by their names in files: "wall"
 */
public record Layer(ElementId id, String name, List<String> takes) implements Element.Stock {

    /** As many kinds as one layer can take; more than there are. */
    private static final int MOST_KINDS = 100;

    public Layer {
        name = Checks.name("A layer's name", name);
        takes = List.copyOf(takes);
        if (takes.size() > MOST_KINDS) throw new Unusable("A layer takes at most %d kinds.".formatted(MOST_KINDS));
        for (String kind : takes) Checks.name("A kind that a layer takes", kind);
    }
}
