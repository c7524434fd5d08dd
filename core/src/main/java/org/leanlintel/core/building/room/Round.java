package org.leanlintel.core.building.room;

import java.util.ArrayList;
import java.util.List;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.building.WallSolid;
import org.leanlintel.core.building.join.Strip;
import org.leanlintel.core.derive.Key;
import org.leanlintel.core.derive.Reads;
import org.leanlintel.core.geometry.Area;
import org.leanlintel.core.geometry.Bounds;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Post;
import org.leanlintel.core.model.RoomLimit;
import org.leanlintel.core.model.Wall;

/**
 * All that decides what a face of a storey's set-out lines amounts to as rooms.
 *
 * @param parting walls that part rooms, in the order of ids
 * @param standing other walls that take floor
 * @param limits lines that part rooms besides walls
 * @param voids rings of what is open through the floor
 */
record Round(
        ElementId storey,
        Area face,
        List<WallSolid> parting,
        List<WallSolid> standing,
        List<List<Vec>> posts,
        List<List<Vec>> limits,
        List<List<Vec>> voids) {

    /** How far a room limit runs on to meet what lies past its ends. */
    private static final double RUNS_ON_MM = 300;

    /** Of each face along a wall. */
    record Along(ElementId wall) implements Key<List<Round>> {

        @Override
        public List<Round> from(Reads reads) {
            List<Area> faces = reads.get(new FacesAlong(wall, Parting.ROOMS));
            if (faces.isEmpty()) return List.of();
            ElementId storey = reads.model().get(wall, Wall.class).storey();
            return faces.stream().map(face -> of(storey, face, reads)).toList();
        }
    }

    private static Round of(ElementId storey, Area face, Reads reads) {
        Building building = Building.in(reads);
        Bounds bounds = face.bounds();
        List<WallSolid> parting = new ArrayList<>(), standing = new ArrayList<>();
        for (Strip strip : building.near(bounds, storey)) {
            WallSolid solid = building.solid(strip.wall().id());
            if (solid == null || !solid.bounds().meets(bounds)) continue;
            if (Parting.ROOMS.parts(strip.wall(), building)) parting.add(solid);
            else if (strip.wall().stays()
                    && building.space(storey).footMm(strip.wall().rise()) <= 0) standing.add(solid);
        }
        Model model = building.model();
        List<List<Vec>> posts = model.relations().postsOf(storey).stream()
                .filter(Post::stays)
                .map(Post::corners)
                .toList();
        List<List<Vec>> limits = model.all(RoomLimit.class).stream()
                .filter(l -> l.storey().equals(storey))
                .map(Round::runningOn)
                .toList();
        List<List<Vec>> voids = FloorAreas.openings(building, storey).ringsWithoutHoles();
        return new Round(
                storey,
                face,
                List.copyOf(parting),
                List.copyOf(standing),
                meeting(posts, bounds),
                meeting(limits, bounds),
                meeting(voids, bounds));
    }

    private static List<List<Vec>> meeting(List<List<Vec>> lines, Bounds bounds) {
        return lines.stream().filter(l -> Bounds.of(l).meets(bounds)).toList();
    }

    private static List<Vec> runningOn(RoomLimit limit) {
        Vec way = limit.to().minus(limit.from()).unit();
        return List.of(limit.from().along(way, -RUNS_ON_MM), limit.to().along(way, RUNS_ON_MM));
    }

    /** Walls that lie round it or near it, in the order of ids. */
    List<WallSolid> solids() {
        List<WallSolid> all = new ArrayList<>(parting);
        all.addAll(standing);
        all.sort((a, b) -> a.strip().wall().id().compareTo(b.strip().wall().id()));
        return all;
    }
}
