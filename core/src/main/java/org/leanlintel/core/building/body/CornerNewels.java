package org.leanlintel.core.building.body;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.BuiltStair;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;

/** Newels at the outer corners of landings and winders, where a handrail turns and no wall stands beside it. */
public final class CornerNewels {

    /** The sine of the least turn that has one: handrails of spirals turn less from tread to tread. */
    private static final double LEAST_TURN = 0.5;

    private CornerNewels() {}

    /** Of a stair of the model: the same as long as no wall comes or goes beside its corners. */
    public record Of(ElementId stair) implements Key<List<BuiltStair.Newel>> {
        @Override
        public List<BuiltStair.Newel> from(Reads reads) {
            Building building = Building.in(reads);
            BuiltStair built = building.get(new BuiltStair.Of(stair));
            return built == null ? List.of() : of(built, building);
        }
    }

    /** Nothing where the stair has no newels. */
    public static List<BuiltStair.Newel> of(BuiltStair stair, Building building) {
        List<BuiltStair.Newel> newels = new ArrayList<>();
        if (stair.stair().make().newelMm() == 0) return newels;
        for (TurnRail rail : TurnRail.of(stair))
            for (int i = 1; i < rail.stretches().size(); i++) {
                TurnRail.Stretch one = rail.stretches().get(i - 1),
                        two = rail.stretches().get(i);
                boolean turns = Math.abs(way(one).cross(way(two))) > LEAST_TURN;
                if (turns && !one.isByWall(stair, building) && !two.isByWall(stair, building))
                    newels.add(between(one, two, stair.stair().make().newelMm()));
            }
        return newels;
    }

    private static Vec way(TurnRail.Stretch stretch) {
        return stretch.to().minus(stretch.from()).unit();
    }

    private static BuiltStair.Newel between(TurnRail.Stretch one, TurnRail.Stretch two, double sizeMm) {
        Vec along = way(two).times(sizeMm / 2), aside = along.left(), at = two.from();
        List<Vec> ring = List.of(
                at.minus(along).minus(aside),
                at.plus(along).minus(aside),
                at.plus(along).plus(aside),
                at.minus(along).plus(aside));
        return new BuiltStair.Newel(ring, Math.min(one.footMm(), two.footMm()), Math.max(one.toMm(), two.fromMm()));
    }
}
