package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What an edit does to a model.
 *
 * @param name what was done, in the drafter's words: "move wall W12"
 * @param before the elements it replaces or removes, as they were
 * @param after the elements it puts, as they become
 */
public record Change(String name, List<Element> before, List<Element> after) implements Outcome {

    public Change {
        before = List.copyOf(before);
        after = List.copyOf(after);
    }

    /** The change that replaces and adds {@code put} and takes away {@code removed}; what stays equal is left out. */
    public static Change to(
            Model model, String name, Collection<? extends Element> put, Collection<ElementId> removed) {
        Map<ElementId, Element> after = new LinkedHashMap<>();
        for (Element e : put) after.put(e.id(), e);
        Set<ElementId> gone = new LinkedHashSet<>(removed);
        after.keySet().removeAll(gone);
        List<Element> before = new ArrayList<>();
        for (ElementId id : gone) if (model.find(id) instanceof Element e) before.add(e);
        after.values().removeIf(e -> e.equals(model.find(e.id())));
        for (ElementId id : after.keySet()) if (model.find(id) instanceof Element e) before.add(e);
        return new Change(name, before, List.copyOf(after.values()));
    }

    /** The change that makes {@code from} into {@code target}. */
    public static Change between(Model from, Model target, String name) {
        List<ElementId> removed = from.elements().stream()
                .map(Element::id)
                .filter(id -> target.find(id) == null)
                .toList();
        return to(from, name, target.elements(), removed);
    }

    /** This change of {@code model} and then {@code next}, as one under this one's name. */
    public Change then(Model model, Change next) {
        Map<ElementId, Element> put = new LinkedHashMap<>();
        for (Element e : after) put.put(e.id(), e);
        Set<ElementId> removed = new LinkedHashSet<>(touches());
        removed.removeAll(put.keySet());
        for (Element e : next.before) {
            put.remove(e.id());
            removed.add(e.id());
        }
        for (Element e : next.after) {
            put.put(e.id(), e);
            removed.remove(e.id());
        }
        return to(model, name, put.values(), removed);
    }

    public Change named(String other) {
        return new Change(other, before, after);
    }

    public Change inverse() {
        return new Change(name, after, before);
    }

    public boolean isEmpty() {
        return before.isEmpty() && after.isEmpty();
    }

    /** Every element it touches. */
    public Set<ElementId> touches() {
        Set<ElementId> ids = new LinkedHashSet<>();
        before.forEach(e -> ids.add(e.id()));
        after.forEach(e -> ids.add(e.id()));
        return ids;
    }
}
