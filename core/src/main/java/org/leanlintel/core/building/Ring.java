package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.Stretch.Walked;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;

/**
 * What one walks along without ever crossing a line, the lines to the right: the edge of a face of the planar graph of
 * set-out lines. Lines that are walked along both ways lead nowhere, or to something that lies inside; they do not count.
 *
 * @param shell round what is enclosed, counter-clockwise; null where this runs round walls from outside
 * @param islands round what lies within, or round the walls from outside, clockwise
 */
record Ring(ElementId storey, @Nullable List<Vec> shell, List<List<Vec>> islands) {

    Ring {
        islands = List.copyOf(islands);
    }

    /** What stretches walked along one after another amount to. */
    static Ring of(ElementId storey, List<Walked> walked) {
        Set<Walked> all = new HashSet<>(walked);
        List<Vec> shell = null;
        List<List<Vec>> islands = new ArrayList<>();
        for (List<Vec> loop :
                loops(walked.stream().filter(w -> !all.contains(w.back())).toList())) {
            double twice = twiceSigned(loop);
            if (twice > 0) shell = loop;
            else if (twice < 0) islands.add(loop);
        }
        return new Ring(storey, shell, islands);
    }

    /** Closed lines without a point that they come to twice. */
    private static List<List<Vec>> loops(List<Walked> walked) {
        List<List<Vec>> loops = new ArrayList<>();
        List<Walked> path = new ArrayList<>();
        Map<Vertex, Integer> at = new HashMap<>();
        for (Walked w : walked) {
            at.put(w.from(), path.size());
            path.add(w);
            Integer start = at.get(w.to());
            if (start == null) continue;
            List<Walked> closed = path.subList(start, path.size());
            List<Vec> loop = new ArrayList<>();
            for (Walked c : closed) {
                loop.addAll(c.line().subList(0, c.line().size() - 1));
                at.remove(c.from());
            }
            closed.clear();
            loops.add(loop);
        }
        return loops;
    }

    private static double twiceSigned(List<Vec> loop) {
        double twice = 0;
        Vec origin = loop.getFirst();
        for (int i = 1; i + 1 < loop.size(); i++)
            twice += loop.get(i).minus(origin).cross(loop.get(i + 1).minus(origin));
        return twice;
    }

    /** Islands that lie alone: round which this runs from outside. */
    List<List<Vec>> alone() {
        return shell == null ? islands : List.of();
    }

    /**
     * What it encloses, less what lies within.
     *
     * @param others that may lie within, each alone
     */
    Area face(List<List<Vec>> others) {
        if (shell == null) throw new IllegalStateException("Nothing is enclosed");
        Area whole = Area.of(shell);
        Bounds bounds = Bounds.of(shell);
        Set<Vertex> corners = shell.stream().map(Vertex::of).collect(Collectors.toSet());
        List<List<Vec>> inside = new ArrayList<>(islands);
        for (List<Vec> island : others) {
            Vec first = island.getFirst();
            if (!corners.contains(Vertex.of(first)) && bounds.covers(first) && whole.covers(first)) inside.add(island);
        }
        return Area.of(shell, inside.size() < 2 ? inside : outermost(inside));
    }

    private static List<List<Vec>> outermost(List<List<Vec>> islands) {
        List<Area> areas = islands.stream().map(Area::of).toList();
        List<List<Vec>> outermost = new ArrayList<>();
        for (int i = 0; i < islands.size(); i++) {
            boolean within = false;
            for (int j = 0; j < islands.size() && !within; j++)
                within = i != j
                        && areas.get(j).mm2() > areas.get(i).mm2()
                        && areas.get(j).covers(islands.get(i).getFirst());
            if (!within) outermost.add(islands.get(i));
        }
        return outermost;
    }
}
