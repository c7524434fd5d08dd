package org.leanlintel.core.model;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.pcollections.HashPMap;
import org.pcollections.HashTreePMap;
import org.pcollections.TreePMap;

/**
 * All elements of a project at one revision. Immutable; applying a change gives the next model, which shares with this
 * one everything the change does not touch, so that it costs the same in a project of any size.
 */
public final class Model {

    private final long revision;
    private final HashPMap<ElementId, Element> elements;
    private final HashPMap<Class<?>, TreePMap<ElementId, Element>> byKind;
    private final Relations relations;
    private final @Nullable Watch watch;

    /** Hears what is read of a model. */
    public interface Watch {
        void reads(ModelPart part);
    }

    private Model(
            long revision,
            HashPMap<ElementId, Element> elements,
            HashPMap<Class<?>, TreePMap<ElementId, Element>> byKind,
            Relations relations,
            @Nullable Watch watch) {
        this.revision = revision;
        this.elements = elements;
        this.byKind = byKind;
        this.relations = relations;
        this.watch = watch;
    }

    /** The same model, of which nothing is read unheard. */
    public Model watchedBy(Watch by) {
        return new Model(revision, elements, byKind, relations.watchedBy(by), by);
    }

    /** A model of {@code elements} at {@code revision}. @throws Unusable if two share an id */
    public static Model of(long revision, Collection<? extends Element> elements) {
        Model model = new Model(revision, HashTreePMap.empty(), HashTreePMap.empty(), Relations.NONE, null);
        for (Element e : elements) {
            if (model.find(e.id()) != null) throw new Unusable("Two elements are named \"" + e.id() + "\".");
            model = model.with(e);
        }
        return model;
    }

    public long revision() {
        return revision;
    }

    /** The model after {@code change}, one revision on. @throws IllegalStateException if the change was made for another model */
    public Model after(Change change) {
        Model next = this;
        for (Element before : change.before()) {
            if (!before.equals(next.find(before.id())))
                throw new IllegalStateException("Changed meanwhile: " + before.id());
            next = next.without(before.id());
        }
        for (Element after : change.after()) {
            if (next.find(after.id()) != null) throw new IllegalStateException("Already there: " + after.id());
            next = next.with(after);
        }
        return new Model(revision + 1, next.elements, next.byKind, next.relations, null);
    }

    /** The same elements under another revision, as steps within one edit have. */
    public Model at(long otherRevision) {
        return new Model(otherRevision, elements, byKind, relations, watch);
    }

    private Model with(Element e) {
        TreePMap<ElementId, Element> kind = kind(e.getClass());
        return new Model(
                revision,
                elements.plus(e.id(), e),
                byKind.plus(e.getClass(), kind.plus(e.id(), e)),
                relations.with(e),
                null);
    }

    private Model without(ElementId id) {
        Element e = get(id, Element.class);
        return new Model(
                revision,
                elements.minus(id),
                byKind.plus(e.getClass(), kind(e.getClass()).minus(id)),
                relations.without(e),
                null);
    }

    /** The elements of a kind by their ids. */
    TreePMap<ElementId, Element> kind(Class<?> kind) {
        if (watch != null) watch.reads(new ModelPart.Kind(kind));
        TreePMap<ElementId, Element> known = byKind.get(kind);
        return known == null ? TreePMap.empty() : known;
    }

    Object byId() {
        return elements;
    }

    public @Nullable Element find(ElementId id) {
        if (watch != null) watch.reads(new ModelPart.One(id));
        return elements.get(id);
    }

    /** The element {@code id} if there is one of this {@code kind}, else null. */
    public <E extends Element> @Nullable E find(ElementId id, Class<E> kind) {
        Element e = find(id);
        return kind.isInstance(e) ? kind.cast(e) : null;
    }

    /** The element {@code id} of this {@code kind}. @throws MissingElement if there is none */
    public <E extends Element> E get(ElementId id, Class<E> kind) {
        E e = find(id, kind);
        if (e == null) throw new MissingElement(id, kind);
        return e;
    }

    public Collection<Element> elements() {
        if (watch != null) watch.reads(new ModelPart.Whole());
        return Collections.unmodifiableCollection(elements.values());
    }

    /** All elements of a kind, in the order of their ids. */
    public <E extends Element> List<E> all(Class<E> kind) {
        TreePMap<ElementId, Element> all = kind(kind);
        List<E> found = new ArrayList<>(all.size());
        for (Element e : all.values()) found.add(kind.cast(e));
        return found;
    }

    public Settings settings() {
        return get(Settings.ID, Settings.class);
    }

    /** Which elements belong together. */
    public Relations relations() {
        return relations;
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
