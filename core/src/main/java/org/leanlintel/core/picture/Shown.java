package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.Bodies;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.OnLayer;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;

/** The bodies of all storeys that a drawing shows, with the layer that each element lies on. */
public record Shown(List<Body> bodies, Map<ElementId, ElementId> layers) {

    /** What an elevation or a section shows. @param inside whether with fittings and trusses: from outside none is seen */
    public record Of(ElementId drawing, boolean inside) implements Key<Shown> {
        @Override
        public Shown from(Reads reads) {
            return of(Building.in(reads), reads.get(new Look.Of(drawing)), inside);
        }
    }

    private static Shown of(Building building, Look look, boolean inside) {
        List<Body> bodies = new ArrayList<>();
        for (Storey s : StoreySpace.stack(building.model())) add(building, s.id(), inside, bodies);
        return of(bodies, building, look);
    }

    /** Those of one storey, with what is inside. */
    public static Shown ofStorey(Building building, Look look) {
        List<Body> bodies = new ArrayList<>();
        add(building, look.storey(), true, bodies);
        return of(bodies, building, look);
    }

    private static void add(Building building, ElementId storey, boolean inside, List<Body> bodies) {
        bodies.addAll(new Bodies(building).on(storey));
        bodies.addAll(new Bodies(building).inOpenings(storey));
        if (!inside) return;
        bodies.addAll(new Bodies(building).fittings(storey));
        bodies.addAll(new Bodies(building).trusses(storey));
    }

    private static Shown of(List<Body> bodies, Building building, Look look) {
        Map<ElementId, ElementId> layers = new HashMap<>();
        Map<ElementId, Boolean> hidden = new HashMap<>();
        for (Body b : bodies) {
            Element element = building.model().find(b.element());
            layers.computeIfAbsent(b.element(), id -> element instanceof OnLayer on ? on.layer() : id);
            hidden.computeIfAbsent(b.element(), id -> isHidden(element, look, building));
        }
        bodies.removeIf(b -> Objects.requireNonNull(hidden.get(b.element())));
        return new Shown(bodies, layers);
    }

    private static boolean isHidden(@Nullable Element element, Look look, Building building) {
        if (element instanceof OnLayer on && look.layering().hides(on.layer())) return true;
        if (element instanceof InWork in) return look.isOff(in);
        return element instanceof Opening o
                && building.model().find(o.wall()) instanceof InWork wall
                && (look.isOff(wall) || look.layering().hides(wall.layer()));
    }
}
