package org.leanlintel.core.edit.carry;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.feature.SectionFrame;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.SectionLine;

/**
 * Moves the whole house on its plot, every storey, with its section lines and all that is written of it. The boundary, the levels of
 * the ground and what is traced from stay; drawings keep their place on their sheets.
 */
public record MoveHouse(Vec by) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of();
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        WholeHouse house = new WholeHouse(building, Rigid.shift(by), d -> inPicture(d, model));
        if (house.carry(List.of(), d -> d) instanceof Refusal refusal) return refusal;
        List<Element> put = new ArrayList<>(house.put());
        for (SectionLine l : model.all(SectionLine.class))
            put.add(l.through(l.from().plus(by), l.to().plus(by), l.looking()));
        return Change.to(model, "move the house", put, List.of());
    }

    /** Elevations are drawn from the plan's origin; sections begin where their lines do. */
    private @Nullable Rigid inPicture(Drawing drawing, Model model) {
        return drawing.kind() == Drawing.Kind.ELEVATION
                ? Rigid.shift(new Vec(by.dot(SectionFrame.of(drawing, model).right()), 0))
                : null;
    }
}
