package org.leanlintel.core.edit.wall;

import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.UnderStair;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.edit.Naming;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Wall;

/** Gives a straight wall the head that stairs over it leave. From then on it follows them. */
public record RakeUnderStair(ElementId wall) implements Edit {

    @Override
    public Set<ElementId> reads() {
        return Set.of(wall);
    }

    @Override
    public Outcome on(Building building) {
        Model model = building.model();
        Wall raked = model.get(wall, Wall.class);
        Strip strip = building.strip(wall);
        if (strip == null || !raked.isStraight())
            return Refusal.because("%s is curved: it cannot be raked or stepped.".formatted(raked.mark()), wall);
        if (UnderStair.over(strip, model).isEmpty())
            return Refusal.because("No stair lies over %s.".formatted(raked.mark()), wall);
        Rise rise = new Rise(raked.rise().foot(), UnderStair.head(strip, model));
        return Change.to(
                model, "rake " + Naming.of(raked) + " under the stair", List.of(raked.rising(rise)), List.of());
    }
}
