package org.leanlintel.core.picture;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Storey;

/** What decides how a plan looks besides what stands in it. @param cutMm above the project's datum */
record Look(Drawing drawing, Lens lens, double cutMm, UnitSystem units) {

    static Look of(Building building, ElementId id) {
        Drawing drawing = building.model().get(id, Drawing.class);
        Lens lens = building.model().get(drawing.lens(), Lens.class);
        Storey storey = building.model().get(drawing.storey(), Storey.class);
        double cut = storey.levelMm() + building.model().settings().cutHeightMm();
        return new Look(drawing, lens, cut, building.model().settings().units());
    }

    ElementId storey() {
        return drawing.storey();
    }

    /** The groups whose layers the lens shows. */
    List<Group> shown(List<Group> groups) {
        if (lens.hiddenLayers().isEmpty()) return groups;
        Set<ElementId> hidden = Set.copyOf(lens.hiddenLayers());
        return groups.stream().filter(g -> !hidden.contains(g.layer())).toList();
    }
}
