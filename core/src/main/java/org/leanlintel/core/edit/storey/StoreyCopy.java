package org.leanlintel.core.edit.storey;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.edit.Marks;
import org.leanlintel.core.edit.NewIds;
import org.leanlintel.core.edit.carry.Carrying;
import org.leanlintel.core.geometry.Rigid;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.Change;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Opening;
import org.leanlintel.core.model.Outcome;
import org.leanlintel.core.model.Refusal;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Storey;
import org.leanlintel.core.model.Wall;
import org.leanlintel.core.model.WallPiece;
import org.leanlintel.core.model.WorkState;

/** Copies of what stands on one storey, in place on another: of the shell, of partitions, with or without openings. */
final class StoreyCopy {

    /** Past a wall's face, to see whether that is inside. */
    private static final double BESIDE_MM = 50;

    private StoreyCopy() {}

    /** The walls to copy. */
    static List<ElementId> chosen(Building building, Storey from, AddStorey.Taking taking) {
        List<ElementId> chosen = new ArrayList<>();
        for (WallSolid solid : building.solidsOf(from.id())) {
            Wall wall = solid.strip().wall();
            if (wall.stays() && (isShell(building, solid) ? taking.shell() : taking.partitions()))
                chosen.add(wall.id());
        }
        return chosen;
    }

    /** Whether one of its sides lies outside. */
    private static boolean isShell(Building building, WallSolid solid) {
        double middle = solid.strip().length() / 2;
        return !isInside(building, solid, solid.strip().at(middle, solid.strip().hi() + BESIDE_MM))
                || !isInside(
                        building, solid, solid.strip().at(middle, solid.strip().lo() - BESIDE_MM));
    }

    private static boolean isInside(Building building, WallSolid solid, Vec at) {
        for (RoomSpace space : Rooms.in(building).of(solid.strip().wall().storey()))
            if (space.walls(building).enclose(at)) return true;
        return false;
    }

    /** @param base the change that makes the storey */
    static Outcome into(
            Building building, Change base, List<ElementId> things, Storey from, Storey made, AddStorey.Taking taking) {
        Model model = building.model(), next = model.after(base).at(model.revision());
        Carrying carrying = new Carrying(
                building,
                building,
                id -> id.equals(from.id()) ? made.id() : id,
                Rigid.shift(Vec.ORIGIN),
                true,
                new NewIds(next),
                new Marks(model));
        List<Element> walls =
                things.stream().map(id -> model.get(id, Element.class)).toList();
        Refusal refusal = carrying.carry(walls);
        if (refusal != null) return refusal;
        List<Element> put = new ArrayList<>();
        for (Element e : carrying.put()) {
            if (e instanceof Opening && !taking.openings()) continue;
            put.add(e instanceof Wall w ? w.rising(risingAnew(w.rise())).in(WorkState.NEW) : e);
        }
        return lowered(building, base.then(model, Change.to(next, base.name(), put, List.of())));
    }

    /** With pieces that are higher than the walls they come to stand on cut to these. */
    private static Change lowered(Building building, Change change) {
        Model model = building.model(), next = model.after(change);
        Building after = building.after(change, next);
        List<Element> put = new ArrayList<>();
        for (Element e : change.after())
            if (e instanceof WallPiece p
                    && after.solid(p.wall()) instanceof WallSolid solid
                    && p.headMm() > solid.headMm()
                    && solid.headMm() - p.lowMm() > Tolerance.SHORTEST_WALL_MM)
                put.add(p.high(solid.headMm() - p.lowMm()));
        return put.isEmpty()
                ? change
                : change.then(model, Change.to(next.at(model.revision()), change.name(), put, List.of()));
    }

    /** Gables and the like stay with the storey they were made for; the copy goes from floor to floor. */
    private static Rise risingAnew(Rise rise) {
        return rise.isLevel() ? rise : Rise.FULL;
    }
}
