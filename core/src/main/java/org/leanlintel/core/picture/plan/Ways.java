package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.building.body.Balustrade;
import org.leanlintel.core.building.body.PlacedSteps;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Stair;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.PlanOf;
import org.leanlintel.core.picture.Undrawn;

/**
 * The stairs of a storey, those that come up from below, and the steps before its doors, with their words where there is
 * room.
 */
final class Ways {

    private Ways() {}

    static Shows of(PlanOf plan, Building building) {
        Look look = plan.look(building);
        Lettering lettering = plan.lettering();
        Taken taken = new Taken(plan, Stage.WAYS, building);
        List<BuiltStair> here = new ArrayList<>(), fromBelow = new ArrayList<>();
        for (Stair s : building.model().all(Stair.class)) {
            if (look.hides(s) || !(building.get(new BuiltStair.Of(s.id())) instanceof BuiltStair built)) continue;
            if (s.storey().equals(look.storey())) here.add(built);
            else if (built.storeyAbove().id().equals(look.storey())) fromBelow.add(built);
        }
        Undrawn undrawn = new Undrawn(look, lettering);
        List<Group> groups = new ArrayList<>();
        Area hidden = Area.NONE;
        for (BuiltStair s : here) {
            groups.add(orMark(s, undrawn, () -> painter(s, look, lettering, taken, building)
                    .fromBelow()));
            hidden = Area.union(List.of(hidden, cut(s, look, building).area()));
        }
        if (!fromBelow.isEmpty()) {
            ElementId storey = look.storey();
            Area open = FloorAreas.openings(building, storey), drawn = FloorAreas.drawnVoids(building, storey);
            for (BuiltStair s : fromBelow) {
                Area through = s.stair().stays() ? open : Area.union(List.of(open, s.open()));
                StairPainter.Over over = new StairPainter.Over(through, drawn, hidden, Balustrade.of(s, building));
                groups.add(orMark(s, undrawn, () -> painter(s, look, lettering, taken, building)
                        .fromAbove(over)));
            }
        }
        for (PlacedSteps s : PlacedSteps.on(look.storey(), building))
            if (!look.hides(s.steps()))
                groups.add(undrawn.orMark(
                        s.steps().id(), s.steps().layer(), "Steps", s.at(), () -> new StepsPainter(s, look, lettering)
                                .paint(taken)));
        return new Shows(groups, List.of(), taken.added());
    }

    private static StairPainter painter(BuiltStair s, Look look, Lettering lettering, Taken taken, Building building) {
        return new StairPainter(s, cut(s, look, building), look, lettering, taken);
    }

    private static CutStair cut(BuiltStair s, Look look, Building building) {
        double cut = look.cutMm() - look.on().levelMm();
        return building.get(new CutStair.At(s.stair().id(), cut, look.drawing().scale()));
    }

    private static Group orMark(BuiltStair built, Undrawn undrawn, Supplier<Group> drawing) {
        Stair stair = built.stair();
        return undrawn.orMark(stair.id(), stair.layer(), stair.mark(), stair.at(), drawing);
    }
}
