package org.leanlintel.core.edit.run;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.change.Delete;
import org.leanlintel.core.edit.office.Standard;
import org.leanlintel.core.edit.office.TakeStandard;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Clause;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.LetterStyle;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.StringStyle;
import org.leanlintel.core.model.Symbol;
import org.leanlintel.core.model.TitleBlock;
import org.leanlintel.core.model.Unusable;

/** A new project that begins with an office's own standard instead of the one that comes with the program. */
public final class BegunWith {

    /** What uses others goes before them. */
    private static final List<Class<? extends Element.Stock>> USERS_FIRST = List.of(
            BuildUp.class,
            Material.class,
            Lens.class,
            StringStyle.class,
            LetterStyle.class,
            TitleBlock.class,
            Clause.class,
            Layer.class,
            Symbol.class);

    private BegunWith() {}

    /**
     * All of a standard, and of the fresh project's stock only what its storey, plan or that standard cannot do without. A standard
     * without styles of letters is older than these, and leaves those of the program.
     *
     * @throws Unusable with a sentence where a project with that standard would be unsound
     */
    public static Model standard(List<Element> standard, Model fresh) {
        Set<ElementId> kept = new HashSet<>();
        for (Standard.Compared c : Standard.compare(fresh, standard))
            kept.add(c.element().id());
        List<Element> elements =
                fresh.elements().stream().map(e -> leaving(e, kept)).toList();
        Building building = taken(standard, Building.of(Model.of(fresh.revision(), elements)));
        for (Class<? extends Element.Stock> kind : USERS_FIRST) {
            boolean fromBeforeThese =
                    kind == LetterStyle.class && standard.stream().noneMatch(kind::isInstance);
            if (fromBeforeThese) continue;
            for (Element e : fresh.all(kind))
                if (!kept.contains(e.id()))
                    building =
                            Editing.run(new Delete(List.of(e.id())), building).after(); // stays where it is needed
        }
        return building.model().at(fresh.revision());
    }

    private static Building taken(List<Element> standard, Building before) {
        boolean allThere = Standard.compare(before.model(), standard).stream()
                .allMatch(c -> c.likeness() == Standard.Likeness.SAME);
        if (allThere) return before;
        Editing.Result result = Editing.run(new TakeStandard(standard), before);
        if (result.outcome() instanceof Refusal refusal) throw new Unusable(refusal.sentence());
        return result.after();
    }

    /** A layer that goes leaves the kinds it takes to the standard's. */
    private static Element leaving(Element fresh, Set<ElementId> kept) {
        return fresh instanceof Layer l && !kept.contains(l.id()) ? l.taking(List.of()) : fresh;
    }
}
