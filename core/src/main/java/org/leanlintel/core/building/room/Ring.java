package org.leanlintel.core.building.room;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.leanlintel.core.building.room.Stretch.Walked;
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
record Ring(ElementId storey, @Nullable Loop shell, List<Loop> islands) {

    /** A closed line, without a point that it comes to twice. @param walls along it, in its order */
    record Loop(List<Vec> line, List<ElementId> walls) {

        Loop {
            line = List.copyOf(line);
            walls = List.copyOf(walls);
        }

        private static Loop of(List<Walked> closed) {
            List<Vec> line = new ArrayList<>();
            Set<ElementId> walls = new LinkedHashSet<>();
            for (Walked w : closed) {
                line.addAll(w.line().subList(0, w.line().size() - 1));
                walls.add(w.stretch().wall());
            }
            return new Loop(line, List.copyOf(walls));
        }

        Area area() {
            return Area.of(line);
        }
    }

    Ring {
        islands = List.copyOf(islands);
    }

    /** What stretches walked along one after another amount to. */
    static Ring of(ElementId storey, List<Walked> walked) {
        Set<Walked> all = new HashSet<>(walked);
        Loop shell = null;
        List<Loop> islands = new ArrayList<>();
        for (Loop loop :
                loops(walked.stream().filter(w -> !all.contains(w.back())).toList())) {
            double twice = twiceSigned(loop.line());
            if (twice > 0) shell = loop;
            else if (twice < 0) islands.add(loop);
        }
        return new Ring(storey, shell, islands);
    }

    private static List<Loop> loops(List<Walked> walked) {
        List<Loop> loops = new ArrayList<>();
        List<Walked> path = new ArrayList<>();
        Map<Vertex, Integer> at = new HashMap<>();
        for (Walked w : walked) {
            at.put(w.from(), path.size());
            path.add(w);
            Integer start = at.get(w.to());
            if (start == null) continue;
            List<Walked> closed = path.subList(start, path.size());
            closed.forEach(c -> at.remove(c.from()));
            loops.add(Loop.of(closed));
            closed.clear();
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
    List<Loop> alone() {
        return shell == null ? islands : List.of();
    }

    /**
     * What it encloses, less what lies within.
     *
     * @param others that may lie within, each alone
     */
    Area face(List<Loop> others) {
        if (shell == null) throw new IllegalStateException("Nothing is enclosed");
        Area whole = shell.area();
        Bounds bounds = Bounds.of(shell.line());
        Set<Vertex> corners = shell.line().stream().map(Vertex::of).collect(Collectors.toSet());
        List<Loop> inside = new ArrayList<>(islands);
        for (Loop island : others) {
            Vec first = island.line().getFirst();
            if (!corners.contains(Vertex.of(first)) && bounds.covers(first) && whole.covers(first)) inside.add(island);
        }
        List<Loop> holes = inside.size() < 2 ? inside : outermost(inside);
        return Area.of(shell.line(), holes.stream().map(Loop::line).toList());
    }

    private static List<Loop> outermost(List<Loop> islands) {
        List<Area> areas = islands.stream().map(Loop::area).toList();
        List<Loop> outermost = new ArrayList<>();
        for (int i = 0; i < islands.size(); i++) {
            boolean within = false;
            for (int j = 0; j < islands.size() && !within; j++)
                within = i != j
                        && areas.get(j).mm2() > areas.get(i).mm2()
                        && areas.get(j).covers(islands.get(i).line().getFirst());
            if (!within) outermost.add(islands.get(i));
        }
        return outermost;
    }
}
