package org.leanlintel.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.Strip;
import org.leanlintel.core.building.UnderStair;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Wall;

/**
 * Gives a straight wall the head that stairs over it leave: along the underside of flights and landings, and as high as it
 * was where none lies over it. The head keeps those heights; it does not follow the stair later.
 */
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
        double whole = building.space(raked.storey()).headMm(Rise.FULL);
        TreeMap<Double, UnderStair.Stretch> over = new TreeMap<>();
        for (Stair s : model.all(Stair.class))
            if (s.storey().equals(raked.storey()) && BuiltStair.find(s, model) instanceof BuiltStair built)
                for (UnderStair.Stretch stretch : UnderStair.over(built, strip)) over.put(stretch.from(), stretch);
        if (over.isEmpty()) return Refusal.because("No stair lies over %s.".formatted(raked.mark()), wall);
        List<Rise.Height> heights = heights(List.copyOf(over.values()), strip.length(), whole);
        Rise rise = new Rise(raked.rise().foot(), new Rise.Along(heights));
        return Change.to(
                model, "rake " + Naming.of(raked) + " under the stair", List.of(raked.rising(rise)), List.of());
    }

    /** Steps where a stretch begins or ends with another height than what is beside it. */
    private static List<Rise.Height> heights(List<UnderStair.Stretch> over, double length, double whole) {
        List<Rise.Height> heights = new ArrayList<>();
        double s = 0;
        for (UnderStair.Stretch stretch : over) {
            if (stretch.from() > s + 1) {
                heights.add(new Rise.Height(s / length, whole));
                heights.add(new Rise.Height(stretch.from() / length, whole));
            }
            heights.add(new Rise.Height(Math.max(s, stretch.from()) / length, stretch.headFrom()));
            heights.add(new Rise.Height(stretch.to() / length, stretch.headTo()));
            s = stretch.to();
        }
        if (s < length - 1) {
            heights.add(new Rise.Height(s / length, whole));
            heights.add(new Rise.Height(1, whole));
        }
        Rise.Height first = heights.getFirst(), last = heights.getLast();
        heights.set(0, new Rise.Height(0, first.mm()));
        heights.set(heights.size() - 1, new Rise.Height(1, last.mm()));
        return heights;
    }
}
