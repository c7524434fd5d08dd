package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.Strip;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;

/**
 * The marks of the doors and windows in a wall: each at the first of its places that is clear of walls, fittings, stairs, leaves,
 * strings and the marks of walls before it in the order of ids.
 */
final class MarkedOpenings {

    private final PlanOf plan;
    private final Look look;
    private final WallSolid solid;
    private final Building building;
    private final List<Bounds> own = new ArrayList<>();

    private MarkedOpenings(PlanOf plan, Look look, WallSolid solid, Building building) {
        this.plan = plan;
        this.look = look;
        this.solid = solid;
        this.building = building;
    }

    static Shows of(PlanOf plan, ElementId wall, Building building) {
        WallSolid solid = building.solid(wall);
        if (solid == null || solid.openings().isEmpty()) return Shows.NOTHING;
        Look look = plan.look(building);
        if (look.hides(solid.strip().wall())) return Shows.NOTHING;
        return new MarkedOpenings(plan, look, solid, building).all();
    }

    private Shows all() {
        List<Group> groups = new ArrayList<>();
        for (PlacedOpening placed : solid.openings()) {
            Opening opening = placed.opening();
            if (!isMarked(opening)) continue;
            Pens pens = new Pens(look.lens());
            mark(placed, pens);
            groups.add(new Group(opening.id(), opening.layer(), pens.items(), List.of()));
        }
        return new Shows(groups, List.of(), own);
    }

    private boolean isMarked(Opening opening) {
        Lens.MarkOf kind = opening.kind() instanceof Opening.Window ? Lens.MarkOf.WINDOWS : Lens.MarkOf.DOORS;
        return look.marks(kind)
                && !look.layering().hides(opening.layer())
                && OpeningLook.of(opening, look) == OpeningLook.OPEN;
    }

    /** Whether a mark, or what it marks, would be cut off by the frame of a part plan. */
    private boolean isCut(Bounds box, Vec foot) {
        return look.drawing().frame() instanceof Drawing.Box frame
                && !(frame.bounds().covers(box) && frame.bounds().covers(foot));
    }

    private void mark(PlacedOpening placed, Pens pens) {
        double scale = look.drawing().scale();
        OpeningMark mark = OpeningMark.of(solid.strip(), placed, scale, plan.lettering());
        OpeningMark.Place place = mark.places().size() == 1 ? mark.places().getFirst() : free(mark, scale);
        Bounds box = mark.box(place, scale);
        if (isCut(box, place.foot())) return;
        own.add(box);
        mark.paint(place, scale, plan.lettering(), pens);
    }

    private OpeningMark.Place free(OpeningMark mark, double scale) {
        Bounds reach = mark.reach(scale);
        TakenBoxes near = new Taken(plan, Stage.OPENINGS, building).within(reach);
        List<WallSolid> walls = new ArrayList<>();
        List<Bounds> before = new ArrayList<>(own);
        for (Strip strip : building.near(reach.grown(OpeningMark.REACH_MM * scale), plan.storey())) {
            ElementId other = strip.wall().id();
            if (building.solid(other) instanceof WallSolid s) walls.add(s);
            if (other.compareTo(solid.strip().wall().id()) < 0)
                before.addAll(
                        building.get(new OnPlan(plan, Stage.OPENINGS, other)).texts());
        }
        for (OpeningMark.Place p : mark.places()) {
            Bounds box = mark.box(p, scale);
            boolean free = !isCut(box, p.foot())
                    && near.isFree(box)
                    && before.stream().noneMatch(box::meets)
                    && walls.stream()
                            .noneMatch(
                                    w -> w.bounds().meets(box) && w.footprint().meets(box));
            if (free) return p;
        }
        return mark.places().getFirst();
    }
}
