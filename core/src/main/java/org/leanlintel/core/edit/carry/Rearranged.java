package org.leanlintel.core.edit.carry;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Corner;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/** Things taken through a rigid movement where they are, or as copies. */
final class Rearranged {

    private Rearranged() {}

    static Outcome of(Building building, List<ElementId> elements, Rigid movement, boolean copy, String verb) {
        if (elements.isEmpty()) return Refusal.because("Nothing is selected.");
        Model model = building.model();
        List<Element> things =
                elements.stream().map(id -> model.get(id, Element.class)).toList();
        Carrying carrying = new Carrying(
                building, building, UnaryOperator.identity(), movement, copy, new NewIds(model), new Marks(model));
        Refusal refusal = carrying.carry(things);
        if (refusal != null) return refusal;
        String name = (copy ? verb + " a copy of " : verb + " ") + Naming.of(things);
        Change change = Change.to(model, name, carrying.put(), List.of());
        return copy || change.isEmpty() ? change : withoutBareCorners(model, change);
    }

    /** Corners that nothing is left at go. */
    private static Change withoutBareCorners(Model model, Change change) {
        Model next = model.after(change);
        List<ElementId> bare = new ArrayList<>();
        for (Corner c : next.all(Corner.class))
            if (next.relations().endsAt(c.id()).isEmpty()) bare.add(c.id());
        return bare.isEmpty() ? change : change.then(model, Change.to(next, change.name(), List.of(), bare));
    }
}
