package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.function.Predicate;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Relations.WallEndRef;
import org.leanlintel.core.model.Wall;

/**
 * What the set-out lines of a storey's walls enclose: the faces of their planar graph. Lines meet at corners and where a
 * wall stands on another, so each is parted there.
 */
final class RoomFaces {

    private final Building building;
    private final Predicate<Wall> parts;

    private RoomFaces(Building building, Predicate<Wall> parts) {
        this.building = building;
        this.parts = parts;
    }

    /** @param parts which walls part rooms */
    static List<Area> of(Building building, ElementId storey, Predicate<Wall> parts) {
        return new RoomFaces(building, parts)
                .of(building.model().relations().wallsOf(storey).stream()
                        .map(w -> building.strip(w.id()))
                        .filter(Objects::nonNull)
                        .toList());
    }

    /** What those walls enclose that may lie within some bounds. */
    static List<Area> within(Building building, Bounds bounds, ElementId storey, Predicate<Wall> parts) {
        return new RoomFaces(building, parts).of(building.near(bounds, storey));
    }

    private List<Area> of(List<Strip> strips) {
        return Area.enclosedBy(strips.stream()
                .filter(s -> parts.test(s.wall()))
                .map(this::line)
                .toList());
    }

    /** A place along a wall where another's line meets it. */
    private record Node(double s, Vec at) {}

    private List<Vec> line(Strip strip) {
        List<Node> nodes = new ArrayList<>(List.of(
                new Node(0, strip.axis().start()),
                new Node(strip.length(), strip.axis().end())));
        for (WallEndRef ref : building.model().relations().endsOn(strip.wall().id())) {
            Strip standing = building.strip(ref.wall().id());
            if (standing == null || !parts.test(ref.wall())) continue;
            Vec at = standing.axis().at(ref.end());
            nodes.add(new Node(strip.axis().s(at), at));
        }
        nodes.sort(Comparator.comparingDouble(Node::s));
        List<Vec> line = new ArrayList<>(List.of(nodes.getFirst().at()));
        for (int i = 1; i < nodes.size(); i++) {
            for (double s : strip.steps(nodes.get(i - 1).s(), nodes.get(i).s())) line.add(strip.at(s, 0));
            line.add(nodes.get(i).at());
        }
        return line;
    }
}
