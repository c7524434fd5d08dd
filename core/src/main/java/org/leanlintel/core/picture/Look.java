package org.leanlintel.core.picture;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;

/** What decides how a plan looks besides what stands in it. @param cutMm above the project's datum */
record Look(Drawing drawing, Lens lens, StoreySpace on, double cutMm, LevelPrinter levels) {

    /** That of a drawing. */
    record Of(ElementId drawing) implements Key<Look> {
        @Override
        public Look from(Reads reads) {
            return of(Building.in(reads), drawing);
        }
    }

    private static Look of(Building building, ElementId id) {
        Drawing drawing = building.model().get(id, Drawing.class);
        Lens lens = building.model().get(drawing.lens(), Lens.class);
        StoreySpace on = building.space(drawing.storey());
        double cut = on.levelMm() + building.model().settings().cutHeightMm();
        return new Look(
                drawing,
                lens,
                on,
                cut,
                new LevelPrinter(
                        building.model().settings().units(),
                        Site.of(building.model()).zeroMm()));
    }

    UnitSystem units() {
        return levels.units();
    }

    ElementId storey() {
        return drawing.storey();
    }

    /** Whether a wall of this storey is drawn as cut: its height meets the cut, and it is to stay. */
    boolean cuts(Wall wall) {
        return wall.stays() && on.isCutAt(wall.rise(), cutMm - on.levelMm());
    }

    /** The groups whose layers the lens shows. */
    List<Group> shown(List<Group> groups) {
        if (lens.hiddenLayers().isEmpty()) return groups;
        Set<ElementId> hidden = Set.copyOf(lens.hiddenLayers());
        return groups.stream().filter(g -> !hidden.contains(g.layer())).toList();
    }
}
