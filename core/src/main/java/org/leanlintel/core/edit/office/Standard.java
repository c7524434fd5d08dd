package org.leanlintel.core.edit.office;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Clause;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.model.Unusable;

/**
 * Items of an office standard beside what a project has: layers, lenses, materials, build-ups, symbols and rules. An item is the project's
 * own where that has its id, or else its name; what items refer to each other by follows.
 */
public final class Standard {

    /** How an item stands to the project. */
    public enum Likeness {
        NEW,
        SAME,
        DIFFERENT
    }

    /** @param element as it comes into the project: with the id that it has there */
    public record Compared(Element element, String name, Likeness likeness) {}

    private final Model model;
    private final Map<ElementId, ElementId> known = new HashMap<>();
    private final Map<ElementId, Element> items = new LinkedHashMap<>();

    private Standard(Model model, List<Element> standard) {
        this.model = model;
        NewIds ids = new NewIds(model);
        for (Element e : standard) {
            Element mine = mine(e);
            boolean free = model.find(e.id()) == null;
            known.put(e.id(), mine != null ? mine.id() : free ? e.id() : ids.next());
        }
        for (Element e : standard) items.put(there(e.id()), brought(e));
    }

    /** Every item of a standard, in the order it comes in. @throws Unusable for what is no part of a standard */
    public static List<Compared> compare(Model model, List<Element> standard) {
        List<Compared> compared = new ArrayList<>();
        for (Element e : new Standard(model, standard).items.values()) {
            Element mine = model.find(e.id());
            Likeness likeness = mine == null ? Likeness.NEW : mine.equals(e) ? Likeness.SAME : Likeness.DIFFERENT;
            compared.add(new Compared(e, Naming.of(e), likeness));
        }
        return compared;
    }

    /** Whether an element is part of an office standard. */
    public static boolean holds(Element element) {
        return element instanceof Element.Stock || element instanceof Rules;
    }

    private @Nullable Element mine(Element item) {
        Element same = model.find(item.id(), item.getClass());
        if (same != null || !(item instanceof Element.Stock)) return same;
        String name = Naming.of(item);
        for (Element e : model.all(item.getClass())) if (Naming.of(e).equalsIgnoreCase(name)) return e;
        return null;
    }

    private ElementId there(ElementId id) {
        return known.getOrDefault(id, id);
    }

    private Element brought(Element item) {
        ElementId id = there(item.id());
        return switch (item) {
            case Layer l -> l.named(id).taking(taken(l, id));
            case Lens l -> l.called(id, l.name()).showing(layers(l)).stringing(there(l.strings()));
            case Clause c -> c.called(id);
            case StringStyle s -> s.called(id, s.name());
            case LetterStyle s -> s.called(id, s.name());
            case TitleBlock b -> b.called(id, b.name()).showing(this::there);
            case Material m -> m.called(id, m.name());
            case BuildUp b -> b.named(id, b.mark(), b.name()).of(this::there);
            case Symbol s -> s.named(id, s.name());
            case Rules r -> r;
            default -> throw new Unusable("%s is no part of an office standard.".formatted(Naming.of(item)));
        };
    }

    /** A kind that another layer of the project takes stays with that. */
    private List<String> taken(Layer layer, ElementId id) {
        List<String> takes = new ArrayList<>(layer.takes());
        for (Layer l : model.all(Layer.class)) if (!l.id().equals(id)) takes.removeAll(l.takes());
        return takes;
    }

    /** Of layers that the project has, or that come along. */
    private List<Lens.LayerShown> layers(Lens lens) {
        List<Lens.LayerShown> layers = new ArrayList<>();
        for (Lens.LayerShown l : lens.layers()) {
            boolean comes = known.containsKey(l.layer()) || model.find(l.layer(), Layer.class) != null;
            if (comes) layers.add(new Lens.LayerShown(there(l.layer()), l.shown(), l.hiddenFrom()));
        }
        return layers;
    }
}
