package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.building.room.FloorAreas;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.geometry.Winding;
import org.leanlintel.core.model.BuildUp;
import org.leanlintel.core.model.Roof;

/** The sides of what a roof covers, with the walls they lie on. */
final class PlateEdges {

    /** How far from a wall's outer face a side may lie that stands on it: what a drawn outline is off at most. */
    private static final double BESIDE_MM = 30;

    private final Building building;
    private final Roof roof;

    private PlateEdges(Building building, Roof roof) {
        this.building = building;
        this.roof = roof;
    }

    /**
     * Ring by ring, the outer one counter-clockwise and those round courts clockwise, sides in line and alike as one; none where
     * nothing closes round the roof's seed.
     */
    static List<List<PlateEdge>> of(Roof roof, Building building) {
        PlateEdges edges = new PlateEdges(building, roof);
        List<List<PlateEdge>> rings =
                switch (roof.over()) {
                    case Roof.OverShell shell -> edges.ofShell(shell);
                    case Roof.OverRing ring -> List.of(edges.ofRing(ring.ring()));
                };
        return rings.stream().map(PlateEdges::joined).toList();
    }

    private List<List<PlateEdge>> ofShell(Roof.OverShell over) {
        FloorAreas.Shell shell = FloorAreas.shellRound(building, roof.storey(), over.seed());
        if (shell == null) return List.of();
        List<Strip> walls = new ArrayList<>();
        shell.walls().forEach(id -> {
            if (building.strip(id) instanceof Strip s) walls.add(s);
        });
        List<List<PlateEdge>> rings = new ArrayList<>();
        int sides = 0;
        for (List<Vec> ring : rings(shell.outer())) {
            List<PlateEdge> edges = new ArrayList<>();
            for (int i = 0; i < ring.size(); i++)
                edges.add(onWall(sides++, ring.get(i), ring.get((i + 1) % ring.size()), walls));
            rings.add(edges);
        }
        return rings;
    }

    /** The outer ring counter-clockwise, then those of holes clockwise. */
    private static List<List<Vec>> rings(Area area) {
        List<List<Vec>> rings = new ArrayList<>();
        for (List<Vec> closed : area.rings()) {
            List<Vec> ring = Winding.counterClockwise(closed.subList(0, closed.size() - 1));
            rings.add(corners(rings.isEmpty() ? ring : ring.reversed()));
        }
        return rings;
    }

    private static List<Vec> corners(List<Vec> ring) {
        List<Vec> corners = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Vec before = ring.get((i + ring.size() - 1) % ring.size()), p = ring.get(i);
            Vec after = ring.get((i + 1) % ring.size());
            boolean bends =
                    Math.abs(p.minus(before).unit().cross(after.minus(p).unit())) > Tolerance.PARALLEL_SINE / 10;
            if (bends && p.distanceTo(before) > Tolerance.SAME_MM) corners.add(p);
        }
        return corners;
    }

    private List<PlateEdge> ofRing(List<Vec> ring) {
        List<PlateEdge> edges = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Vec from = ring.get(i), to = ring.get((i + 1) % ring.size());
            PlateEdge onWall = onWall(i, from, to, building.along(from, to, roof.storey()));
            Roof.Along side = new Roof.OnSide(i);
            edges.add(new PlateEdge(List.of(side), from, to, roof.edge(side), onWall.facingMm(), onWall.structureMm()));
        }
        return edges;
    }

    /** A side, on the wall whose outer face it lies on; a side of its own where it lies on none. */
    private PlateEdge onWall(int index, Vec from, Vec to, List<Strip> walls) {
        Vec along = to.minus(from).unit(), middle = from.plus(to).times(0.5);
        Strip best = null;
        double nearest = BESIDE_MM;
        for (Strip s : walls) {
            if (!s.axis().isStraight()) continue;
            Vec way = s.axis().chord().direction();
            if (Math.abs(way.cross(along)) > Tolerance.PARALLEL_SINE) continue;
            double off = Math.min(
                    distance(s, middle, 0), distance(s, middle, s.plies().size()));
            if (off < nearest && reaches(s, middle)) {
                nearest = off;
                best = s;
            }
        }
        if (best == null) {
            Roof.Along side = new Roof.OnSide(index);
            return new PlateEdge(List.of(side), from, to, roof.edge(side), 0, 0);
        }
        BuildUp of = best.buildUp();
        boolean outer =
                distance(best, middle, 0) <= distance(best, middle, best.plies().size());
        double facing =
                outer ? of.depthOfFace(of.structureFrom()) : of.thicknessMm() - of.depthOfFace(of.structureTo());
        Roof.Along wall = new Roof.OnWall(best.wall().id());
        return new PlateEdge(List.of(wall), from, to, roof.edge(wall), facing, of.structureMm());
    }

    private static boolean reaches(Strip s, Vec middle) {
        double at = s.axis().s(middle);
        return at > -s.thickness() && at < s.length() + s.thickness();
    }

    private static double distance(Strip s, Vec p, int face) {
        Vec on = s.at(0, s.offsetOfFace(face));
        return Math.abs(s.axis().chord().direction().cross(p.minus(on)));
    }

    private static List<PlateEdge> joined(List<PlateEdge> edges) {
        List<PlateEdge> joined = new ArrayList<>();
        for (PlateEdge e : edges) {
            PlateEdge last = joined.isEmpty() ? null : joined.getLast();
            if (last != null && last.goesOnIn(e)) joined.set(joined.size() - 1, last.with(e));
            else joined.add(e);
        }
        if (joined.size() > 1 && joined.getLast().goesOnIn(joined.getFirst())) {
            PlateEdge last = joined.removeLast();
            joined.set(0, last.with(joined.getFirst()));
        }
        return joined;
    }
}
