package org.leanlintel.core.edit.dimension;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.dimension.Facing;
import org.leanlintel.core.dimension.InteriorStrings;
import org.leanlintel.core.dimension.ProposedString;
import org.leanlintel.core.dimension.Scheme;
import org.leanlintel.core.dimension.SectionStrings;
import org.leanlintel.core.dimension.StoreyStrings;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.DimensionString;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Layer;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;

/**
 * Draws the dimension strings that a plan still wants, see {@link StoreyStrings}. Strings that are there gain points, and
 * are otherwise left as they are.
 *
 * @param sides outside of which sides of the storey
 * @param inside whether through rooms, and for what is not told of otherwise
 * @param rooms through these alone; through all where empty
 */
public record DimensionPlan(
        ElementId drawing, ElementId layer, List<Facing> sides, boolean inside, List<ElementId> rooms, Scheme scheme)
        implements Edit {

    public DimensionPlan {
        sides = List.copyOf(sides);
        rooms = List.copyOf(rooms);
    }

    @Override
    public Set<ElementId> reads() {
        return Set.of(drawing, layer);
    }

    @Override
    public Outcome on(Building building) {
        Drawing plan = building.model().get(drawing, Drawing.class);
        if (plan.kind() != Drawing.Kind.PLAN && !plan.kind().isUpright())
            return Refusal.because("Only plans, sections and elevations are dimensioned as a whole.", drawing);
        Lens lens = building.model().get(plan.lens(), Lens.class);
        if (lens.of(layer, plan.scale()) == Lens.Shown.HIDDEN)
            return Refusal.because(
                    "The lens %s hides the layer %s: strings on it would not show."
                            .formatted(
                                    lens.name(),
                                    building.model().get(layer, Layer.class).name()),
                    drawing);
        NewIds ids = new NewIds(building.model());
        List<Element> put = new ArrayList<>();
        StoreyStrings.Wanted wanted = new StoreyStrings.Wanted(Set.copyOf(sides), inside, rooms);
        List<ProposedString> proposed =
                switch (plan.kind()) {
                    case INTERIOR -> InteriorStrings.of(building, plan, scheme);
                    case SECTION, ELEVATION -> SectionStrings.of(building, drawing, wanted.sides(), scheme);
                    default -> StoreyStrings.of(building, drawing, wanted, scheme);
                };
        for (ProposedString p : proposed)
            put.add(
                    p.of() == null
                            ? new DimensionString(ids.next(), layer, drawing, p.direction(), p.at(), p.holds(), false)
                            : p.of().through(p.at(), p.holds()));
        if (put.isEmpty()) return Refusal.because("All that was asked for is dimensioned already.", drawing);
        return Change.to(building.model(), "dimension " + plan.name(), put, List.of());
    }
}
