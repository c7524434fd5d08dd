package org.leanlintel.core.model;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A part of a model that can be read by itself, so that what follows from it can be told from what does not. */
public sealed interface ModelPart {

    /** What it is in a model; two models in which it is equal cannot be told apart by it. */
    @Nullable
    Object in(Model model);

    /** An element, or that there is none of its name. */
    record One(ElementId id) implements ModelPart {
        @Override
        public @Nullable Object in(Model model) {
            return model.find(id);
        }
    }

    /** All elements of a kind. */
    record Kind(Class<?> kind) implements ModelPart {
        @Override
        public Object in(Model model) {
            return model.kind(kind);
        }
    }

    /** What belongs to an element in one way. */
    record Related(Relations.Way way, ElementId to) implements ModelPart {
        @Override
        public Object in(Model model) {
            return model.relations().related(this);
        }
    }

    /** Every element. */
    record Whole() implements ModelPart {
        @Override
        public Object in(Model model) {
            return model.byId();
        }
    }

    /** All parts that a change may alter. */
    static Set<ModelPart> reachedBy(Change change) {
        Set<ModelPart> parts = new LinkedHashSet<>();
        for (List<Element> side : List.of(change.before(), change.after())) {
            for (Element e : side) {
                parts.add(new One(e.id()));
                parts.add(new Kind(e.getClass()));
                parts.addAll(Relations.of(e));
            }
        }
        if (!parts.isEmpty()) parts.add(new Whole());
        return parts;
    }
}
