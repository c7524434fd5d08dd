package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.roof.RoofShape;
import org.leanlintel.core.roof.RoofShape.Face;

/**
 * What of a roof stands where roofs of one storey run into each other: of two that cross, each only where it is the higher. A roof
 * that lies over another everywhere does not join it.
 *
 * @param faces of its shape, as far as they stand: without what goes through them too
 * @param given what others stand in place of
 */
public record JoinedRoof(BuiltRoof built, RoofShape shape, List<Face> faces, Area given) {

    /** A roof by its name; null where it has no shape. */
    public record Of(ElementId roof) implements Key<@Nullable JoinedRoof> {
        @Override
        public @Nullable JoinedRoof from(Reads reads) {
            return of(roof, Building.in(reads));
        }
    }

    public JoinedRoof {
        faces = List.copyOf(faces);
    }

    private static @Nullable JoinedRoof of(ElementId id, Building building) {
        BuiltRoof built = building.get(new BuiltRoof.Of(id));
        if (built == null || !(built.solution() instanceof RoofShape shape)) return null;
        List<Area> given = new ArrayList<>();
        for (Roof other : building.model().all(Roof.class)) {
            boolean meets = !other.id().equals(id)
                    && other.storey().equals(built.roof().storey())
                    && other.state().meets(built.roof().state());
            if (meets
                    && building.get(new BuiltRoof.Of(other.id())) instanceof BuiltRoof b
                    && b.solution() instanceof RoofShape over) {
                Area higher = higher(over, shape);
                if (!higher.isEmpty() && !higher(shape, over).isEmpty()) given.add(higher);
            }
        }
        List<Area> through = new ArrayList<>();
        for (RoofPart p : building.model().all(RoofPart.class))
            if (p.roof().equals(id)
                    && p.stays()
                    && !p.drains()
                    && building.get(new PlacedRoofPart.Of(p.id())) instanceof PlacedRoofPart placed)
                through.add(placed.hole());
        if (given.isEmpty() && through.isEmpty()) return new JoinedRoof(built, shape, shape.faces(), Area.NONE);
        Area joined = Area.union(given);
        through.add(joined);
        Area all = Area.union(through);
        List<Face> left = new ArrayList<>();
        for (Face f : shape.faces()) {
            Area plan = f.plan().minus(all);
            if (plan.mm2() > Tolerance.SLIVER_MM2) left.add(new Face(f.edge(), f.band(), plan, f.plane()));
        }
        return new JoinedRoof(built, shape, left, joined);
    }

    /** Where one roof lies over another. */
    private static Area higher(RoofShape one, RoofShape other) {
        List<Area> higher = new ArrayList<>();
        for (Face f : one.faces())
            for (Face g : other.faces()) {
                if (!f.plan().bounds().meets(g.plan().bounds())) continue;
                Plane over = f.plane().minus(g.plane()).raised(-Tolerance.SAME_MM);
                Area part = f.plan().and(g.plan()).over(over);
                if (part.mm2() > Tolerance.SLIVER_MM2) higher.add(part);
            }
        return Area.union(higher);
    }
}
