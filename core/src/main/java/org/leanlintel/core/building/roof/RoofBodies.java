package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Body;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Content;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Does;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.Material;
import org.leanlintel.core.model.Ply;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.roof.RoofEdge;
import org.leanlintel.core.roof.RoofShape.Face;
import org.leanlintel.core.roof.RoofShape.Line;

/** A roof as bodies: its plies face by face, fascias, soffits, gutters and flashings, and the ceiling on its plates. */
public final class RoofBodies {

    /** Millimetres, usual in the trade: fascia and verge boards, soffit boards, a gutter's wall, how far it hangs below. */
    static final double BOARD_MM = 20;

    private static final double SOFFIT_MM = 9, GUTTER_WALL_MM = 4, FLASHING_MM = 3;

    /** How far a gutter's lip hangs below the eaves. */
    static final double DROP_MM = 10;

    private final BuiltRoof built;
    private final Roof roof;
    private final BuildUp buildUp;
    private final Building building;
    private final Area given;
    private final Area boards;
    private final Area covered;
    private final List<Body> bodies = new ArrayList<>();

    private RoofBodies(BuiltRoof built, Area given, Building building) {
        this.built = built;
        this.building = building;
        this.given = given;
        roof = built.roof();
        buildUp = built.buildUp();
        covered = Area.of(built.plate().stream().map(PlateEdge::from).toList());
        List<Area> bands = new ArrayList<>();
        for (int i = 0; i < built.eaves().size(); i++) if (isBoarded(i)) bands.add(band(i, 0, BOARD_MM));
        for (Line l : built.gablets()) bands.add(boarded(l));
        boards = Area.union(bands);
    }

    public static List<Body> of(BuiltRoof built, Building building) {
        JoinedRoof joined = building.get(new JoinedRoof.Of(built.roof().id()));
        if (joined == null) return List.of();
        RoofBodies made = new RoofBodies(built, joined.given(), building);
        for (Face f : joined.faces()) made.face(f);
        for (int i = 0; i < built.eaves().size(); i++) made.eaves(i);
        for (Line l : built.gablets()) made.gablet(l, joined.faces());
        for (Coping c : Coping.of(built)) made.trim(c.area(), Plane.level(c.lowMm()), Plane.level(c.highMm()));
        if (made.roof.under() instanceof Roof.LevelCeiling ceiling) made.ceiling(ceiling, joined.faces());
        return made.bodies;
    }

    /** Along an edge of the outline, from so far outside of it to so far within. */
    private Area band(int edge, double outMm, double inMm) {
        RoofEdge e = built.eaves().get(edge);
        Vec in = e.inwards();
        return Area.of(List.of(
                e.from().along(in, -outMm),
                e.to().along(in, -outMm),
                e.to().along(in, inMm),
                e.from().along(in, inMm)));
    }

    /** Behind the foot of a gablet. */
    private Area boarded(Line foot) {
        Vec in = built.eaves().get(foot.edge()).inwards().times(BOARD_MM);
        return Area.of(
                List.of(foot.from(), foot.to(), foot.to().plus(in), foot.from().plus(in)));
    }

    /** Boards from the slope below up to those beside it. */
    private void gablet(Line foot, List<Face> faces) {
        for (Face f : faces) trim(boarded(foot).and(f.plan()), Plane.level(foot.fromMm()), f.plane());
    }

    private boolean isBoarded(int edge) {
        PlateEdge plate = built.plate(edge);
        return roof.trim().fasciaMm() > 0
                && plate != null
                && !(plate.edge().rises() instanceof Roof.Against)
                && plate.edge().overhangMm() > 0;
    }

    private void face(Face f) {
        double depth = 0, structure = buildUp.depthToStructure();
        double under = structure + buildUp.structureMm();
        Area rafters = f.plan().minus(boards), within = f.plan().and(built.inside());
        for (Ply ply : buildUp.downwards()) {
            double next = depth + ply.thicknessMm();
            if (ply.thicknessMm() > 0) {
                Plane high = f.plane().raised(f.plane().upright(structure - depth));
                Plane low = f.plane().raised(f.plane().upright(structure - next));
                boolean carries = depth >= structure - Tolerance.SAME_MM && next <= under + Tolerance.SAME_MM;
                if (carries) seated(f, rafters, ply, low, high);
                else ply(ply, depth < structure ? f.plan() : within, low, high);
            }
            depth = next;
        }
        if (roof.trim().soffit() != Roof.Soffit.NONE) soffit(f);
        for (int i = 0; i < built.eaves().size(); i++) {
            PlateEdge plate = built.plate(i);
            if (isBoarded(i) && plate != null && !plate.isEaves())
                trim(
                        band(i, 0, BOARD_MM).and(f.plan()),
                        f.plane().raised(-f.plane().upright(roof.trim().fasciaMm())),
                        f.plane());
            if (plate != null && isAtWall(plate))
                flashing(f, band(i, 0, FLASHING_MM).and(f.plan()));
        }
    }

    /** Whether a wall rises past it there. */
    private static boolean isAtWall(PlateEdge plate) {
        return plate.edge().rises() instanceof Roof.Against || plate.edge().rises() instanceof Roof.Parapet;
    }

    /** Up the wall from the covering. */
    private void flashing(Face f, Area area) {
        if (roof.trim().flashingMm() == 0) return;
        Plane covering = f.plane().raised(f.plane().upright(buildUp.depthToStructure()));
        trim(
                area,
                covering,
                covering.raised(roof.trim().flashingMm()),
                roof.trim().flashingOf());
    }

