package org.leanlintel.core.picture.plan;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Floor;
import org.leanlintel.core.model.FloorVoid;
import org.leanlintel.core.model.Hold;
import org.leanlintel.core.model.PenRole;
import org.leanlintel.core.picture.Catch;
import org.leanlintel.core.picture.Group;
import org.leanlintel.core.picture.Lettering;
import org.leanlintel.core.picture.Lettering.Align;
import org.leanlintel.core.picture.Look;
import org.leanlintel.core.picture.Pens;

/** Floors and voids in plan. */
final class FloorPainter {

    private FloorPainter() {}

    /** Its edges where no wall stands on them, its level where it steps, and how it falls. */
    static Group floor(Floor floor, Floor.Drawn drawn, Building building, Look look, Lettering lettering) {
        Pens pens = new Pens(look.lens());
        List<Vec> edge = closed(drawn.ring());
        List<List<Vec>> bare = List.of(edge);
        for (WallSolid wall : wallsAlong(edge, building, look))
            bare = wall.footprint().outside(bare);
        bare.forEach(l -> pens.line(PenRole.EDGE, l));
        new FloorWords(floor, building, look, lettering).draw(pens);
        return new Group(floor.id(), floor.layer(), pens.items(), corners(drawn.ring(), floor.mark()));
    }

    private static Set<WallSolid> wallsAlong(List<Vec> edge, Building building, Look look) {
        Set<WallSolid> walls = new LinkedHashSet<>();
        for (int i = 1; i < edge.size(); i++) {
            Vec from = edge.get(i - 1), to = edge.get(i);
            for (Strip strip : building.along(from, to, look.storey()))
                if (building.solid(strip.wall().id()) instanceof WallSolid s
                        && look.cuts(strip.wall())
                        && s.bounds().isCrossedBy(from, to)) walls.add(s);
        }
        return walls;
    }

    /** Crossed where it is open to below and no stair comes up through it. */
    static Group hole(FloorVoid hole, boolean stairs, Look look, Lettering lettering) {
        Pens pens = new Pens(look.lens());
        pens.closed(PenRole.EDGE, hole.ring());
        Area area = Area.of(hole.ring());
        if (!stairs) {
            var b = area.bounds();
            List<List<Vec>> across = List.of(
                    List.of(new Vec(b.minX(), b.minY()), new Vec(b.maxX(), b.maxY())),
                    List.of(new Vec(b.minX(), b.maxY()), new Vec(b.maxX(), b.minY())));
            area.inside(across).forEach(l -> pens.line(PenRole.STAIR, l));
            Vec at = area.middle().plus(new Vec(0, 2.5 * look.drawing().scale()));
            pens.add(lettering.set("void", at, 0, Lettering.NOTE_MM, Align.CENTRE, false));
        }
        return new Group(hole.id(), hole.layer(), pens.items(), corners(hole.ring(), hole.mark()));
    }

    /** The edge of a void over the storey drawn. */
    static Group above(FloorVoid hole, Look look) {
        Pens pens = new Pens(look.lens());
        pens.closed(PenRole.OVERHEAD, hole.ring());
        return new Group(hole.id(), hole.layer(), pens.items(), List.of());
    }

    private static List<Vec> closed(List<Vec> ring) {
        List<Vec> closed = new ArrayList<>(ring);
        closed.add(ring.getFirst());
        return closed;
    }

    private static List<Catch> corners(List<Vec> ring, String mark) {
        return ring.stream()
                .map(p -> new Catch("corner of " + mark, new Hold.AtPoint(p), p, p))
                .toList();
    }
}
