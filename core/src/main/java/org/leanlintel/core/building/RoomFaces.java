package org.leanlintel.core.building;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import org.leanlintel.core.geometry.Area;
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
        RoomFaces faces = new RoomFaces(building, parts);
        List<List<Vec>> lines = new ArrayList<>();
        for (Wall wall : building.model().relations().wallsOf(storey)) {
            Strip strip = building.strip(wall.id());
            if (strip != null && parts.test(wall)) lines.add(faces.line(strip));
        }
        return Area.enclosedBy(lines);
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
