package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** All elements of a project at one revision. Immutable; applying a change gives the next model. */
public final class Model {

    private final long revision;
    private final Map<ElementId, Element> elements;
    private @Nullable Relations relations;

    private Model(long revision, Map<ElementId, Element> elements) {
        this.revision = revision;
        this.elements = elements;
    }

    /** A model of {@code elements} at {@code revision}. @throws IllegalArgumentException if two share an id */
    public static Model of(long revision, Collection<? extends Element> elements) {
        Map<ElementId, Element> byId = HashMap.newHashMap(elements.size());
        for (Element e : elements) {
            if (byId.put(e.id(), e) != null)
                throw new IllegalArgumentException("Two elements are named \"" + e.id() + "\".");
        }
        return new Model(revision, byId);
    }

    public long revision() {
        return revision;
    }

    /** The model after {@code change}, one revision on. @throws IllegalStateException if the change was made for another model */
    public Model after(Change change) {
        Map<ElementId, Element> next = new HashMap<>(elements);
        for (Element before : change.before()) {
            if (!before.equals(next.remove(before.id())))
                throw new IllegalStateException("Changed meanwhile: " + before.id());
        }
        for (Element after : change.after()) {
            if (next.put(after.id(), after) != null) throw new IllegalStateException("Already there: " + after.id());
        }
        return new Model(revision + 1, next);
    }

    public @Nullable Element find(ElementId id) {
        return elements.get(id);
    }

    /** The element {@code id} if there is one of this {@code kind}, else null. */
    public <E extends Element> @Nullable E find(ElementId id, Class<E> kind) {
        Element e = elements.get(id);
        return kind.isInstance(e) ? kind.cast(e) : null;
    }

    /** The element {@code id} of this {@code kind}. @throws MissingElement if there is none */
    public <E extends Element> E get(ElementId id, Class<E> kind) {
        E e = find(id, kind);
        if (e == null) throw new MissingElement(id, kind);
        return e;
    }

    public Collection<Element> elements() {
        return Collections.unmodifiableCollection(elements.values());
    }

    /** All elements of a kind, in the order of their ids. */
    public <E extends Element> List<E> all(Class<E> kind) {
        Map<ElementId, E> found = new TreeMap<>();
        for (Element e : elements.values()) if (kind.isInstance(e)) found.put(e.id(), kind.cast(e));
        return new ArrayList<>(found.values());
    }

    public Settings settings() {
        return get(Settings.ID, Settings.class);
    }

    /** Which elements belong together; worked out once. */
    public Relations relations() {
        Relations known = relations;
        if (known == null) relations = known = Relations.of(elements.values());
        return known;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Model m && m.elements.equals(elements);
    }

    @Override
    public int hashCode() {
        return elements.hashCode();
    }
}
