package org.leanlintel.core.building.roof;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.room.RoomSpace;
import org.leanlintel.core.building.room.Rooms;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Plane;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Rise;
import org.leanlintel.core.model.Roof;
import org.leanlintel.core.model.Room;
import org.leanlintel.core.model.StoreySpace;
import org.leanlintel.core.roof.RoofShape;

/**
 * How high a room is, place by place, under the roofs that close it themselves.
 *
 * @param pieces what of its floor lies under a slope, with the clear height over the floor
 * @param level what lies under none
 * @param ceilingMm over that; over slopes too where {@code capped}
 */
public record UnderSlopes(List<Piece> pieces, Area level, double ceilingMm, boolean capped) {

    /** @param height over the floor, over the plan */
    public record Piece(Area plan, Plane height) {}

    public UnderSlopes {
        pieces = List.copyOf(pieces);
    }

    /** That of a room of the model; one without floor where nothing closes round it, or over it. */
    public record Of(ElementId room) implements Key<UnderSlopes> {
        @Override
        public UnderSlopes from(Reads reads) {
            Building building = Building.in(reads);
            if (!(building.model().find(room) instanceof Room r)
                    || r.isOpenToSky()
                    || !(Rooms.in(building).of(r) instanceof RoomSpace space))
                return new UnderSlopes(List.of(), Area.NONE, 0, false);
            return of(r, space, building);
        }
    }

    private static UnderSlopes of(Room room, RoomSpace space, Building building) {
        double floor = building.space(room.storey()).levelMm();
        List<Piece> pieces = new ArrayList<>();
        Area left = space.net();
        for (Roof roof : building.model().all(Roof.class)) {
            if (!roof.storey().equals(room.storey())
                    || !roof.stays()
                    || !(roof.under() instanceof Roof.ItsUnderside)
                    || !(building.get(new JoinedRoof.Of(roof.id())) instanceof JoinedRoof joined)) continue;
            for (RoofShape.Face f : joined.shape().faces()) {
                if (!f.plan().bounds().meets(left.isEmpty() ? f.plan().bounds() : left.bounds())) continue;
                Area under = left.and(f.plan());
                if (under.mm2() < Tolerance.SLIVER_MM2) continue;
                pieces.add(new Piece(under, joined.built().underside(f).raised(-floor)));
                left = left.minus(f.plan());
            }
        }
        double ceiling = room.ceilingMm(building.space(room.storey()));
        if (room.isUnderSlopesOfItsOwn())
            return lower(
                    building.get(new RoomCeiling.Of(room.id())), pieces, left, floor, building.space(room.storey()));
        boolean capped = room.ceiling() instanceof Rise.Fixed || room.above() instanceof Room.LevelCeiling;
        return new UnderSlopes(pieces, left, ceiling, capped);
    }

    /** Under the lower of its own ceiling and of what stands over that: a slope of the roof, or the structure above. */
    private static UnderSlopes lower(
            RoomCeiling ceiling, List<Piece> slopes, Area level, double floor, StoreySpace on) {
        List<Piece> over = new ArrayList<>(slopes);
        if (!level.isEmpty()) over.add(new Piece(level, Plane.level(on.headMm())));
        List<Piece> lower = new ArrayList<>();
        for (RoomCeiling.Face face : ceiling.faces()) {
            Plane own = face.under().raised(-floor);
            for (Piece p : over) {
                Area both = p.plan().and(face.plan());
                Area under = both.over(p.height().minus(own)), past = both.minus(under);
                if (under.mm2() > Tolerance.SLIVER_MM2) lower.add(new Piece(under, own));
                if (past.mm2() > Tolerance.SLIVER_MM2) lower.add(new Piece(past, p.height()));
            }
        }
        return new UnderSlopes(lower, Area.NONE, 0, false);
    }

    /** Whether any of it lies under a slope. */
    public boolean isSloped() {
        return !pieces.isEmpty();
    }

    /** What lies under one slope, or under none, as far down as it really is: under the level ceiling where that is lower. */
    public List<Piece> ceilings() {
        List<Piece> ceilings = new ArrayList<>();
        Area flat = level;
        for (Piece p : pieces) {
            Area past = capped ? p.plan().over(p.height().raised(-ceilingMm)) : Area.NONE;
            Area under = past.isEmpty() ? p.plan() : p.plan().minus(past);
            if (under.mm2() > Tolerance.SLIVER_MM2) ceilings.add(new Piece(under, p.height()));
            if (!past.isEmpty()) flat = Area.union(List.of(flat, past));
        }
        if (flat.mm2() > Tolerance.SLIVER_MM2) ceilings.add(new Piece(flat, Plane.level(ceilingMm)));
        return ceilings;
    }

    /** What of its floor has at least so much height over it, square millimetres. */
    public double mm2Over(double heightMm) {
        double sum = ceilingMm >= heightMm ? level.mm2() : 0;
        if (capped && ceilingMm < heightMm) return sum;
        for (Piece p : pieces)
            sum += p.plan().over(p.height().raised(-heightMm)).mm2();
        return sum;
    }

    /** Cubic millimetres. */
    public double volumeMm3() {
        double sum = level.mm2() * ceilingMm;
        for (Piece p : pieces) {
            Area under = p.plan(), high = Area.NONE;
            if (capped) {
                high = p.plan().over(p.height().raised(-ceilingMm));
                under = p.plan().minus(high);
                sum += high.mm2() * ceilingMm;
            }
            sum += under.mm2() * p.height().at(under.centroid());
        }
        return sum;
    }

    /** The lines along which it is just so high. */
    public List<List<Vec>> at(double heightMm) {
        List<Area> high = new ArrayList<>(), all = new ArrayList<>();
        for (Piece p : pieces) {
            high.add(p.plan().over(p.height().raised(-heightMm)));
            all.add(p.plan());
        }
        Area over = Area.union(high);
        if (over.isEmpty()) return List.of();
        return Area.union(all).grown(-Tolerance.SAME_MM - 1).inside(over.rings());
    }
}
