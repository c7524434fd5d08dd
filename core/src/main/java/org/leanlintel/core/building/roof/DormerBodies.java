package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.Panel;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.roof.RoofShape;

/** A dormer as bodies: the plies of its roof, which are those of the roof it stands in, its cheeks, its front and the window in that. */
final class DormerBodies {

    /** Of the window: the face of its frame, how deep it is, and how far it is set back. */
    private static final double FRAME_MM = 60, DEEP_MM = 70, BACK_MM = 30;

    private final DormerShape shape;
    private final BuildUp buildUp;
    private final Material walls;
    private final Building building;
    private final List<Body> bodies = new ArrayList<>();

    private DormerBodies(DormerShape shape, BuildUp buildUp, Building building) {
        this.shape = shape;
        this.buildUp = buildUp;
        this.building = building;
        walls = building.model().get(shape.dormer().material(), Material.class);
    }

    static List<Body> of(DormerShape shape, BuildUp buildUp, Building building) {
        DormerBodies made = new DormerBodies(shape, buildUp, building);
        shape.faces().forEach(made::plies);
        made.cheeks();
        made.front();
        return List.copyOf(made.bodies);
    }

    private void plies(RoofShape.Face f) {
        double depth = 0, structure = buildUp.depthToStructure();
        double half = shape.part().widthMm() / 2 - shape.dormer().wallMm(), far = 1e6;
        Area inside = f.plan().and(Area.of(shape.rectangle(shape.dormer().wallMm(), far, -half, half)));
        for (Ply ply : buildUp.downwards()) {
            double next = depth + ply.thicknessMm();
            if (ply.thicknessMm() > 0) {
                Plane high = f.plane().raised(f.plane().upright(structure - depth));
                Plane low = f.plane().raised(f.plane().upright(structure - next));
                boolean lines = depth >= structure + buildUp.structureMm() - Tolerance.SAME_MM;
                Material material = building.model().get(ply.material(), Material.class);
                add(lines ? inside : f.plan(), buildUp.plies().indexOf(ply), material, ply.does(), low, high);
            }
            depth = next;
        }
    }

    private void add(Area area, int ply, Material material, Does does, Plane low, Plane high) {
        for (List<Vec> ring : UnderRoofs.open(area.ringsWithoutHoles()))
            if (ring.size() > 2 && Area.of(ring).mm2() > Tolerance.OVERLAP_MM2)
                bodies.add(new Body(shape.part().id(), ply, material, does, ring, low, high));
    }

    private void cheeks() {
        double half = shape.part().widthMm() / 2, thick = shape.dormer().wallMm();
        for (int side : new int[] {-1, 1}) {
            double outer = side * half, inner = side * (half - thick);
            wall(shape.rectangle(thick, shape.cheekMm(), Math.min(outer, inner), Math.max(outer, inner)), shape.main());
        }
    }

    /** A wall from a plane up to the rafters of the dormer's roof. */
    private void wall(List<Vec> ring, Plane low) {
        Area area = Area.of(ring);
        for (RoofShape.Face f : shape.wholes()) {
            Plane high = f.plane().raised(-f.plane().upright(buildUp.structureMm()));
            add(area.and(f.plan()).over(high.minus(low)), Content.NO_PLY, walls, Does.CARRIES, low, high);
        }
    }

    private void front() {
        double half = shape.part().widthMm() / 2, thick = shape.dormer().wallMm();
        double wide = Math.min(shape.dormer().windowWidthMm() / 2, half - thick),
                foot = shape.main().at(shape.part().at());
        double sill = foot + shape.dormer().sillMm(),
                head = sill + shape.dormer().windowHeightMm();
        if (wide <= FRAME_MM || shape.dormer().windowHeightMm() <= 2 * FRAME_MM) {
            wall(shape.rectangle(0, thick, -half, half), shape.main());
            return;
        }
        wall(shape.rectangle(0, thick, -half, -wide), shape.main());
        wall(shape.rectangle(0, thick, wide, half), shape.main());
        wall(shape.rectangle(0, thick, -wide, wide), Plane.level(head));
        Area below = Area.of(shape.rectangle(0, thick, -wide, wide));
        add(
                below.over(Plane.level(sill).minus(shape.main())),
                Content.NO_PLY,
                walls,
                Does.CARRIES,
                shape.main(),
                Plane.level(sill));
        box(Panel.FRAME, -wide, wide, sill, sill + FRAME_MM, DEEP_MM);
        box(Panel.FRAME, -wide, wide, head - FRAME_MM, head, DEEP_MM);
        box(Panel.FRAME, -wide, -wide + FRAME_MM, sill + FRAME_MM, head - FRAME_MM, DEEP_MM);
        box(Panel.FRAME, wide - FRAME_MM, wide, sill + FRAME_MM, head - FRAME_MM, DEEP_MM);
        box(Panel.FRAME, -FRAME_MM / 2, FRAME_MM / 2, sill + FRAME_MM, head - FRAME_MM, DEEP_MM);
        box(Panel.GLASS, -wide + FRAME_MM, -FRAME_MM / 2, sill + FRAME_MM, head - FRAME_MM, DEEP_MM / 2);
        box(Panel.GLASS, FRAME_MM / 2, wide - FRAME_MM, sill + FRAME_MM, head - FRAME_MM, DEEP_MM / 2);
    }

    private void box(Material material, double y0, double y1, double low, double high, double deep) {
        double back = BACK_MM + DEEP_MM;
        bodies.add(new Body(
                shape.part().id(),
                Content.NO_PLY,
                material,
                Does.LINING,
                shape.rectangle(back - deep, back, y0, y1),
                Plane.level(low),
                Plane.level(high)));
    }
}
