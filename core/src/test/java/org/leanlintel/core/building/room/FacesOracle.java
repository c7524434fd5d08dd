package org.leanlintel.core.building.room;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.leanlintel.core.building.Building;
import org.leanlintel.core.geometry.Vec;
import org.leanlintel.core.model.ElementId;
import org.leanlintel.core.model.Wall;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/** What the set-out lines of a storey enclose, found by a library from all of them at once. */
public final class FacesOracle {

    private FacesOracle() {}

    /** Tens of square millimetres and how many holes. */
    private record Face(long tens, int holes) {}

    /** The faces that are walked round one by one are the same. */
    public static void assertFaces(Building building, ElementId storey) {
        for (Parting parting : Parting.values())
            assertThat(walked(building, storey, parting))
                    .as("faces of %s", parting)
                    .containsExactlyInAnyOrderElementsOf(polygonized(building, storey, parting));
    }

    private static List<Face> walked(Building building, ElementId storey, Parting parting) {
        return building.get(new FacesAlong.Of(storey, parting)).stream()
                .filter(a -> a.mm2() > 100)
                .map(a -> new Face(Math.round(a.mm2() / 10), a.rings().size() - 1))
                .toList();
    }

    private static List<Face> polygonized(Building building, ElementId storey, Parting parting) {
        Polygonizer polygonizer = new Polygonizer();
        GeometryFactory jts = new GeometryFactory();
        Map<Vertex, Coordinate> known = new HashMap<>();
        for (Wall w : building.model().relations().wallsOf(storey))
            for (Stretch s : building.get(new Stretch.Of(w.id(), parting))) {
                List<Coordinate> line = new ArrayList<>();
                for (Vec p : s.line()) line.add(new Coordinate(p.x(), p.y()));
                line.set(0, at(s.line().getFirst(), known));
                line.set(line.size() - 1, at(s.line().getLast(), known));
                polygonizer.add(jts.createLineString(line.toArray(Coordinate[]::new)));
            }
        List<Face> faces = new ArrayList<>();
        for (Object found : (Collection<?>) polygonizer.getPolygons()) {
            Polygon p = (Polygon) found;
            if (p.getArea() > 100) faces.add(new Face(Math.round(p.getArea() / 10), p.getNumInteriorRing()));
        }
        return faces;
    }

    /** The same for all points that are one. */
    private static Coordinate at(Vec point, Map<Vertex, Coordinate> known) {
        return known.computeIfAbsent(Vertex.of(point), v -> new Coordinate(point.x(), point.y()));
    }
}
