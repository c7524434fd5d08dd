package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.TakenBoxes;
import org.leanlintel.core.picture.annotate.WallMark;
import org.leanlintel.core.picture.wall.DrawnWall;

/**
 * A wall of a plan with the mark of its build-up: at the first of its places that is free of fittings, stairs, doors,
 * strings and the marks of walls before it in the order of ids; at the best where none is.
 */
final class MarkedWall {

    /** How far off a mark its wall may be told to lie, beyond what the mark itself takes: more than walls are thick. */
    private static final double THICKEST_MM = 1000;

    private MarkedWall() {}

    static Shows of(PlanOf plan, ElementId id, Building building) {
        DrawnWall wall = building.get(new DrawnWall.Of(plan, id));
        if (wall == null) return Shows.NOTHING;
        Bounds reach = wall.reach();
        if (reach == null) return new Shows(wall.groups(), List.of(), List.of());
        Look look = plan.look(building);
        double scale = look.drawing().scale();
        Taken taken = new Taken(plan, Stage.WALLS, building);
        TakenBoxes near = taken.within(reach);
        List<Bounds> lines = taken.lines(reach);
        List<Bounds> before = before(plan, id, reach, scale, building);
        List<WallMark.Place> places = wall.mark().places();
        List<WallMark.Place> free =
                places.stream().filter(p -> isFree(p.box(scale), near, before)).toList();
        WallMark.Place place = free.stream()
                .filter(p -> lines.stream().noneMatch(p.box(scale)::meets))
                .findFirst()
                .orElse(free.isEmpty() ? places.getFirst() : free.getFirst());
        Pens pens = new Pens(look.lens());
        WallMark.paint(wall.mark().words(), place, scale, plan.lettering(), pens);
        List<Group> groups = new ArrayList<>(wall.groups());
        groups.set(0, groups.getFirst().with(pens.items()));
        return new Shows(groups, List.of(), List.of(place.box(scale)));
    }

    private static boolean isFree(Bounds box, TakenBoxes near, List<Bounds> marks) {
        return near.isFree(box) && marks.stream().noneMatch(box::meets);
    }

    /** The marks of walls before it that may stand in its way. */
    private static List<Bounds> before(PlanOf plan, ElementId id, Bounds reach, double scale, Building building) {
        List<Bounds> boxes = new ArrayList<>();
        for (Strip strip : building.near(reach.grown(WallMark.REACH_MM * scale + THICKEST_MM), plan.storey())) {
            ElementId other = strip.wall().id();
            if (other.compareTo(id) >= 0) continue;
            for (Bounds b : building.get(new OnPlan(plan, Stage.WALLS, other)).barred())
                if (b.meets(reach)) boxes.add(b);
        }
        return boxes;
    }
}
