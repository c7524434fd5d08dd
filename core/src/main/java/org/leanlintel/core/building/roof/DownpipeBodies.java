package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.RoofPart;

/** A downpipe as bodies: from the gutter down past the soffit, aslant under it to the wall, and down that to the ground. */
final class DownpipeBodies {

    /** How far below the soffit it turns to the wall, and how much it falls on the way there: a bend of 112.5 degrees. */
    private static final double UNDER_SOFFIT_MM = 60, FALL = 0.41;

    private final PlacedRoofPart placed;
    private final Material material;
    private final Vec out, along;
    private final double half, deep;
    private final List<Body> bodies = new ArrayList<>();

    private DownpipeBodies(PlacedRoofPart placed, Material material, PlateEdge plate) {
        this.placed = placed;
        this.material = material;
        out = plate.inwards().times(-1);
        along = plate.direction();
        half = placed.part().widthMm() / 2;
        deep = placed.part().lengthMm() / 2;
    }

    static List<Body> of(
            PlacedRoofPart placed, RoofPart.Downpipe pipe, Building building, ToDoubleFunction<Vec> ground) {
        int edge = placed.face().edge();
        BuiltRoof roof = placed.roof();
        if (!(roof.plate(edge) instanceof PlateEdge plate)) return List.of();
        Material of = building.model().get(pipe.material(), Material.class);
        return new DownpipeBodies(placed, of, plate).between(roof, edge, plate, ground);
    }

    private List<Body> between(BuiltRoof roof, int edge, PlateEdge plate, ToDoubleFunction<Vec> ground) {
        Vec at = placed.part().at();
        double gutter = roof.roof().trim().gutterMm(), eaves = roof.eavesMm(edge);
        double outlet = plate.edge().overhangMm() + gutter / 2;
        double reach = outlet - at.minus(plate.from()).dot(out);
        double top = eaves - RoofBodies.DROP_MM - gutter / 2;
        double turns = Math.min(top, eaves - roof.roof().trim().fasciaMm()) - UNDER_SOFFIT_MM;
        double foot = ground.applyAsDouble(at);
        if (reach <= 2 * deep) {
            add(-deep, deep, Plane.level(foot), Plane.level(top));
            return bodies;
        }
        double fall = reach * FALL;
        add(-deep, deep, Plane.level(foot), Plane.level(turns - fall));
        Plane low = Plane.rising(at, turns - fall, out, FALL);
        add(-deep, reach + deep, low.raised(-2 * deep), low);
        add(reach - deep, reach + deep, low, Plane.level(top));
        return bodies;
    }

    /** As wide as it is, from so far out to so far out of its middle. */
    private void add(double from, double to, Plane low, Plane high) {
        Vec at = placed.part().at();
        List<Vec> ring = List.of(
                at.along(out, from).along(along, -half),
                at.along(out, to).along(along, -half),
                at.along(out, to).along(along, half),
                at.along(out, from).along(along, half));
        bodies.add(new Body(placed.part().id(), Content.NO_PLY, material, Does.BOARDS, ring, low, high));
    }
}
