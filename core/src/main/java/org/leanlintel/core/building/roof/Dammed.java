package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.RoofPart;
import org.leanlintel.core.roof.RoofShape.Face;

/**
 * A slope that runs down to a parapet: water leaves it through outlets alone.
 *
 * @param plate under the parapet
 * @param area of the slope in plan, without what other roofs lie over
 */
public record Dammed(BuiltRoof roof, Face face, PlateEdge plate, Area area) {

    /** Less of a slope beside or under other roofs is none. */
    private static final double LEAST_MM2 = 1e5;

    /** How far an outlet stands off the parapet. */
    private static final double OFF_MM = 100;

    /** Those of a roof as it lies beside and under others. */
    public static List<Dammed> of(JoinedRoof roof) {
        List<Dammed> all = new ArrayList<>();
        BuiltRoof built = roof.built();
        for (Face f : roof.faces())
            if (built.plate(f.edge()) instanceof PlateEdge plate
                    && plate.parapet() != null
                    && f.plan().mm2() >= LEAST_MM2) all.add(new Dammed(built, f, plate, f.plan()));
        return all;
    }

    /** The outlets that lie in it. */
    public List<RoofPart> outlets(Building building) {
        return building.model().all(RoofPart.class).stream()
                .filter(p -> p.make() instanceof RoofPart.Outlet
                        && p.stays()
                        && p.roof().equals(roof.roof().id())
                        && area.covers(p.at()))
                .toList();
    }

    /** How much higher than its lowest place it lies at another. */
    public double overLowest(Vec at) {
        double lowest = area.rings().stream()
                .flatMap(List::stream)
                .mapToDouble(face.plane()::at)
                .min()
                .orElse(0);
        return face.plane().at(at) - lowest;
    }

    /** Where an outlet goes: before the middle of its longest low edge. @param widthMm of the outlet */
    public Vec low(double widthMm) {
        Vec in = plate.inwards();
        double nearest = area.rings().stream()
                .flatMap(List::stream)
                .mapToDouble(p -> p.dot(in))
                .min()
                .orElse(0);
        double inside = nearest + OFF_MM + widthMm / 2;
        Vec along = plate.direction(), on = in.times(inside);
        Vec from = on.along(along, -1e6), to = on.along(along, 1e6);
        return area.inside(List.of(List.of(from, to))).stream()
                .max(Comparator.comparingDouble(l -> l.getFirst().distanceTo(l.getLast())))
                .map(l -> l.getFirst().plus(l.getLast()).times(0.5))
                .orElse(area.middle());
    }
}
