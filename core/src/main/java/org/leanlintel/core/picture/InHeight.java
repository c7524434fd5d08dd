package org.leanlintel.core.picture;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Balustrade;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.SectionLine;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.StoreySpace;

/**
 * What a plan shows of the building in height, but for stairs and steps: floors that were drawn, voids through its floors
 * and over its rooms, and the lines of sections.
 *
 * @param boxes what labels keep clear of, those of stairs with them
 */
record InHeight(List<Group> groups, List<Bounds> boxes) {

    static InHeight of(Building building, Look look, Lettering lettering) {
        List<Group> groups = new ArrayList<>();
        List<Bounds> boxes = new ArrayList<>();
        Model model = building.model();
        Undrawn undrawn = new Undrawn(look, lettering);
        Storey here = look.on().storey();
        Storey above = StoreySpace.above(model, here);
        for (Stair s : model.all(Stair.class)) {
            if (!(BuiltStair.find(s, model) instanceof BuiltStair built)) continue;
            if (s.storey().equals(here.id())) {
                boxes.add(built.plan().outline().bounds());
                for (BuiltStair.Newel n : built.newels()) boxes.add(Bounds.of(n.ring()));
            } else if (built.storeyAbove().id().equals(here.id())) {
                Area taken = Area.union(List.of(built.open(), Balustrade.of(built, building)));
                if (!taken.isEmpty()) boxes.add(taken.bounds());
            }
        }
        for (Floor f : model.all(Floor.class))
            if (f.storey().equals(here.id()) && f.outline() instanceof Floor.Drawn d)
                groups.add(undrawn.orMark(
                        f.id(),
                        f.layer(),
                        f.mark(),
                        d.ring().getFirst(),
                        () -> FloorPainter.floor(f, d, building, look, lettering)));
        for (FloorVoid v : model.all(FloorVoid.class)) {
            if (v.storey().equals(here.id()))
                groups.add(undrawn.orMark(
                        v.id(),
                        v.layer(),
                        v.mark(),
                        v.ring().getFirst(),
                        () -> FloorPainter.hole(v, isStairs(v, building), look, lettering)));
            else if (isOn(above, v.storey())) groups.add(FloorPainter.above(v, look));
        }
        for (SectionLine l : model.all(SectionLine.class)) groups.add(SectionLinePainter.of(l, look, lettering));
        boxes.addAll(TakenBoxes.marks(groups, look.drawing().scale()));
        return new InHeight(groups, boxes);
    }

    private static boolean isOn(@Nullable Storey storey, ElementId id) {
        return storey != null && storey.id().equals(id);
    }

    /** Whether a stair from below comes up through a void. */
    private static boolean isStairs(FloorVoid hole, Building building) {
        Area area = Area.of(hole.ring());
        for (Stair s : building.model().all(Stair.class))
            if (BuiltStair.find(s, building.model()) instanceof BuiltStair built
                    && built.storeyAbove().id().equals(hole.storey())
                    && built.plan().outline().and(area).mm2() > 0) return true;
        return false;
    }
}
