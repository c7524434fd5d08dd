package org.leanlintel.core.picture.plan;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.derive.Cell;
import org.leanlintel.core.derive.Member;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.derive.Spread;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.OnLayer;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.PlanOf;

/** What an element shows at one stage of a plan, lying where it takes boxes. Ways are one, under the plan's own name. */
public record OnPlan(PlanOf plan, Stage stage, ElementId element) implements Member<Shows>, Comparable<OnPlan> {

    @Override
    public Shows from(Reads reads) {
        Building building = Building.in(reads);
        if (isHidden(building)) return Shows.NOTHING;
        return switch (stage) {
            case STANDING -> new Standing(plan, building).of(building.model().find(element));
            case SPANS -> FloorSpans.of(plan, element, building);
            case WAYS -> Ways.of(plan, building);
            case WALLS -> MarkedWall.of(plan, element, building);
            case OPENINGS -> MarkedOpenings.of(plan, element, building);
            case FITTINGS -> FittingMark.of(plan, element, building);
            case PUT, INSIDE, OUTSIDE -> RoomLabels.of(plan, stage, element, building);
        };
    }

    /** What a lens hides takes no place either; a wall is looked at with what stands in it. */
    private boolean isHidden(Building building) {
        if (isUnderRoofs(building)) return true;
        if (!(building.model().find(element) instanceof OnLayer on) || on instanceof Wall) return false;
        Look look = plan.look(building);
        return look.layering().hides(on.layer()) || on instanceof InWork in && look.hides(in);
    }

    /** Of walls and what lies in rooms nothing is seen from above; roofs show how the walls run that they stand on. */
    private boolean isUnderRoofs(Building building) {
        if (plan.look(building).lens().roofs() != Lens.Roofs.FROM_ABOVE) return false;
        return switch (stage) {
            case SPANS, WAYS, WALLS, PUT, INSIDE, OPENINGS, FITTINGS, OUTSIDE -> true;
            case STANDING -> {
                Element what = building.model().find(element);
                yield what instanceof Wall
                        || what instanceof Fitting
                        || what instanceof RoomLimit
                        || what instanceof Floor
                        || what instanceof FloorVoid
                        || what instanceof Stair;
            }
        };
    }

    @Override
    public Spread<?> spread() {
        return new Stage.Of(plan, stage);
    }

    @Override
    public Collection<Cell> cells(Shows shows) {
        Set<Cell> cells = new LinkedHashSet<>();
        for (Bounds b : shows.things()) cells.addAll(Cell.of(b));
        for (Bounds b : shows.texts()) cells.addAll(Cell.of(b));
        return cells;
    }

    @Override
    public int compareTo(OnPlan other) {
        return element.compareTo(other.element);
    }
}