    /** Rafters: cut over the plates of the side they rise from. */
    private void seated(Face f, Area area, Ply ply, Plane low, Plane high) {
        PlateEdge plate = built.plate(f.edge());
        if (plate == null || !plate.isEaves() || plate.structureMm() == 0 || !(roof.heel() instanceof Roof.Seated s)) {
            ply(ply, area, low, high);
            return;
        }
        double from = plate.facingMm(), to = from + s.mm(), beyond = 1e5;
        Vec in = plate.inwards(), along = plate.direction();
        Vec left = plate.from().along(along, -beyond), right = plate.to().along(along, beyond);
        Area seat =
                Area.of(List.of(left.along(in, from), right.along(in, from), right.along(in, to), left.along(in, to)));
        Plane top = Plane.level(built.plateMm() + plate.edge().raisedMm());
        ply(ply, area.minus(seat), low, high);
        ply(ply, area.and(seat).over(low.minus(top)), low, high);
        ply(ply, area.and(seat).over(top.minus(low)), top, high);
    }

    private void ply(Ply ply, Area area, Plane low, Plane high) {
        for (List<Vec> ring : UnderRoofs.open(area.ringsWithoutHoles())) add(ply, ring, low, high);
    }

    private void add(Ply ply, List<Vec> ring, Plane low, Plane high) {
        if (ring.size() < 3 || Area.of(ring).mm2() < Tolerance.OVERLAP_MM2) return;
        Material material = building.model().get(ply.material(), Material.class);
        bodies.add(new Body(roof.id(), buildUp.plies().indexOf(ply), material, ply.does(), ring, low, high));
    }

    /** Beyond the walls: level before eaves where asked for, along the rafters elsewhere. */
    private void soffit(Face f) {
        Area beyond = f.plan().minus(covered).minus(boards);
        RoofEdge eaves = built.eaves().get(f.edge());
        PlateEdge plate = built.plate(f.edge());
        if (plate == null || beyond.isEmpty()) return;
        if (roof.trim().soffit() == Roof.Soffit.LEVEL
                && plate.isEaves()
                && plate.edge().overhangMm() > 0) {
            Area level = beyond.and(Area.of(List.of(eaves.from(), eaves.to(), plate.to(), plate.from())));
            double low = built.eavesMm(f.edge()) - roof.trim().fasciaMm() + DROP_MM;
            trim(level, Plane.level(low), Plane.level(low + SOFFIT_MM));
            beyond = beyond.minus(level);
        }
        Plane under = built.underRafters(f);
        trim(beyond, under.raised(-SOFFIT_MM), under);
    }

    /** The fascia and the gutter before it. */
    private void eaves(int edge) {
        PlateEdge plate = built.plate(edge);
        if (plate == null || !plate.isEaves()) return;
        double top = built.eavesMm(edge);
        if (isBoarded(edge))
            trim(
                    band(edge, 0, BOARD_MM).and(built.covered()),
                    Plane.level(top - roof.trim().fasciaMm()),
                    Plane.level(top));
        double wide = roof.trim().gutterMm();
        if (wide == 0) return;
        double lip = top - DROP_MM, bottom = lip - wide / 2;
        Area whole = given.isEmpty() ? band(edge, wide, 0) : band(edge, wide, 0).minus(given.grown(wide));
        ElementId of = roof.trim().gutterOf();
        trim(whole, Plane.level(bottom), Plane.level(bottom + GUTTER_WALL_MM), of);
        trim(whole.minus(band(edge, wide - GUTTER_WALL_MM, 0)), Plane.level(bottom), Plane.level(lip), of);
    }

    private void trim(Area area, Plane low, Plane high) {
        trim(area, low, high, roof.trim().material());
    }

    private void trim(Area area, Plane low, Plane high, ElementId of) {
        Material material = building.model().get(of, Material.class);
        for (List<Vec> ring : UnderRoofs.open(area.minus(given).ringsWithoutHoles()))
            if (Area.of(ring).mm2() > Tolerance.OVERLAP_MM2)
                bodies.add(new Body(roof.id(), Content.NO_PLY, material, Does.BOARDS, ring, low, high));
    }

    /** On the plates, as far as there is room under the rafters. */
    private void ceiling(Roof.LevelCeiling of, List<Face> faces) {
        BuildUp plies = building.model().get(of.buildUp(), BuildUp.class);
        Area inner =
                switch (roof.over()) {
                    case Roof.OverShell s ->
                        FloorAreas.inside(
                                building, roof.storey(), new Floor.InsideShell(s.seed(), Floor.Edge.INNER_FACE));
                    case Roof.OverRing r -> built.inside();
                };
        double depth = 0, structure = plies.depthBelowStructure();
        for (Ply ply : plies.downwards()) {
            double next = depth + ply.thicknessMm();
            Plane high = Plane.level(built.plateMm() + structure - depth);
            Plane low = Plane.level(built.plateMm() + structure - next);
            if (ply.thicknessMm() > 0) {
                Material material = building.model().get(ply.material(), Material.class);
                for (Face f : faces)
                    for (List<Vec> ring : UnderRoofs.open(inner.and(f.plan()).ringsWithoutHoles()))
                        UnderRoofs.cut(
                                new Body(roof.id(), Content.NO_PLY, material, ply.does(), ring, low, high),
                                ring,
                                built.underside(f),
                                bodies);
            }
            depth = next;
        }
    }
}
