package org.leanlintel.core.check;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.ElementKinds;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.OnLayer;
import org.leanlintel.core.model.StoreySpace;

/** Things on a layer that is meant for others, while there is one meant for them; a layer meant for no kind takes anything. */
final class LayerCheck {

    private final Building building;
    private final ElementId storey;

    LayerCheck(Building building, ElementId storey) {
        this.building = building;
        this.storey = storey;
    }

    /** Told once for the house, with its lowest storey. */
    List<Finding> findings(Layer layer) {
        boolean first = StoreySpace.stack(building.model()).getFirst().id().equals(storey);
        List<Finding> findings = new ArrayList<>();
        if (!first || layer.takes().isEmpty()) return findings;
        for (Class<? extends Element> kind : ElementKinds.all()) {
            String name = ElementKinds.name(kind);
            if (!OnLayer.class.isAssignableFrom(kind) || layer.takes().contains(name)) continue;
            Layer meant = building.model().all(Layer.class).stream()
                    .filter(l -> l.takes().contains(name))
                    .findFirst()
                    .orElse(null);
            List<ElementId> there = building.model().all(kind).stream()
                    .filter(e -> e instanceof OnLayer on && on.layer().equals(layer.id()))
                    .map(Element::id)
                    .toList();
            if (meant != null && !there.isEmpty()) findings.add(finding(layer, meant, there));
        }
        return findings;
    }

    private Finding finding(Layer layer, Layer meant, List<ElementId> there) {
        String what = there.size() == 1 ? "One thing lies" : there.size() + " things lie";
        return new Finding(
                Finding.Kind.LAYER,
                "%s on layer %s, and would be looked for on %s.".formatted(what, layer.name(), meant.name()),
                "Move it to layer %s.".formatted(meant.name()),
                there,
                storey,
                Vec.ORIGIN,
                "");
    }
}
