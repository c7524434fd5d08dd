package org.leanlintel.core.building.room;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.derive.Cell;
import org.leanlintel.core.derive.Member;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.derive.Spread;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Tolerance;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Wall;

/** The closed areas in the faces along a wall ({@link FacesAlong}). */
record RoomsAlong(ElementId wall) implements Member<List<RoomSpace>>, Comparable<RoomsAlong> {

    /** Closed areas of all storeys by where they lie. */
    enum Everywhere implements Spread<RoomsAlong> {
        ALL;

        @Override
        public Collection<RoomsAlong> members(Element element) {
            return element instanceof Wall w ? List.of(new RoomsAlong(w.id())) : List.of();
        }

        @Override
        public boolean isLaborious() {
            return true;
        }
    }

    @Override
    public List<RoomSpace> from(Reads reads) {
        List<RoomSpace> spaces = new ArrayList<>();
        List<Closing> faces = reads.get(new Closing.Along(wall));
        for (int i = 0; i < faces.size(); i++) add(i, faces.get(i), spaces);
        return List.copyOf(spaces);
    }

    /** What the walls that part rooms leave of a face, cut by limits; then what stands on the floor, or is open through it, is taken out. */
    private void add(int face, Closing of, List<RoomSpace> spaces) {
        Area standing = Area.union(of.standing());
        for (Area part : of.face().minus(Area.union(of.parting())).parts()) {
            for (Area closed : part.splitBy(of.limits())) {
                Area net = standing.isEmpty() ? closed : closed.minus(standing);
                if (net.mm2() >= Tolerance.LEAST_ROOM_MM2)
                    spaces.add(new RoomSpace(wall, face, spaces.size(), of, closed, net));
            }
        }
    }

    @Override
    public Spread<?> spread() {
        return Everywhere.ALL;
    }

    @Override
    public Collection<Cell> cells(List<RoomSpace> spaces) {
        Set<Cell> cells = new LinkedHashSet<>();
        for (RoomSpace s : spaces) cells.addAll(Cell.of(s.reach()));
        return cells;
    }

    @Override
    public int compareTo(RoomsAlong other) {
        return wall.compareTo(other.wall);
    }
}
