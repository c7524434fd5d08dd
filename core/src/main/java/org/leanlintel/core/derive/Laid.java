package org.leanlintel.core.derive;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.leanlintel.core.geometry.Bounds;
import org.pcollections.HashPMap;
import org.pcollections.HashTreePMap;
import org.pcollections.HashTreePSet;
import org.pcollections.MapPSet;

/**
 * A spread as it lies in one model. Immutable.
 *
 * @param there what lies in each cell
 * @param cells where each lies that lies anywhere
 * @param moving what may lie elsewhere by now
 * @param grounds that its members were worked out from: it lies so only as these do
 */
record Laid(
        HashPMap<Cell, MapPSet<Member<?>>> there,
        HashPMap<Member<?>, List<Cell>> cells,
        MapPSet<Member<?>> moving,
        Grounds grounds) {

    /** A spread and one of its cells, as something that can be read. */
    record Spot(Spread<?> spread, Cell cell) {}

    static final Laid EMPTY = new Laid(HashTreePMap.empty(), HashTreePMap.empty(), HashTreePSet.empty(), Grounds.NONE);

    /** All cells that bounds meet and something lies in. */
    List<Cell> cells(Bounds bounds) {
        return there.keySet().stream().filter(c -> c.isIn(bounds)).toList();
    }

    MapPSet<Member<?>> in(Cell cell) {
        MapPSet<Member<?>> found = there.get(cell);
        return found == null ? HashTreePSet.empty() : found;
    }

    Laid moving(Collection<Member<?>> members) {
        return moving.containsAll(members) ? this : new Laid(there, cells, moving.plusAll(members), grounds);
    }

    /** With nothing moving. @param also what its members were worked out from */
    Laid settled(Grounds also) {
        return new Laid(there, cells, HashTreePSet.empty(), grounds.and(also));
    }

    /** With a member lying in other cells. @param altered takes those it came into or left */
    Laid with(Member<?> member, Collection<Cell> now, Collection<Cell> altered) {
        List<Cell> before = cells.get(member);
        Set<Cell> left = new HashSet<>(before == null ? List.of() : before), entered = new HashSet<>(now);
        if (left.equals(entered)) return this;
        HashPMap<Cell, MapPSet<Member<?>>> next = there;
        for (Cell c : left) {
            if (entered.remove(c)) continue;
            MapPSet<Member<?>> rest = in(c).minus(member);
            next = rest.isEmpty() ? next.minus(c) : next.plus(c, rest);
            altered.add(c);
        }
        for (Cell c : entered) {
            MapPSet<Member<?>> others = next.get(c);
            next = next.plus(c, (others == null ? HashTreePSet.<Member<?>>empty() : others).plus(member));
            altered.add(c);
        }
        List<Cell> all = new ArrayList<>(now);
        return new Laid(next, all.isEmpty() ? cells.minus(member) : cells.plus(member, all), moving, grounds);
    }
}
