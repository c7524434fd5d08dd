package org.leanlintel.core.building.room;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.model.Annotation;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.KeptGap;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WorkState;

/** The house before the work: what is new is not there yet, what is to be removed stands. */
public record AsItWas() implements Key<Building> {

    @Override
    public Building from(Reads reads) {
        Model model = Building.in(reads).model();
        Set<ElementId> gone = new HashSet<>();
        for (Element e : model.elements()) if (e instanceof InWork in && in.state() == WorkState.NEW) gone.add(e.id());
        List<Element> there = new ArrayList<>();
        for (Element e : model.elements()) if (before(e, gone) instanceof Element was) there.add(was);
        return Building.of(Model.of(model.revision(), there));
    }

    /** What something was; null where it was not there. What is written, and what only people agreed on, is left out. */
    private static @Nullable Element before(Element e, Set<ElementId> gone) {
        if (e instanceof Annotation || e instanceof KeptGap || gone.contains(e.id())) return null;
        if (e instanceof Opening o && (o.work() == Opening.Work.NEW || gone.contains(o.wall()))) return null;
        if (e instanceof WallPiece p && gone.contains(p.wall())) return null;
        return e instanceof InWork in ? in.in(WorkState.EXISTING) : e;
    }
}
