package org.leanlintel.core.edit.carry;

import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.edit.change.References;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.HeatRule;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.Settings;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Wall;

/**
 * What has to be taken along for {@link Paste}: things with what belongs to them, all that these refer to, and what a project says
 * once, as what is written asks for it.
 */
public final class Copied {

    private Copied() {}

    /** @throws org.leanlintel.core.model.MissingElement if a thing is not in the model */
    public static Collection<Element> of(Model model, List<ElementId> things) {
        Map<ElementId, Element> found = new LinkedHashMap<>();
        Deque<Element> left = new ArrayDeque<>();
        for (ElementId once : List.of(Settings.ID, Rules.ID, HeatRule.ID, Site.ID))
            if (model.find(once) instanceof Element said) left.add(said);
        for (ElementId id : things) {
            Element thing = model.get(id, Element.class);
            left.add(thing);
            if (thing instanceof Wall w) {
                for (KeptGap k : model.all(KeptGap.class))
                    if (k.gap().wall().equals(w.id()) && things.contains(k.gap().other())) left.add(k);
                left.addAll(model.relations().openingsIn(w.id()));
                left.addAll(model.relations().piecesOn(w.id()));
            }
        }
        while (!left.isEmpty()) {
            Element next = left.pop();
            if (found.putIfAbsent(next.id(), next) != null) continue;
            for (ElementId id : References.to(next)) left.add(model.get(id, Element.class));
        }
        return found.values();
    }
}
