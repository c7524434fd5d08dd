package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.FootprintsIn;
import org.leanlintel.core.building.PlacedOpening;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Drawing;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Lens;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.Region;
import org.leanlintel.core.picture.TakenBoxes;
import org.leanlintel.core.picture.annotate.OpeningMark;
import org.leanlintel.core.picture.wall.OpeningLook;

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
        return look.drawing().frame() instanceof Drawing.Part part && !shows(Region.within(part.ring()), box, foot);
    }

    private static boolean shows(Region region, Bounds box, Vec foot) {
        return region.keepsAll(box) && region.keeps(foot);
    }

    private void mark(PlacedOpening placed, Pens pens) {
        double scale = look.drawing().scale();
        OpeningMark mark = null;
        OpeningMark.Place place = null;
        for (double furthest : OpeningMark.FURTHEST_MM) {
            if (place != null) break;
            mark = OpeningMark.of(
                    solid.strip(),
                    placed,
                    look.drawing(),
                    plan.lettering(),
                    look.lens().letters().markMm(),
                    furthest);
            place = mark.places().size() == 1 ? mark.places().getFirst() : free(mark, scale);
        }
        if (mark == null) return;
        OpeningMark.Place best = place == null ? mark.places().getFirst() : place;
        Bounds box = mark.box(best, scale);
        if (isCut(box, best.foot())) return;
        own.add(box);
        mark.paint(best, scale, plan.lettering(), pens);
    }

    private OpeningMark.@Nullable Place free(OpeningMark mark, double scale) {
        Bounds reach = mark.reach(scale);
        Taken taken = new Taken(plan, Stage.OPENINGS, building);
        TakenBoxes near = taken.within(reach);
        List<Bounds> before = before(reach, scale), lines = taken.lines(reach);
        OpeningMark.Place onLines = null;
        for (OpeningMark.Place p : mark.places()) {
            Bounds box = mark.box(p, scale);
            boolean free = !isCut(box, p.foot())
                    && near.isFree(box)
                    && before.stream().noneMatch(box::meets)
                    && !FootprintsIn.meet(box, plan.storey(), false, building);
            if (free && lines.stream().noneMatch(box::meets)) return p;
            if (free && onLines == null) onLines = p;
        }
        return onLines;
    }

    /** The marks of openings before it that may stand in its way. */
    private List<Bounds> before(Bounds reach, double scale) {
        List<Bounds> before = new ArrayList<>(own);
        for (Strip strip : building.near(reach.grown(OpeningMark.REACH_MM * scale), plan.storey())) {
            ElementId other = strip.wall().id();
            if (other.compareTo(solid.strip().wall().id()) >= 0) continue;
            for (Bounds b :
                    building.get(new OnPlan(plan, Stage.OPENINGS, other)).barred()) if (b.meets(reach)) before.add(b);
        }
        return before;
    }
}
