package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Inks;
import org.leanlintel.core.picture.Item;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.PlanOf;

/** What prints of another storey behind a plan: the outlines of what stands there, pale, without words and fills. */
public record BehindPlan(List<Item> items) {

    private static final Set<PenRole> DRAWN = EnumSet.of(
            PenRole.CUT_STRUCTURE,
            PenRole.CUT_FACING,
            PenRole.CUT_LINING,
            PenRole.EDGE,
            PenRole.DOOR_LEAF,
            PenRole.STAIR);

    public BehindPlan {
        items = List.copyOf(items);
    }

    public record Of(PlanOf plan) implements Key<BehindPlan> {
        @Override
        public BehindPlan from(Reads reads) {
            Building building = Building.in(reads);
            Drawing other = behind(building, plan.look(building));
            if (other == null) return new BehindPlan(List.of());
            return of(PlanOf.of(other.id(), plan.lettering(), building), building);
        }
    }

    /** The plan that its storey is worked in; null where the lens prints nothing, or there is no such storey. */
    private static @Nullable Drawing behind(Building building, Look look) {
        Lens.Backdrop backdrop = look.lens().backdrop();
        if (!backdrop.prints()) return null;
        Storey storey =
                switch (backdrop.what()) {
                    case NOTHING -> null;
                    case STOREY_BELOW ->
                        StoreySpace.below(building.model(), look.on().storey());
                    case STOREY_ABOVE ->
                        StoreySpace.above(building.model(), look.on().storey());
                };
        return storey == null ? null : Drawing.workingPlan(building.model(), storey.id());
    }

    private static BehindPlan of(PlanOf other, Building building) {
        Look look = other.look(building);
        List<Item> items = new ArrayList<>();
        for (Stage stage : new Stage[] {Stage.STANDING, Stage.WAYS, Stage.WALLS})
            for (OnPlan member : members(other, stage, building))
                for (Group g : building.get(member).groups())
                    if (isBuilt(g.element(), building) && !look.layering().hides(g.layer()))
                        for (Item item : g.items())
                            if (item instanceof Item.Strokes s && DRAWN.contains(s.role())) items.add(behind(s));
        return new BehindPlan(items);
    }

    private static Set<OnPlan> members(PlanOf plan, Stage stage, Building building) {
        Set<OnPlan> members = new TreeSet<>();
        for (Element e : building.model().elements()) members.addAll(new Stage.Of(plan, stage).members(e));
        return members;
    }

    /** Strings, notes, marks and symbols stay behind. */
    private static boolean isBuilt(ElementId id, Building building) {
        Element of = building.model().find(id);
        return of instanceof InWork || of instanceof Opening;
    }

    /** Pale, and under all lines as hatches are, whatever came first. */
    private static Item behind(Item.Strokes s) {
        return new Item.Strokes(PenRole.HATCH, s.pen().inked(Inks.PALE), s.lines());
    }
}
