package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.body.PlacedFitting;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.NearestFirst;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.TakenBoxes;

/**
 * The mark of a fitting between slanting ends, keyed to its schedule: on the fitting where it fits there, else at the nearest
 * place that is free, with a leader.
 */
public final class FittingMark {

    /** On paper: how much higher it is than its letters, how far its words stand off its ends, how far these slant. */
    private static final double OVER_MM = 1.4, END_MM = 1.4, SLANT_MM = 0.8;
    /** On paper: between places that are tried, and how far off. */
    private static final double STEP_MM = 2.5, FURTHEST_MM = 30;

    private final PlanOf plan;
    private final Look look;
    private final Building building;
    private final PlacedFitting placed;
    private final double scale, letterMm, wide, high;

    private FittingMark(PlanOf plan, Look look, Building building, PlacedFitting placed) {
        this.plan = plan;
        this.look = look;
        this.building = building;
        this.placed = placed;
        scale = look.drawing().scale();
        letterMm = look.lens().letters().markMm();
        wide = halfWide(placed.fitting().mark(), letterMm, plan.lettering()) * scale;
        high = halfHigh(letterMm) * scale;
    }

    static Shows of(PlanOf plan, ElementId id, Building building) {
        Look look = plan.look(building);
        if (!look.marks(Lens.MarkOf.FITTINGS) || !(building.model().find(id) instanceof Fitting fitting))
            return Shows.NOTHING;
        PlacedFitting placed = building.get(new PlacedFitting.Of(id));
        if (placed == null || look.hides(fitting)) return Shows.NOTHING;
        return new FittingMark(plan, look, building, placed).paint();
    }

    private Shows paint() {
        Vec put = placed.fitting().words().in(plan.drawing());
        return put == null ? clear() : at(placed.beside(put));
    }

    /** Where the drafter put it, with a leader where that is off the fitting. */
    private Shows at(Vec put) {
        Pens pens = new Pens(look.lens());
        Bounds own = Bounds.of(placed.outline());
        if (!own.covers(put)) pens.line(PenRole.DIMENSION, nearest(boxAt(put), own.centre()), own.centre());
        return shows(put, pens);
    }

    private Shows clear() {
        Bounds own = Bounds.of(placed.outline());
        Vec middle = own.centre();
        boolean within = own.width() >= 2 * wide && own.height() >= 2 * high && isClearOfMarks(boxAt(middle));
        Vec free = within ? middle : free(middle);
        Vec at = free == null ? middle : free;
        Pens pens = new Pens(look.lens());
        if (free != null && !within) pens.line(PenRole.DIMENSION, nearest(boxAt(at), middle), middle);
        return shows(at, pens);
    }

    private Shows shows(Vec at, Pens pens) {
        paint(placed.fitting().mark(), letterMm, at, scale, plan.lettering(), pens);
        Fitting f = placed.fitting();
        return new Shows(List.of(new Group(f.id(), f.layer(), pens.items(), List.of())), List.of(), List.of(boxAt(at)));
    }

    private @Nullable Vec free(Vec middle) {
        Bounds reach = Bounds.of(placed.outline()).grown(FURTHEST_MM * scale);
        TakenBoxes taken = new Taken(plan, Stage.FITTINGS, building).within(reach.grown(wide));
        List<Bounds> before = before(reach.grown(wide));
        for (Vec at : new NearestFirst(middle, reach, STEP_MM * scale)) {
            Bounds box = boxAt(at);
            if (taken.isFree(box) && before.stream().noneMatch(box::meets) && standsInNoWall(box)) return at;
        }
        return null;
    }

    private boolean standsInNoWall(Bounds box) {
        return building.near(box, plan.storey()).stream()
                .map(s -> building.solid(s.wall().id()))
                .allMatch(s ->
                        s == null || !s.bounds().meets(box) || !s.footprint().meets(box));
    }

    private boolean isClearOfMarks(Bounds box) {
        return before(box).stream().noneMatch(box::meets);
    }

    /** The marks of fittings before it that may stand in its way. */
    private List<Bounds> before(Bounds reach) {
        List<Bounds> before = new ArrayList<>();
        Stage.Of standing = new Stage.Of(plan, Stage.STANDING);
        for (OnPlan there : building.lying(standing, reach.grown(FURTHEST_MM * scale)))
            if (building.model().find(there.element()) instanceof Fitting other
                    && other.id().compareTo(placed.fitting().id()) < 0)
                before.addAll(building.get(new OnPlan(plan, Stage.FITTINGS, other.id()))
                        .barred());
        return before;
    }

    private Bounds boxAt(Vec m) {
        return new Bounds(m.x() - wide, m.y() - high, m.x() + wide, m.y() + high);
    }

    private static double halfWide(String mark, double letterMm, Lettering lettering) {
        return lettering.width(mark, letterMm, false) / 2 + END_MM + SLANT_MM;
    }

    private static double halfHigh(double letterMm) {
        return (letterMm + OVER_MM) / 2;
    }

    /** @param m its middle */
    public static void paint(String mark, double letterMm, Vec m, double scale, Lettering lettering, Pens pens) {
        double slant = SLANT_MM * scale;
        double wide = halfWide(mark, letterMm, lettering) * scale, high = halfHigh(letterMm) * scale;
        List<Vec> ring = List.of(
                m.plus(new Vec(-wide, -high)),
                m.plus(new Vec(wide - 2 * slant, -high)),
                m.plus(new Vec(wide, high)),
                m.plus(new Vec(-wide + 2 * slant, high)));
        pens.ground(ring);
        pens.closed(PenRole.DIMENSION, ring);
        Vec base = m.plus(new Vec(0, -letterMm / 2 * scale));
        pens.add(lettering.set(mark, base, 0, letterMm, Align.CENTRE, false));
    }

    private static Vec nearest(Bounds box, Vec to) {
        return new Vec(Math.clamp(to.x(), box.minX(), box.maxX()), Math.clamp(to.y(), box.minY(), box.maxY()));
    }
}
