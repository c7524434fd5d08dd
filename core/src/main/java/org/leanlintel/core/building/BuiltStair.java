package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.measure.UnitSystem;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Rules;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.StairMake;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.model.Unusable;
import org.leanlintel.core.stair.StairHeights;
import org.leanlintel.core.stair.StairJudgement;
import org.leanlintel.core.stair.StairPlan;
import org.leanlintel.core.stair.StairPlan.Flight;
import org.leanlintel.core.stair.StairSum;
import org.leanlintel.core.stair.StairVoid;

/**
 * A stair between its storey and the one above.
 *
 * @param storeyAbove whose floor it leads to
 * @param open what is open above it: found from the headroom, or the voids drawn by hand
 * @param headroomMm the least there is
 */
public record BuiltStair(
        StairPlan plan, StairHeights heights, StairRules rules, Storey storeyAbove, Area open, double headroomMm) {

    /** That of a model's stair; null where it is not there or leads nowhere. */
    public record Of(ElementId stair) implements Key<@Nullable BuiltStair> {
        @Override
        public @Nullable BuiltStair from(Reads reads) {
            return reads.model().find(stair) instanceof Stair s ? find(s, reads.model()) : null;
        }
    }

    /** From the edge of a flight without newels to the middle of its handrail, about (trade). */
    private static final double RAIL_IN_MM = 70;

    private static final StairRules NONE = new StairRules("none", List.of());

    /** @throws Unusable with a sentence where it leads nowhere or cannot be laid out */
    public static BuiltStair of(Stair stair, Model model) {
        Storey from = model.get(stair.storey(), Storey.class);
        Storey above = StoreySpace.above(model, from);
        if (above == null)
            throw new Unusable("%s leads nowhere: there is no storey above %s. Add one, then draw the stair."
                    .formatted(stair.mark(), from.name()));
        StairHeights heights = heights(model, from, above);
        StairRules rules = rules(model);
        StairSum sum = StairSum.of(
                stair, heights.riseMm(), rules, stepMm(model.settings().units()));
        StairPlan plan = StairPlan.of(stair, sum);
        StairVoid over = new StairVoid(plan, heights);
        Area open = stair.above() == Stair.Above.FOUND
                ? over.area(StairVoid.needed(rules, stair.shape() instanceof Stair.Spiral))
                : drawn(model, above.id());
        return new BuiltStair(plan, heights, rules, above, open, over.headroomMm(open));
    }

    /** The same, or null where it leads nowhere. */
    public static @Nullable BuiltStair find(Stair stair, Model model) {
        try {
            return of(stair, model);
        } catch (Unusable nowhere) {
            return null;
        }
    }

    public static StairHeights heights(Model model, Storey from, Storey above) {
        BuildUp floor = StoreySpace.floorOf(model, above);
        return new StairHeights(from.levelMm(), from.heightMm(), floor == null ? 0 : floor.thicknessMm());
    }

    public static StairRules rules(Model model) {
        return model.find(Rules.ID) instanceof Rules r ? r.stairs() : NONE;
    }

    /** What goings are rounded to where they are not given: a millimetre, a quarter inch. */
    public static double stepMm(UnitSystem units) {
        return units == UnitSystem.METRIC ? 1 : UnitSystem.MM_PER_INCH / 4;
    }

    private static Area drawn(Model model, ElementId storey) {
        List<Area> voids = new ArrayList<>();
        for (FloorVoid v : model.all(FloorVoid.class))
            if (v.stays() && v.storey().equals(storey)) voids.add(Area.of(v.ring()));
        return voids.isEmpty() ? Area.NONE : Area.union(voids);
    }

    public Stair stair() {
        return plan.stair();
    }

    /** Its figures, each beside what the rules ask of it. */
    public List<StairJudgement.Figure> figures() {
        return StairJudgement.of(plan, rules, headroomMm);
    }

    /** Of tread k, above the project's zero. */
    public double levelMm(int number) {
        return heights.levelMm() + number * plan.sum().riserMm();
    }

    /** A newel. @param levelMm of what it stands on, above the project's zero; @param railMm of the top of the handrail at it */
    public record Newel(List<Vec> ring, double levelMm, double railMm) {}

    /** At the foot and the head of each flight, on the sides that have a handrail. */
    public List<Newel> newels() {
        List<Newel> newels = new ArrayList<>();
        StairMake make = stair().make();
        if (make.newelMm() == 0) return newels;
        for (Flight f : plan.flights()) {
            double foot = levelMm(f.first() - 1), head = levelMm(f.first() + f.risers() - 1), rail = make.railMm();
            for (double across : railsAt(0.0, stair().widthMm() - make.newelMm())) {
                newels.add(new Newel(newel(f, -make.newelMm() / 2, across), foot, levelMm(f.first()) + rail));
                newels.add(new Newel(newel(f, f.lengthMm() - make.newelMm() / 2, across), head, head + rail));
            }
        }
        return newels;
    }

    /** From the edge of a flight to the middle of its handrail: that of its newels, where it has any. */
    public double railInMm() {
        double newel = stair().make().newelMm();
        return newel > 0 ? newel / 2 : RAIL_IN_MM;
    }

    /** What lies at the left and at the right of a flight, for each side that has a handrail. */
    public <T> List<T> railsAt(T left, T right) {
        return switch (stair().make().rails()) {
            case NONE -> List.of();
            case LEFT -> List.of(left);
            case RIGHT -> List.of(right);
            case BOTH -> List.of(left, right);
        };
    }

    private List<Vec> newel(Flight f, double along, double across) {
        double size = stair().make().newelMm();
        return List.of(
                f.at(along, across + size),
                f.at(along + size, across + size),
                f.at(along + size, across),
                f.at(along, across));
    }
}
