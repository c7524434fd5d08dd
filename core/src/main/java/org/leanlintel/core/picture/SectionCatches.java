package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.Feature;
import org.leanlintel.core.building.feature.Features;
import org.leanlintel.core.building.feature.Upright;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.Storey;

/** What the pointer may hold to in a section. */
public final class SectionCatches {

    private final Building building;
    private final Model model;
    private final Upright shown;

    public SectionCatches(Building building, Upright shown) {
        this.building = building;
        model = building.model();
        this.shown = shown;
    }

    /** What an element that is drawn offers, with its pieces, and with those openings in which nothing stands that is drawn. */
    public List<Catch> of(ElementId id) {
        List<Catch> catches = new ArrayList<>();
        if (!(model.find(id) instanceof Element element)) return catches;
        add(element, catches);
        for (Opening o : model.relations().openingsIn(id))
            if (o.kind() instanceof Opening.OpenWay way && !way.lined()) add(o, catches);
        model.relations().piecesOn(id).forEach(p -> add(p, catches));
        return catches;
    }

    /** Storeys and the ground. */
    public List<Catch> ofLevels() {
        List<Catch> catches = new ArrayList<>();
        for (Storey s : model.all(Storey.class)) add(s, catches);
        for (Roof r : model.all(Roof.class)) add(r, catches);
        add(Site.of(model), catches);
        return catches;
    }

    private void add(Element element, List<Catch> catches) {
        for (Features.Named named : Features.of(element, building)) {
            Feature feature = Features.of(named.hold(), building);
            if (feature == null) continue;
            for (List<Vec> line : shown.all(feature))
                catches.add(new Catch(named.words(), named.hold(), line.getFirst(), line.getLast()));
        }
    }
}
