package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StoreySpace;

/** What the underside of a stair leaves above the set-out line of a wall. */
public final class UnderStair {

    /** Less of a wall under a stair is not worth a step. */
    private static final double LEAST_MM = 20;
    /** A wall that stands this far under a stair from its side, and no further, stands beside it. */
    private static final double BESIDE_MM = 25;

    /** A stretch of a wall under a stair, and the heights there above the storey's level. */
    public record Stretch(double from, double to, double headFrom, double headTo) {}

    private UnderStair() {}

    /** Of all stairs of a wall's storey, from its start to its end; empty where none lies over it. */
    public static List<Stretch> over(Strip strip, Model model) {
        TreeMap<Double, Stretch> over = new TreeMap<>();
        for (Stair s : model.all(Stair.class))
            if (s.stays()
                    && s.storey().equals(strip.wall().storey())
                    && BuiltStair.find(s, model) instanceof BuiltStair built)
                for (Stretch stretch : over(built, strip)) over.put(stretch.from(), stretch);
        return List.copyOf(over.values());
    }

    /**
     * The head that stairs leave a straight wall: along their undersides, and elsewhere under the structure above. It steps
     * where a stretch begins or ends with another height than what is beside it.
     */
    public static Rise.UnderStairs head(Strip strip, Model model) {
        double whole = StoreySpace.of(model, strip.wall().storey()).headMm(Rise.FULL), length = strip.length();
        List<Rise.Height> heights = new ArrayList<>();
        double s = 0;
        for (Stretch stretch : over(strip, model)) {
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
        heights.set(0, new Rise.Height(0, heights.getFirst().mm()));
        heights.set(heights.size() - 1, new Rise.Height(1, heights.getLast().mm()));
        return new Rise.UnderStairs(heights);
    }

    /** In the order of its flights, landings and winders. Across the wall's thickness, the lowest place counts. */
    private static List<Stretch> over(BuiltStair stair, Strip strip) {
        List<Stretch> stretches = new ArrayList<>();
        double lo = strip.lo() + BESIDE_MM, hi = strip.hi() - BESIDE_MM, l = strip.length();
        if (lo >= hi) lo = hi = (strip.lo() + strip.hi()) / 2 - 1;
        Area wall = Area.of(List.of(strip.at(0, lo), strip.at(l, lo), strip.at(l, hi), strip.at(0, hi)));
        for (StairPart part : StairPart.of(stair)) {
            Area under = part.area().and(wall);
            if (under.isEmpty()) continue;
            double from = l, to = 0;
            for (List<Vec> ring : under.rings())
                for (Vec p : ring) {
                    from = Math.min(from, strip.axis().s(p));
                    to = Math.max(to, strip.axis().s(p));
                }
            Plane head = part.under().raised(-stair.heights().levelMm());
            if (to - from >= LEAST_MM)
                stretches.add(new Stretch(from, to, lowest(head, strip, from), lowest(head, strip, to)));
        }
        return stretches;
    }

    private static double lowest(Plane head, Strip strip, double s) {
        return Math.min(head.at(strip.at(s, strip.lo())), head.at(strip.at(s, strip.hi())));
    }
}
