package org.leanlintel.core.picture;

import java.util.Objects;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.measure.LevelPrinter;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Site;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WorkState;

/** What decides how a plan looks besides what stands in it. @param cutMm above the project's datum */
public record Look(Drawing drawing, Lens lens, Layering layering, StoreySpace on, double cutMm, LevelPrinter levels) {

    /** That of a drawing. */
    public record Of(ElementId drawing) implements Key<Look> {
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
                Layering.of(lens, drawing.scale(), building.model()),
                on,
                cut,
                new LevelPrinter(
                        building.model().settings().units(),
                        Site.of(building.model()).zeroMm()));
    }

    public UnitSystem units() {
        return levels.units();
    }

    public ElementId storey() {
        return drawing.storey();
    }

    /** Whether a wall of this storey is drawn as cut: its height meets the cut, and its state is drawn so. */
    public boolean cuts(Wall wall) {
        return switch (of(wall.state())) {
            case FULL, GREY -> on.isCutAt(wall.rise(), cutMm - on.levelMm());
            case DASHED, HIDDEN -> false;
        };
    }

    /** Whether a thing is not drawn as standing, so that others are drawn as if it did not. */
    public boolean isOff(InWork thing) {
        return switch (of(thing.state())) {
            case HIDDEN, DASHED -> true;
            case FULL, GREY -> false;
        };
    }

    /** Whether a thing does not show, by what becomes of it. */
    public boolean hides(InWork thing) {
        return of(thing.state()) == Lens.StateLook.HIDDEN;
    }

    public Lens.StateLook of(WorkState state) {
        return Objects.requireNonNull(lens.states().get(state));
    }

    public boolean marks(Lens.MarkOf what) {
        return lens.marks().contains(what);
    }
}
