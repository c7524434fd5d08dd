package org.leanlintel.core.edit.carry;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.edit.change.References;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Clause;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.model.Symbol;

/**
 * What stands in a project for the storeys, drawings, layers, styles, symbols, clauses, materials and build-ups of another: the storey and drawing
 * pasted into, what the project has alike, and else a copy under a free name and mark.
 */
final class Sharing {

    /** Of a mark, so that a number fits behind them. */
    private static final int MOST_LETTERS = 2;

    private final Model model;
    private final Model copied;
    private final Drawing shown;
    private final NewIds ids;
    private final Map<ElementId, ElementId> known = new HashMap<>();
    private final Map<ElementId, Element> made = new LinkedHashMap<>();

    Sharing(Model model, Model copied, Drawing shown, NewIds ids) {
        this.model = model;
        this.copied = copied;
        this.shown = shown;
        this.ids = ids;
    }

    ElementId there(ElementId was) {
        return known.getOrDefault(was, was);
    }

    /** What the project did not have of what is referred to by what is put, or by other such things. */
    Collection<Element> needed(Collection<Element> put) {
        Map<ElementId, Element> needed = new LinkedHashMap<>();
        Deque<Element> left = new ArrayDeque<>(put);
        while (!left.isEmpty())
            for (ElementId id : References.to(left.pop()))
                if (made.get(id) instanceof Element e && needed.putIfAbsent(id, e) == null) left.add(e);
        return needed.values();
    }

    void share() {
        for (Storey s : copied.all(Storey.class)) known.put(s.id(), shown.storey());
        for (Drawing d : copied.all(Drawing.class)) known.put(d.id(), shown.id());
        copied.all(Layer.class).forEach(this::layer);
        for (Material m : copied.all(Material.class))
            alike(m, Material.class, o -> o.called(m.id(), m.name()), id -> m.called(id, m.name()));
        for (LetterStyle s : copied.all(LetterStyle.class))
            alike(s, LetterStyle.class, o -> o.called(s.id(), s.name()), id -> s.called(id, s.name()));
        for (StringStyle s : copied.all(StringStyle.class))
            alike(s, StringStyle.class, o -> o.called(s.id(), s.name()), id -> s.called(id, s.name()));
        for (Symbol s : copied.all(Symbol.class))
            alike(s, Symbol.class, o -> o.named(s.id(), s.name()), id -> s.named(id, s.name()));
        for (Clause c : copied.all(Clause.class)) alike(c, Clause.class, o -> o.called(c.id()), c::called);
        copied.all(BuildUp.class).forEach(this::buildUp);
    }

    private void layer(Layer layer) {
        Layer here = null;
        for (Layer l : model.all(Layer.class)) if (l.name().equals(layer.name())) here = l;
        if (here != null) known.put(layer.id(), here.id());
        else add(layer.id(), layer.copied(free(layer.id())));
    }

    /**
     * What the project has alike, whatever it is called there, that under the same id before others; or a copy.
     *
     * @param asThis one of the project's under the id and name of this one
     * @param under this one under another id
     */
    private <E extends Element> void alike(
            E item, Class<E> kind, UnaryOperator<E> asThis, Function<ElementId, E> under) {
        for (E here : sameFirst(item.id(), kind)) {
            if (!asThis.apply(here).equals(item)) continue;
            known.put(item.id(), here.id());
            return;
        }
        add(item.id(), under.apply(free(item.id())));
    }

    private void buildUp(BuildUp was) {
        BuildUp buildUp = was.of(this::there);
        for (BuildUp b : sameFirst(was.id(), BuildUp.class)) {
            if (!b.named(was.id(), was.mark(), was.name()).equals(buildUp)) continue;
            known.put(was.id(), b.id());
            return;
        }
        add(was.id(), buildUp.named(free(was.id()), freeMark(was.mark()), freeName(was.name())));
    }

    private <E extends Element> List<E> sameFirst(ElementId id, Class<E> kind) {
        List<E> all = new ArrayList<>(model.all(kind));
        E same = model.find(id, kind);
        if (same != null) all.add(0, same);
        return all;
    }

    private void add(ElementId was, Element element) {
        known.put(was, element.id());
        made.put(element.id(), element);
    }

    private ElementId free(ElementId wanted) {
        return model.find(wanted) == null ? wanted : ids.next();
    }

    private String freeMark(String wanted) {
        if (buildUpOf(wanted, null) == null) return wanted;
        int added =
                (int) made.values().stream().filter(BuildUp.class::isInstance).count();
        String letters = wanted.replaceAll("\\d+$", "");
        return Naming.nextBuildUpMark(model, letters.length() > MOST_LETTERS ? "" : letters, added + 1);
    }

    private String freeName(String wanted) {
        String name = wanted;
        for (int i = 2; buildUpOf(null, name) != null; i++) name = wanted + " " + i;
        return name;
    }

    private @Nullable BuildUp buildUpOf(@Nullable String mark, @Nullable String name) {
        for (BuildUp b : model.all(BuildUp.class))
            if (b.mark().equalsIgnoreCase(mark) || b.name().equalsIgnoreCase(name)) return b;
        return null;
    }
}
