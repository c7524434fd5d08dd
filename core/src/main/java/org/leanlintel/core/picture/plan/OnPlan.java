package org.leanlintel.core.picture.plan;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Cell;
import org.leanlintel.core.derive.Failing;
import org.leanlintel.core.derive.Member;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.derive.Spread;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Fitting;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.InWork;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Marked;
import org.leanlintel.core.model.OnLayer;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.Undrawn;

/** What an element shows at one stage of a plan, lying where it takes boxes. Ways are one, under the plan's own name. */
public record OnPlan(PlanOf plan, Stage stage, ElementId element) implements Member<Shows>, Comparable<OnPlan> {

    @Override
    public Shows from(Reads reads) {
        Building building = Building.in(reads);
        if (!stage.draws(building.model().find(element), plan) || isHidden(building)) return Shows.NOTHING;
        return orMark(building, () -> shows(building));
    }

    private Shows shows(Building building) {
        return switch (stage) {
            case STANDING, DIMENSIONS ->
                new Standing(plan, building).of(building.model().find(element));
            case SPANS -> FloorSpans.of(plan, element, building);
            case WAYS -> Ways.of(plan, building);
            case WALLS -> MarkedWall.of(plan, element, building);
            case OPENINGS -> MarkedOpenings.of(plan, element, building);
            case FITTINGS -> FittingMark.of(plan, element, building);
            case PUT, INSIDE, OUTSIDE -> RoomLabels.of(plan, stage, element, building);
        };
    }

    /** What something shows, or a mark in its place where that cannot be worked out: the rest of the plan does without it. */
    Shows orMark(Building building, Supplier<Shows> shows) {
        return Failing.or(shows, element + " at " + stage, () -> {
            Element what = building.model().find(element);
            ElementId layer = what instanceof OnLayer on ? on.layer() : element;
            Undrawn undrawn = new Undrawn(plan.look(building), plan.lettering());
            Group mark = undrawn.mark(element, layer, name(what), about(what, building));
            return new Shows(List.of(mark), List.of(), List.of());
        });
    }

    private static String name(@Nullable Element what) {
        return switch (what) {
            case Room r -> r.name();
            case Marked m -> m.mark();
            case null -> "A thing";
            default -> "A thing";
        };
    }

    /** About where something is; the plan's origin where it does not say. */
    private static Vec about(@Nullable Element what, Building building) {
        return switch (what) {
            case Room r -> r.seed();
            case Post p -> p.at();
            case RoofPart p -> p.at();
            case Wall w -> building.strip(w.id()) instanceof Strip s ? s.at(s.length() / 2, 0) : Vec.ORIGIN;
            case null -> Vec.ORIGIN;
            default -> Vec.ORIGIN;
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
            case STANDING, DIMENSIONS -> {
                Element what = building.model().find(element);
                yield what instanceof Wall
                        || what instanceof Fitting
                        || what instanceof RoomLimit
                        || what instanceof Room
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
        for (Bounds b : shows.barred()) cells.addAll(Cell.of(b));
        for (Bounds b : shows.strings()) cells.addAll(Cell.of(b));
        return cells;
    }

    @Override
    public int compareTo(OnPlan other) {
        return element.compareTo(other.element);
    }
}
