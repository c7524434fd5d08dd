package org.leanlintel.core.building.room;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.room.Stretch.Walked;
import org.leanlintel.core.derive.Cell;
import org.leanlintel.core.derive.Member;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.derive.Spread;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.model.Element;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Wall;

/**
 * The rings along a wall, of those that run along several walls the ones of which it is the first in the order of ids. It
 * lies where those of them lie that run round an island.
 */
record RingsAlong(ElementId wall, Parting parting) implements Member<List<Ring>>, Comparable<RingsAlong> {

    /** Islands by where they lie. */
    record Islands(Parting parting) implements Spread<RingsAlong> {

        @Override
        public Collection<RingsAlong> members(Element element) {
            return element instanceof Wall w ? List.of(new RingsAlong(w.id(), parting)) : List.of();
        }
    }

    @Override
    public List<Ring> from(Reads reads) {
        List<Stretch> stretches = reads.get(new Stretch.Of(wall, parting));
        if (stretches.isEmpty()) return List.of();
        ElementId storey = reads.model().get(wall, Wall.class).storey();
        List<Ring> rings = new ArrayList<>();
        Set<Walked> done = new LinkedHashSet<>();
        for (Stretch s : stretches)
            for (boolean forward : new boolean[] {false, true}) {
                Walked first = new Walked(s, forward);
                List<Walked> walked = done.contains(first) ? null : walk(first, storey, reads);
                if (walked == null) continue;
                done.addAll(walked);
                Ring ring = Ring.of(storey, walked);
                if (ring.shell() != null || !ring.islands().isEmpty()) rings.add(ring);
            }
        return List.copyOf(rings);
    }

    /** All that is walked along before one is back; null where one of that comes before the first. */
    private @Nullable List<Walked> walk(Walked first, ElementId storey, Reads reads) {
        Set<Walked> walked = new LinkedHashSet<>();
        for (Walked w = first; walked.add(w); w = Stretch.From.after(w, storey, parting, reads))
            if (w.compareTo(first) < 0) return null;
        return List.copyOf(walked);
    }

    @Override
    public Spread<?> spread() {
        return new Islands(parting);
    }

    @Override
    public Collection<Cell> cells(List<Ring> rings) {
        Set<Cell> cells = new LinkedHashSet<>();
        for (Ring r : rings) for (Ring.Loop island : r.alone()) cells.addAll(Cell.of(Bounds.of(island.line())));
        return cells;
    }

    @Override
    public int compareTo(RingsAlong other) {
        return wall.compareTo(other.wall);
    }
}
